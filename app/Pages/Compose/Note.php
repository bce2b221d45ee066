<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use DateTimeImmutable;

/** One line of what was written down at the stove. */
final readonly class Note
{
    public function __construct(public DateTimeImmutable $at, public string $text) {}
}
