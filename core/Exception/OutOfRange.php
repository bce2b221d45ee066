<?php

declare(strict_types=1);

namespace Lento\Exception;

use DomainException;

/** A number lies outside what the law behind it is valid for. */
final class OutOfRange extends DomainException implements LentoException
{
    /**
     * @param string $quantity what was to be so much, as a key
     * @param float|null $value null where it was no number at all
     * @param float|null $least null where nothing bounds it below
     * @param float|null $most null where nothing bounds it above
     * @param string $unit of all three
     * @param string $of larder id or part it is of, where it is of one of many
     */
    private function __construct(
        public readonly string $quantity,
        public readonly ?float $value,
        public readonly ?float $least,
        public readonly ?float $most,
        public readonly string $unit,
        public readonly string $of = '',
    ) {
        parent::__construct(
            trim(
                sprintf(
                    '%s = %s, not in [%s, %s] %s',
                    trim("{$quantity} {$of}"),
                    self::plain($value),
                    self::plain($least),
                    self::plain($most),
                    $unit,
                ),
            ),
        );
    }

    public static function between(string $quantity, float $value, float $least, float $most, string $unit, string $of = ''): self
    {
        return new self($quantity, $value, $least, $most, $unit, $of);
    }

    /**
     * Nothing, if the number lies within.
     *
     * @throws self if it is no number, or lies outside by more than a rounding
     */
    public static function refuse(string $quantity, float $value, float $least, float $most, string $unit, string $of = ''): void
    {
        // No number is neither.
        if (!($value >= $least - 1e-9 && $value <= $most + 1e-9)) {
            throw is_finite($value)
                ? self::between($quantity, $value, $least, $most, $unit, $of)
                : new self($quantity, null, $least, $most, $unit, $of);
        }
    }

    public static function below(string $quantity, float $value, float $least, string $unit): self
    {
        return new self($quantity, $value, $least, null, $unit);
    }

    public static function notFinite(string $quantity): self
    {
        return new self($quantity, null, null, null, '');
    }

    public function about(): string
    {
        return $this->quantity;
    }

    private static function plain(?float $value): string
    {
        return $value === null ? '-' : rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');
    }
}
