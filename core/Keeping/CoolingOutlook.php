<?php

declare(strict_types=1);

namespace Lento\Keeping;

use DateTimeImmutable;
use DateTimeZone;
use Lento\Numerics\Curve;
use Lento\Quantity\Temperature;

/**
 * Where a sauce that cools is now and when it will be how cold, from where it stood and what was read.
 *
 * The law (Cooling) has a factor of its own for each tub: its fridge is crowded, its lid is on. What is believed of that factor before
 * anything is read, and how far each reading is from the law, are weighed together on a ladder of factors; from the last reading on the
 * law goes on with each. Likely is the middle of them, the band holds eight in ten.
 */
final readonly class CoolingOutlook
{
    /** ln: heat transfer is known to a third either way (docs/model.md, H). */
    private const KNOWN = 0.3;

    /** °C that a reading in the middle of a sauce may be off: the probe, and where it was put. */
    private const READ_WITHIN = 1.5;

    /** °C by which a temperature that nobody read may be off at the start. */
    private const TOLD_WITHIN = 4.0;

    /** Rungs of the ladder, and ln between two of them. */
    private const RUNGS = 61;

    private const RUNG = 0.04;

    /** s between two readings that are weighed. */
    private const APART = 1500;

    /** s after which nothing is foreseen any more. */
    private const FARTHEST = 200_000.0;

    /**
     * @param non-empty-list<Stint> $stints in the order of their times
     * @param array<int, float> $weights by rung, summing to one
     */
    private function __construct(
        private array $stints,
        private CoolingReading $last,
        private bool $isRead,
        private array $weights,
    ) {}

    /**
     * @param non-empty-list<Stint> $stints in the order of their times
     * @param list<CoolingReading> $readings in the order of their times; those that can be believed
     * @param Temperature $put of the sauce when the first stint began, as far as somebody said
     */
    public static function of(array $stints, array $readings, Temperature $put): self
    {
        $start = new CoolingReading($stints[0]->from, $put);
        $readings = self::apart($readings);
        $logs = [];
        for ($rung = 0; $rung < self::RUNGS; $rung++) {
            $factor = self::factor($rung);
            $log = -0.5 * (log($factor) / self::KNOWN) ** 2;
            $before = $start;
            foreach ($readings as $i => $reading) {
                $foreseen = self::from($stints, $before, $factor, $reading->at, $i === 0);
                $spread = $i === 0 ? self::TOLD_WITHIN : M_SQRT2 * self::READ_WITHIN;
                $log -= 0.5 * (($foreseen - $reading->temperature->kelvin) / $spread) ** 2;
                $before = $reading;
            }
            $logs[$rung] = $log;
        }
        $most = max([-INF, ...$logs]);
        $weights = array_map(static fn(float $log): float => exp($log - $most), $logs);
        $sum = array_sum($weights);

        return new self(
            $stints,
            $readings === [] ? $start : $readings[count($readings) - 1],
            $readings !== [],
            array_map(static fn(float $weight): float => $weight / $sum, $weights),
        );
    }

    /**
     * By the law as it stands, from a reading on: what a reading is held against before it is believed.
     *
     * @param non-empty-list<Stint> $stints in the order of their times
     * @param CoolingReading|null $last null where nothing was read yet
     */
    public static function byLaw(array $stints, ?CoolingReading $last, Temperature $put): self
    {
        return new self(
            $stints,
            $last ?? new CoolingReading($stints[0]->from, $put),
            $last !== null,
            [intdiv(self::RUNGS - 1, 2) => 1.0],
        );
    }

    /** The same with a change from a moment on: what would happen then. */
    public function with(Stint $change): self
    {
        $kept = array_values(array_filter($this->stints, static fn(Stint $one): bool => $one->from < $change->from));

        return new self([...$kept, $change], $this->last, $this->isRead, $this->weights);
    }

    /** The same, and after all that one thing more. */
    public function and(Stint $then): self
    {
        return new self([...$this->stints, $then], $this->last, $this->isRead, $this->weights);
    }

    /**
     * In the middle of the sauce.
     *
     * @param float $share of how fast it may cool: 0.1 where only one in ten would cool faster, 0.5 the likely
     */
    public function temperature(DateTimeImmutable $at, float $share = 0.5): Temperature
    {
        return Temperature::ofKelvin(self::from($this->stints, $this->last, $this->factorOf($share), $at, !$this->isRead));
    }

    /**
     * When it gets so cold.
     *
     * @return DateTimeImmutable|null null where it never does, as it stands; the last reading where it is so cold already
     */
    public function reaches(Temperature $to, float $share = 0.5): ?DateTimeImmutable
    {
        $factor = $this->factorOf($share);
        $begin = (float) $this->last->at->format('U.u');
        $zone = $this->last->at->getTimezone();
        $there = fn(float $seconds): bool => self::from(
            $this->stints,
            $this->last,
            $factor,
            self::moment($begin + $seconds, $zone),
            !$this->isRead,
        ) <= $to->kelvin;
        if ($there(0.0)) {
            return $this->last->at;
        }
        if (!$there(self::FARTHEST)) {
            return null;
        }
        [$low, $high] = [0.0, self::FARTHEST];
        while ($high - $low > 1.0) {
            $middle = ($low + $high) / 2.0;
            $there($middle) ? $high = $middle : $low = $middle;
        }

        return self::moment($begin + $high, $zone);
    }

    /** How long it takes from now on, with the margin of safety: a forecast never says "pass" without it. */
    public function meets(Temperature $to, DateTimeImmutable $deadline, DateTimeImmutable $now): bool
    {
        $likely = $this->reaches($to);
        if ($likely === null) {
            return false;
        }
        $ahead = max(0.0, (float) $likely->format('U.u') - (float) $now->format('U.u'));

        return (float) $now->format('U.u') + Cooling::MARGIN * $ahead <= (float) $deadline->format('U.u');
    }

    public function last(): CoolingReading
    {
        return $this->last;
    }

    /** How many times as slow as the law it cools. */
    public function slowness(): float
    {
        return $this->factorOf(0.5);
    }

    /**
     * Of a probe that reads all the time: what lies closer together than its own error says nothing of how fast it cools.
     *
     * @param list<CoolingReading> $readings
     *
     * @return list<CoolingReading>
     */
    private static function apart(array $readings): array
    {
        $apart = [];
        foreach ($readings as $i => $reading) {
            $before = $apart === [] ? null : $apart[count($apart) - 1];
            if ($before !== null && $reading->at->getTimestamp() - $before->at->getTimestamp() < self::APART) {
                if ($i < count($readings) - 1) {
                    continue;
                }
                // The last counts, whatever came just before it.
                count($apart) > 1 ? array_pop($apart) : null;
            }
            $apart[] = $reading;
        }

        return $apart;
    }

    private function factorOf(float $share): float
    {
        $sum = 0.0;
        foreach ($this->weights as $rung => $weight) {
            if ($sum + $weight >= $share) {
                // Between two rungs by the share of this one that is needed.
                return exp(log(self::factor($rung)) + self::RUNG * (($share - $sum) / max(1e-12, $weight) - 0.5));
            }
            $sum += $weight;
        }

        return self::factor(self::RUNGS - 1);
    }

    private static function factor(int $rung): float
    {
        return exp(self::RUNG * ($rung - (self::RUNGS - 1) / 2));
    }

    /**
     * K of the middle at a moment, from a reading on, through each stint that lies between.
     *
     * @param non-empty-list<Stint> $stints
     * @param bool $fresh whether the reading is how it was put there, so that the middle lags behind at first
     */
    private static function from(array $stints, CoolingReading $reading, float $factor, DateTimeImmutable $at, bool $fresh): float
    {
        $kelvin = $reading->temperature->kelvin;
        $now = (float) $reading->at->format('U.u');
        $end = (float) $at->format('U.u');
        foreach ($stints as $i => $stint) {
            $until = isset($stints[$i + 1]) ? min($end, (float) $stints[$i + 1]->from->format('U.u')) : $end;
            if ($until <= $now) {
                continue;
            }
            $lag = $fresh && $i === 0 ? $stint->cooling->lag() : 1.0;
            $share = Curve::clamp($lag * exp(-($until - $now) / ($factor * $stint->cooling->timeConstant()->seconds)), 0.0, 1.0);
            $kelvin = $stint->cooling->surroundings->kelvin + $share * ($kelvin - $stint->cooling->surroundings->kelvin);
            $now = $until;
        }

        return $kelvin;
    }

    private static function moment(float $seconds, DateTimeZone $zone): DateTimeImmutable
    {
        $moment = DateTimeImmutable::createFromFormat('U.u', sprintf('%.6F', $seconds));

        return ($moment === false ? new DateTimeImmutable('@' . (int) $seconds) : $moment)->setTimezone($zone);
    }
}
