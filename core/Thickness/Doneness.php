<?php

declare(strict_types=1);

namespace Lento\Thickness;

/** When a thickener counts as cooked. Source: docs/model.md, D and F. */
final readonly class Doneness
{
    /** Raw taste that nobody notices, 0 to 1. */
    public const COOKED_OUT = 0.15;

    /** Up to here it is faint: kitchens serve it, and guests eat it, every day. */
    public const FAINT = 0.35;

    private function __construct() {}
}
