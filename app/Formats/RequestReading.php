<?php

declare(strict_types=1);

namespace App\Formats;

use Lento\Compose\Question;

/** A request file as far as it could be read: a question, or one line per fault. */
final readonly class RequestReading
{
    /** @param list<string> $messages */
    private function __construct(public ?Question $question, public array $messages) {}

    public static function whole(Question $question): self
    {
        return new self($question, []);
    }

    /** @param list<string> $messages */
    public static function refused(array $messages): self
    {
        return new self(null, $messages);
    }
}
