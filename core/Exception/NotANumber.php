<?php

declare(strict_types=1);

namespace Lento\Exception;

use InvalidArgumentException;

/** A text that should be a kitchen number (2, 0.5, 1 1/2, ¾) and is not. */
final class NotANumber extends InvalidArgumentException implements LentoException
{
    private const LONGEST = 40;

    private function __construct(public readonly string $text)
    {
        parent::__construct($text);
    }

    public static function text(string $text): self
    {
        return new self(mb_substr($text, 0, self::LONGEST));
    }

    public function about(): string
    {
        return 'number';
    }
}
