<?php

declare(strict_types=1);

namespace App\Log;

use App\Kitchen\StoredLesson;
use App\Questions\Fault;
use Lento\Compose\Base;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/** What was promised of a pot when it was put on, as its log file has it. */
final readonly class PlanReader
{
    public function __construct(private LineChecks $checks) {}

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    public function plan(array $plan): array
    {
        foreach (['yield_ml' => RecordReader::MOST_MILLILITRES, 'liquid_ml' => RecordReader::MOST_MILLILITRES, 'flour_g' => 100_000.0, 'fat_g' => 100_000.0, 'minutes' => 10_000.0, 'end_depth_mm' => 2000.0, 'flour_equivalent_g_per_l' => 2000.0, 'film_mm' => 100.0] as $name => $most) {
            $this->checks->numberIfThere('plan.' . $name, $plan[$name] ?? null, 0.0, $most);
        }
        foreach (['spoon' => SpoonWord::class, 'class' => ThicknessClass::class] as $name => $enum) {
            if (isset($plan[$name])) {
                $this->checks->choice('plan.' . $name, $plan[$name], $enum);
            }
        }
        $foreseen = isset($plan['foreseen']) ? $this->checks->map('plan.foreseen', $plan['foreseen']) : [];
        foreach (is_array($foreseen['could_be'] ?? null) ? $foreseen['could_be'] : [] as $class) {
            $this->checks->choice('plan.foreseen.could_be', $class, ThicknessClass::class);
        }
        if (isset($plan['factors']) && StoredLesson::factorsOfRow($this->checks->map('plan.factors', $plan['factors'])) === null) {
            $this->checks->refuse('plan.factors', new Fault('', 'shape'));
        }
        $this->checks->known('plan.', $plan, ['yield_ml', 'class', 'flour_equivalent_g_per_l', 'spoon', 'film_mm', 'flour_g', 'fat_g', 'liquid_ml', 'end_depth_mm', 'foreseen', 'factors', 'minutes', 'ladles', 'lines', 'root']);
        if (isset($plan['root'])) {
            $this->checks->choice('plan.root', $plan['root'], Base::class);
        }
        $this->ladles($plan['ladles'] ?? []);
        $this->lines($plan['lines'] ?? []);

        return $plan;
    }

    /** What was to be ladled off a base. */
    private function ladles(mixed $rows): void
    {
        foreach ($this->checks->rows('plan.ladles', $rows) as $i => $ladle) {
            $this->checks->text('for', $ladle, 60, 1, "plan.ladles.{$i}.");
            $this->checks->number("plan.ladles.{$i}.litres", $ladle['litres'] ?? null, 0.0, RecordReader::MOST_MILLILITRES / 1000.0);
            $this->checks->known("plan.ladles.{$i}.", $ladle, ['for', 'litres']);
        }
    }

    /** The steps of a derivative in the words they were promised in. */
    private function lines(mixed $rows): void
    {
        foreach ($this->checks->rows('plan.lines', $rows) as $i => $line) {
            foreach (['title', 'cue', 'caution'] as $name) {
                $this->checks->text($name, $line, RecordReader::LONGEST_TEXT, path: "plan.lines.{$i}.");
            }
            foreach (['most_c', 'least_c'] as $name) {
                $this->checks->numberIfThere("plan.lines.{$i}.{$name}", $line[$name] ?? null, 0.0, 150.0);
            }
            $ticks = $line['ticks'] ?? null;
            if (!is_array($ticks) || !array_is_list($ticks) || array_filter($ticks, static fn(mixed $tick): bool => !is_string($tick) || mb_strlen($tick) > RecordReader::LONGEST_TEXT) !== []) {
                $this->checks->refuse("plan.lines.{$i}.ticks", new Fault('', 'list'));
            }
            $this->checks->known("plan.lines.{$i}.", $line, ['title', 'cue', 'caution', 'ticks', 'most_c', 'least_c']);
        }
    }
}
