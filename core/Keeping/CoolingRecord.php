<?php

declare(strict_types=1);

namespace Lento\Keeping;

use DateTimeImmutable;

/**
 * Thermometer readings against a cooling rule.
 *
 * The clock of a stage starts at the last reading at or above its first temperature: between two readings nobody knows, so the longer
 * time counts. One that begins where another ends starts with the reading that ended that one. A stage is passed by a reading at or
 * below its end in time, failed when the time is up without one.
 */
final readonly class CoolingRecord
{
    /** @param list<CoolingReading> $readings in the order of their times */
    private function __construct(private FoodSafety $rules, private array $readings) {}

    /** @param list<CoolingReading> $readings */
    public static function of(FoodSafety $rules, array $readings): self
    {
        usort($readings, static fn(CoolingReading $a, CoolingReading $b): int => $a->at <=> $b->at);

        return new self($rules, $readings);
    }

    public function verdict(DateTimeImmutable $now): Verdict
    {
        $verdicts = array_map(fn(CoolingStage $stage): Verdict => $this->ofStage($stage, $now), $this->rules->stages);

        return match (true) {
            in_array(Verdict::Failed, $verdicts, true) => Verdict::Failed,
            in_array(Verdict::Open, $verdicts, true) => Verdict::Open,
            default => Verdict::Passed,
        };
    }

    public function ofStage(CoolingStage $stage, DateTimeImmutable $now): Verdict
    {
        return $this->gate($stage, $now)->verdict;
    }

    /** @return non-empty-list<Gate> one for each limit of the rules, in their order */
    public function gates(DateTimeImmutable $now): array
    {
        return array_map(fn(CoolingStage $stage): Gate => $this->gate($stage, $now), $this->rules->stages);
    }

    private function gate(CoolingStage $stage, DateTimeImmutable $now): Gate
    {
        $since = $this->startOf($stage);
        if ($since === null) {
            return new Gate($stage, null, Verdict::Open, null);
        }
        $deadline = $since->getTimestamp() + $stage->within->seconds;
        foreach ($this->readings as $reading) {
            if ($reading->at >= $since && $reading->temperature->kelvin <= $stage->to->kelvin + 1e-9) {
                $inTime = $reading->at->getTimestamp() <= $deadline;

                return new Gate($stage, $since, $inTime ? Verdict::Passed : Verdict::Failed, $reading);
            }
        }

        return new Gate($stage, $since, $now->getTimestamp() > $deadline ? Verdict::Failed : Verdict::Open, null);
    }

    /** Null until a reading starts the clock: warm enough for the first stage, cool enough to have ended the one before. */
    private function startOf(CoolingStage $stage): ?DateTimeImmutable
    {
        if ($this->rules->before($stage) !== null) {
            foreach ($this->readings as $reading) {
                if ($reading->temperature->kelvin <= $stage->from->kelvin + 1e-9) {
                    return $reading->at;
                }
            }

            return null;
        }
        $since = null;
        foreach ($this->readings as $reading) {
            if ($reading->temperature->kelvin < $stage->from->kelvin - 1e-9) {
                return $since ?? $reading->at;
            }
            $since = $reading->at;
        }

        return $since;
    }
}
