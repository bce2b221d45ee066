<?php

declare(strict_types=1);

namespace App\Log;

use App\Kitchen\StoredLesson;
use App\Questions\Fault;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

/** How a pot was closed, as its log file has it: what came out, and what it taught. */
final readonly class ClosingReader
{
    public function __construct(private LineChecks $checks) {}

    /**
     * @param array<string, mixed> $outcome
     *
     * @return array<string, mixed>
     */
    public function outcome(array $outcome): array
    {
        $this->checks->number('outcome.volume_ml', $outcome['volume_ml'] ?? null, 0.0, RecordReader::MOST_MILLILITRES);
        $this->checks->choice('outcome.spoon', $outcome['spoon'] ?? null, SpoonWord::class);
        foreach (['taste', 'change'] as $name) {
            if (isset($outcome[$name])) {
                $this->checks->text($name, $outcome, RecordReader::LONGEST_TEXT, path: 'outcome.');
            }
        }
        if (($outcome['colour'] ?? '') !== '') {
            $this->checks->choice('outcome.colour', $outcome['colour'], Colour::class);
        }
        foreach (['hold_ml', 'cool_ml'] as $name) {
            $this->checks->numberIfThere('outcome.' . $name, $outcome[$name] ?? null, 0.0, RecordReader::MOST_MILLILITRES);
        }
        $this->checks->numberIfThere('outcome.flour_equivalent_g_per_l', $outcome['flour_equivalent_g_per_l'] ?? null, 0.0, 2000.0);
        if (isset($outcome['next'])) {
            $next = $this->checks->map('outcome.next', $outcome['next']);
            foreach (['flour_g' => 1e5, 'liquid_ml' => RecordReader::MOST_MILLILITRES] as $name => $most) {
                $this->checks->number('outcome.next.' . $name, $next[$name] ?? null, 0.0, $most);
            }
            foreach (['flour_change', 'liquid_change'] as $name) {
                $this->checks->number('outcome.next.' . $name, $next[$name] ?? null, -1.0, 100.0);
            }
            foreach (['evaporation', 'browning', 'flour_strength'] as $name) {
                $this->checks->numberIfThere('outcome.next.' . $name, $next[$name] ?? null, 0.0, 100.0);
            }
            $this->checks->known('outcome.next.', $next, ['flour_g', 'flour_change', 'liquid_ml', 'liquid_change', 'evaporation', 'browning', 'flour_strength']);
        }
        $this->checks->known('outcome.', $outcome, ['volume_ml', 'spoon', 'colour', 'taste', 'change', 'hold_ml', 'cool_ml', 'flour_equivalent_g_per_l', 'next']);

        return $outcome;
    }

    /**
     * @param array<string, mixed> $lesson
     *
     * @return array<string, mixed>
     */
    public function lesson(array $lesson): array
    {
        $this->checks->number('lesson.pan_mm', $lesson['pan_mm'] ?? null, 20.0, 2000.0);
        if (isset($lesson['ring'])) {
            $this->checks->text('ring', $lesson, 40, path: 'lesson.');
        }
        foreach (['evaporation', 'browning', 'flour'] as $name) {
            foreach (is_array($lesson[$name] ?? null) ? $lesson[$name] : [] as $number) {
                $this->checks->number('lesson.' . $name, $number, 1e-4, 100.0);
            }
        }
        $this->checks->known('lesson.', $lesson, ['pan_mm', 'level', 'heat', 'evaporation', 'browning', 'flour', 'ring']);
        if (StoredLesson::ofRow($lesson) === null) {
            $this->checks->refuse('lesson', new Fault('', 'shape'));
        }

        return $lesson;
    }
}
