<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Exception\OutOfRange;

/** What one pot says of one of the kitchen's figures: observed over the house figure, and how sure that is. */
final readonly class Observation
{
    /** A belief that has narrowed by less than this share of its precision has learnt nothing. */
    private const NOTHING = 1e-3;

    /** Of the logarithm: twentyfold. */
    private const FURTHEST = 3.0;

    /**
     * @param float $ratio observed over the house figure, > 0
     * @param float $error standard deviation of its logarithm, > 0
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public float $ratio, public float $error)
    {
        OutOfRange::refuse('ratio', $ratio, 0.0, 1e6, '');
        OutOfRange::refuse('error', $error, 0.0, 1e6, '');
    }

    /** The same, as far as it can be believed. */
    public function boundedBy(float $least, float $most): self
    {
        return new self(max($least, min($most, $this->ratio)), $this->error);
    }

    public function noSurerThan(float $error): self
    {
        return new self($this->ratio, max($error, $this->error));
    }

    /** All that came in between two beliefs, as one observation: the conjugate update turned round. Null where nothing did. */
    public static function between(Factor $before, Factor $after): ?self
    {
        $precision = 1.0 / $after->deviation ** 2 - 1.0 / $before->deviation ** 2;
        if ($precision <= self::NOTHING / $before->deviation ** 2) {
            return null;
        }
        $mean = (log($after->value) / $after->deviation ** 2 - log($before->value) / $before->deviation ** 2) / $precision;

        // What was read on the ratio comes in by steps that no single observation makes: of a next to nothing it may seem to say anything.
        return new self(exp(max(-self::FURTHEST, min(self::FURTHEST, $mean))), 1.0 / sqrt($precision));
    }
}
