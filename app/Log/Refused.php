<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Typed\FieldFault;
use RuntimeException;

/** A log file that is not taken in: at which line, and what is wrong there. */
final class Refused extends RuntimeException
{
    private function __construct(string $message)
    {
        parent::__construct($message);
    }

    public static function at(int $line, string $what): self
    {
        return new self(Words::text('log.file.line', line: $line, what: $what));
    }

    public static function fault(int $line, string $field, FieldFault $fault): self
    {
        return self::at($line, $fault->message($field));
    }

    public static function whole(string $what): self
    {
        return new self($what);
    }
}
