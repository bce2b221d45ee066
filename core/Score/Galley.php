<?php

declare(strict_types=1);

namespace Lento\Score;

/** Who and what there is to cook with. */
final readonly class Galley
{
    /**
     * @param list<Cook> $cooks
     * @param list<Ring> $rings
     * @param list<Store> $stores
     */
    public function __construct(public array $cooks, public array $rings, public array $stores) {}
}
