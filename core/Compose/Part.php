<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Plan\When;

/** One line of a formula besides roux and liquid: so much of it for each litre of the finished base. */
final readonly class Part
{
    /** Per litre: more than this is no flavouring any more. */
    public const MOST = 1000.0;

    /**
     * @param string $ingredient larder id, or the name of something counted or too light to weigh in
     * @param float $perLitre g, ml or pieces; 0 leaves it out
     * @param float $usual the house's amount
     * @param bool $optional left out unless the cook asks for it
     */
    private function __construct(
        public string $ingredient,
        public PartMeasure $measure,
        public float $perLitre,
        public When $when,
        public Treatment $treatment,
        public float $usual,
        public bool $optional = false,
    ) {}

    public static function grams(string $ingredient, float $perLitre, When $when, Treatment $treatment): self
    {
        return new self($ingredient, PartMeasure::Grams, $perLitre, $when, $treatment, $perLitre);
    }

    public static function millilitres(string $ingredient, float $perLitre, When $when, Treatment $treatment): self
    {
        return new self($ingredient, PartMeasure::Millilitres, $perLitre, $when, $treatment, $perLitre);
    }

    public static function pieces(string $ingredient, float $perLitre, When $when): self
    {
        return new self($ingredient, PartMeasure::Pieces, $perLitre, $when, Treatment::Flavours, $perLitre);
    }

    /** The same, left out unless the cook asks for it. */
    public function optional(): self
    {
        return new self($this->ingredient, $this->measure, 0.0, $this->when, $this->treatment, $this->usual, true);
    }

    /** @throws OutOfRange outside 0 to 1000 per litre */
    public function of(float $perLitre): self
    {
        if (!is_finite($perLitre) || $perLitre < 0.0 || $perLitre > self::MOST) {
            throw OutOfRange::between(
                'amount-per-litre',
                is_finite($perLitre) ? $perLitre : 0.0,
                0.0,
                self::MOST,
                $this->measure->value . '/l',
                of: $this->ingredient,
            );
        }

        return new self($this->ingredient, $this->measure, $perLitre, $this->when, $this->treatment, $this->usual);
    }

    public function usedWhen(When $when): self
    {
        return new self($this->ingredient, $this->measure, $this->perLitre, $when, $this->treatment, $this->usual, $this->optional);
    }

    public function named(string $ingredient): self
    {
        return new self($ingredient, $this->measure, $this->perLitre, $this->when, $this->treatment, $this->usual, $this->optional);
    }
}
