<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** One source of heat as a staff of three lines. */
final readonly class ScoreStaff
{
    /** @param list<string> $lines what the highest, the middle and the lowest line stand for */
    public function __construct(public string $id, public string $name, public string $note, public array $lines) {}
}
