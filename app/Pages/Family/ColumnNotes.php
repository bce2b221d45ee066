<?php

declare(strict_types=1);

namespace App\Pages\Family;

/** What to know and mind of it. */
final readonly class ColumnNotes
{
    /**
     * @param list<string> $cautions
     * @param string $correction what sets it right; '' where its base alone does
     * @param string $allergens
     */
    public function __construct(
        public string $gate,
        public array $cautions,
        public string $correction,
        public string $why,
        public string $allergens,
    ) {}
}
