<?php

declare(strict_types=1);

namespace Lento\Eye;

/**
 * How one cook's eye leans and scatters, from what it has read.
 *
 * The mean of the errors, and their standard deviation drawn towards the house's as if the house had read five times: a few good readings
 * make no good eye. The bands hold eight in ten, by the normal law; below five readings nothing is said of a lean.
 */
final readonly class CooksEye
{
    public const FEWEST = 5;

    /** Readings that the house's figure is worth. */
    private const PRIOR = 5.0;

    /** Normal quantile of a band of eight in ten. */
    private const EIGHT_IN_TEN = 1.2816;

    /**
     * @param float $lean of a reading: too thick, too dark or too deep where more than nothing; 0 where too little is known
     * @param float $scatter standard deviation about that
     * @param float $band half of the band about the lean
     */
    private function __construct(
        public EyeKind $kind,
        public int $readings,
        public float $lean,
        public float $scatter,
        public float $band,
        public int $within,
    ) {}

    /** @param list<EyeCall> $calls of any kind; those of this one count */
    public static function of(EyeKind $kind, array $calls): self
    {
        $errors = array_values(array_map(
            static fn(EyeCall $call): float => $call->error,
            array_filter($calls, static fn(EyeCall $call): bool => $call->kind === $kind),
        ));
        $count = count($errors);
        $house = $kind->houseScatter();
        if ($count === 0) {
            return new self($kind, 0, 0.0, $house, self::EIGHT_IN_TEN * $house, 0);
        }
        $mean = array_sum($errors) / $count;
        $squares = array_sum(array_map(static fn(float $error): float => ($error - $mean) ** 2, $errors));
        $scatter = sqrt(($squares + self::PRIOR * $house ** 2) / (max(0, $count - 1) + self::PRIOR));
        $within = count(array_filter($errors, static fn(float $error): bool => abs($error) <= self::EIGHT_IN_TEN * $house));

        return new self(
            $kind,
            $count,
            $count < self::FEWEST ? 0.0 : $mean,
            $scatter,
            self::EIGHT_IN_TEN * $scatter / sqrt($count),
            $within,
        );
    }

    /** Whether enough is known to say that it leans. */
    public function leans(): bool
    {
        return $this->readings >= self::FEWEST && abs($this->lean) > $this->band;
    }

    /** @return float standard deviation of one reading of this eye, its lean taken off; the house's while too little is known */
    public function error(): float
    {
        return $this->readings < self::FEWEST ? $this->kind->houseScatter() : $this->scatter;
    }

    /** @return float what such a reading most likely was */
    public function believed(float $called): float
    {
        if (!$this->leans()) {
            return $called;
        }

        return $this->kind === EyeKind::Shade ? max(0.0, $called - $this->lean) : $called * exp(-$this->lean);
    }
}
