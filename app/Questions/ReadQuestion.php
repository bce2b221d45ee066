<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\FieldFault;
use Lento\Compose\Question;

/** A question as far as it could be read: either whole, or with its faults. */
final readonly class ReadQuestion
{
    /** @param list<FieldFault> $faults */
    private function __construct(public ?Question $question, public array $faults) {}

    public static function whole(Question $question): self
    {
        return new self($question, []);
    }

    /** @param non-empty-list<FieldFault> $faults */
    public static function faulty(array $faults): self
    {
        return new self(null, $faults);
    }
}
