<?php

declare(strict_types=1);

namespace App\Doors;

use Lento\Pot\HobKind;

/** What was told of a kitchen at its first run; what was skipped is empty. */
final readonly class Told
{
    /**
     * @param array<string, string> $settings
     * @param array{name: string, diameter_mm: int, height_mm: int}|null $pan
     * @param array{name: string, kind: HobKind, power_w: int}|null $ring
     * @param list<string> $cooks
     */
    public function __construct(
        public Owner $owner,
        public array $settings = [],
        public ?array $pan = null,
        public ?array $ring = null,
        public array $cooks = [],
    ) {}
}
