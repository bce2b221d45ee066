<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Bands;
use App\Format\Words;
use Lento\Compose\Sheet;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Thickness\ThicknessClass;

/** What was foreseen of a pot when it was put on, bands and all: kept with the pot, so that the log never learns afterwards. */
final readonly class Foreseen
{
    /**
     * @param array{float, float, float} $flour g per litre: low, likely, high
     * @param list<string> $couldBe classes besides the likely one
     * @param array{float, float}|null $rouxMinutes low, high
     */
    private function __construct(public array $flour, public array $couldBe, public ?array $rouxMinutes, public float $depth) {}

    /** @return array<string, mixed> for the pot's plan */
    public static function plan(Sheet $sheet): array
    {
        $outlook = $sheet->outlook;
        $colour = array_values(array_filter($sheet->steps, static fn(Step $step): bool => $step->kind === StepKind::Colour))[0] ?? null;
        $minutes = $colour === null ? null : $outlook->rouxMinutes?->scaledTo($colour->time->inMinutes());
        $band = $outlook->thickness->band;

        return [
            'flour' => array_map(static fn(float $grams): float => round($grams, 1), [$band->low, $band->likely, $band->high]),
            'could_be' => array_map(static fn(ThicknessClass $class): string => $class->value, $outlook->thickness->couldBe()),
            'roux_minutes' => $minutes === null ? null : [round($minutes->low, 1), round($minutes->high, 1)],
            'depth_mm' => round($sheet->endDepth()->inMillimetres(), 1),
        ];
    }

    /** @param array<string, mixed>|null $plan null for a pot from before forecasts were kept */
    public static function fromPlan(?array $plan): ?self
    {
        if (!is_array($plan['flour'] ?? null) || !is_array($plan['could_be'] ?? null)) {
            return null;
        }
        $number = static fn(mixed $value): float => is_numeric($value) ? (float) $value : 0.0;
        [$low, $likely, $high] = array_map($number, [...array_values($plan['flour']), 0.0, 0.0, 0.0]);
        $roux = is_array($plan['roux_minutes'] ?? null) ? array_map($number, [...array_values($plan['roux_minutes']), 0.0, 0.0]) : null;

        return new self([$low, $likely, $high], array_values(array_filter($plan['could_be'], is_string(...))), $roux === null ? null : [$roux[0], $roux[1]], $number($plan['depth_mm'] ?? 0.0));
    }

    /** "58 g/l (52–65), could be gratin; 65 mm deep" */
    public function text(): string
    {
        [$low, $likely, $high] = $this->flour;
        $could = Bands::classes($this->couldBe);

        return Words::text('log.foreseen', thickness: Words::text('outlook.grams', likely: sprintf('%.0F', $likely), range: Bands::range($low, $high)) . ($could === '' ? '' : ', ' . $could), depth: sprintf('%.0F', $this->depth));
    }
}
