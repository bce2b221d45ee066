<?php

declare(strict_types=1);

namespace Lento\Exception;

use InvalidArgumentException;

/** A text that should be a kitchen number (2, 0.5, 1 1/2, ¾) and is not. */
final class NotANumber extends InvalidArgumentException implements LentoException
{
    public static function text(string $text): self
    {
        return new self(sprintf('"%s" is not a number a kitchen writes', mb_substr($text, 0, 40)));
    }
}
