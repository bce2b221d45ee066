<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** A number lies outside what the law behind it is valid for. */
final class OutOfRange extends DomainException implements LentoException
{
    public static function between(string $what, float $value, float $least, float $most, string $unit): self
    {
        return new self(trim(sprintf('%s is %s, but must lie between %s and %s %s', $what, self::plain($value), self::plain($least), self::plain($most), $unit)));
    }

    public static function below(string $what, float $value, float $least, string $unit): self
    {
        return new self(trim(sprintf('%s is %s, but must be at least %s %s', $what, self::plain($value), self::plain($least), $unit)));
    }

    public static function notFinite(string $what): self
    {
        return new self(sprintf('%s is not a finite number', $what));
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');
    }
}
