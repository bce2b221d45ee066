<?php

declare(strict_types=1);

namespace Lento\Larder;

/** What an ingredient does in the pot, so that a reading of a recipe knows where its water belongs. */
enum Role: string
{
    /** Milk, stock, water, tomato: measured as liquid, whole. */
    case Liquid = 'liquid';
    /** Wine and cream: only their water counts as liquid; the rest stays fat, solids and spirit. */
    case Enrichment = 'enrichment';
    case Tomato = 'tomato';
    case Cheese = 'cheese';
    case Egg = 'egg';
    case Vegetable = 'vegetable';
    case Acid = 'acid';
    case Mustard = 'mustard';
    case Seasoning = 'seasoning';
}
