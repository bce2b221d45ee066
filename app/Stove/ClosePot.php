<?php

declare(strict_types=1);

namespace App\Stove;

use App\Kitchen\Kitchen;
use App\Kitchen\StoredLesson;
use App\Models\Pot;
use DateTimeImmutable;
use Lento\Compose\StepKind;
use Lento\Course\Course;
use Lento\Course\EventKind;
use Lento\Learning\Lesson;
use Lento\Stove\NextTime;

/** What is written down when a pot is over: what came out, and what the core makes of it for the next time. */
final readonly class ClosePot
{
    public function __construct(private CurrentPot $current, private Kitchen $kitchen) {}

    /** @return float of this pot's sauce, for what is weighed and not measured */
    public function kilogramsPerLitre(Pot $pot): float
    {
        $served = $this->current->sheet($pot)?->served;

        return $served === null || $served->millilitres() <= 0.0 ? OutcomeReader::KILOGRAMS_PER_LITRE : $served->grams() / $served->millilitres();
    }

    /**
     * What the pot teaches of its kitchen; null where nothing was measured.
     *
     * @param array<string, float|string> $outcome as read, without faults
     *
     * @return array<string, mixed>|null
     */
    public function lesson(Pot $pot, array $outcome, DateTimeImmutable $now): ?array
    {
        $watch = $this->current->watch($pot, $now);
        if ($watch === null) {
            return null;
        }
        $question = $watch->sheet->question;
        $lesson = Lesson::between($question->kitchen, $watch->after(OutcomeReader::toOutcome($outcome))->kitchen(), $question->pan->diameter, $question->simmerLevel, $question->heat, $this->ring($pot, $watch->course));

        return $lesson->teaches() ? StoredLesson::toRow($lesson) : null;
    }

    /** Where its roux was cooked, as the kitchen's lessons know it. */
    private function ring(Pot $pot, Course $course): string
    {
        $place = $pot->place;
        $roux = $course->firstBegun(StepKind::Colour);
        foreach ($course->events as $event) {
            $place = $event->kind === EventKind::Moved && $roux !== null && $event->at <= $roux ? $event->text : $place;
        }

        return $this->kitchen->hobs === [] || !str_starts_with($place, 'ring-') ? '' : $place;
    }

    /**
     * @param array<string, float|string> $outcome as read, without faults
     *
     * @return array<string, mixed>
     */
    public function outcome(Pot $pot, array $outcome, DateTimeImmutable $now): array
    {
        $watch = $this->current->watch($pot, $now);
        $next = $watch === null ? null : NextTime::of($watch, OutcomeReader::toOutcome($outcome));

        return [
            ...$outcome,
            'flour_equivalent_g_per_l' => $watch?->sauce === null ? null : round($watch->sauce->thickness->likely->gramsPerLitre, 2),
            'next' => $next === null ? null : [
                'flour_g' => round($next->then->roux->flour->inGrams(), 1),
                'flour_change' => round($next->flour(), 4),
                'liquid_ml' => round($next->then->liquid->inMillilitres(), 1),
                'liquid_change' => round($next->liquid(), 4),
                'evaporation' => round($next->kitchen->evaporation->value, 4),
                'browning' => round($next->kitchen->browning->value, 4),
                'flour_strength' => round($next->kitchen->flourStrength->value, 4),
            ],
        ];
    }
}
