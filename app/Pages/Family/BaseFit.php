<?php

declare(strict_types=1);

namespace App\Pages\Family;

/** How a base suits its service and its kitchen. */
final readonly class BaseFit
{
    /**
     * @param list<string> $suits
     * @param bool $tooMuch for any of the kitchen's pans
     */
    public function __construct(
        public string $why,
        public array $suits,
        public bool $tooMuch,
    ) {}
}
