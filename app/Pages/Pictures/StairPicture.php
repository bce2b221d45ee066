<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\Degrees;
use App\Format\PourWords;
use App\Format\Words;
use Lento\Drawing\StairDrawing;
use Lento\Plan\Addition;
use Lento\Plan\Plan;
use Lento\Plan\StepKind;

/** The pours as a stair: one tread a pour, where each lands, which comes next. */
final readonly class StairPicture
{
    /** Of the liquid's volume that a stair of roux pieces begins with: to scale the pieces would not be seen. */
    private const LIQUID_SHOWN = 0.15;

    /**
     * @param list<array{x: float, y: float, width: float, height: float, from: float, middle: float, label: string, lands: string,
     * done: bool, next: bool}> $treads
     */
    private function __construct(
        public StairDrawing $drawing,
        public array $treads,
        public string $colour,
        public string $foot,
        public string $footColour,
        public string $footCelsius,
        public string $title,
        public string $says,
        public string $slackAt,
        public int $labelSize,
    ) {}

    /**
     * @param list<string> $done ids of the pours that are in
     * @param string|null $next id of the one that comes next
     */
    public static function of(Plan $plan, string $colour, array $done = [], ?string $next = null): ?self
    {
        $step = $plan->first(StepKind::Pour);
        $cooking = $plan->cooking;
        $pours = $step->additions ?? [];
        if ($step === null || $cooking?->roux === null || $pours === []) {
            return null;
        }
        $pieces = !$pours[0]->amount->byTheJug;
        $amounts = PourWords::amounts($step);
        $liquid = array_sum(array_map(static fn($amount): float => $amount->volume?->inLitres() ?? 0.0, $step->amounts));
        $drawing = StairDrawing::of(
            $pieces ? self::LIQUID_SHOWN * $liquid : $cooking->roux->roux->mass()->inKilograms(),
            array_map(static fn(Addition $pour): float => $pour->amount->volume?->inLitres() ?? 0.0, $pours),
        );

        return new self(
            $drawing,
            self::treads($drawing, $pours, $amounts, $done, $next),
            $colour,
            Words::text($pieces ? 'compose.liquid' : 'compose.roux'),
            $pieces ? $colour : $cooking->roux->ends->swatch()->hex(),
            Degrees::number($pieces ? $step->conditions->at ?? $cooking->roux->meets : $cooking->roux->meets),
            trans_choice($pieces ? 'compose.whisk_in' : 'compose.pour_in', count($pours), ['count' => count($pours)]),
            self::says($pours, $amounts),
            self::slackAt($pours, $pieces),
            count($pours) > 5 ? 14 : 18,
        );
    }

    /**
     * @param non-empty-list<Addition> $pours
     * @param list<string> $amounts
     * @param list<string> $done
     *
     * @return list<array{x: float, y: float, width: float, height: float, from: float, middle: float, label: string, lands: string,
     * done: bool, next: bool}>
     */
    private static function treads(StairDrawing $drawing, array $pours, array $amounts, array $done, ?string $next): array
    {
        $treads = [];
        foreach ($drawing->treads as $i => $tread) {
            $labelled = $drawing->labels($i, $pours[$i]->slack);
            $treads[] = [
                ...$tread,
                'height' => StairDrawing::floor() - $tread['y'],
                'label' => $labelled ? str_replace([' l', ' g'], '', $amounts[$i]) : '',
                'lands' => $labelled && $pours[$i]->lands !== null ? Degrees::number($pours[$i]->lands) . '°' : '',
                'done' => $done === [] || in_array($pours[$i]->id, $done, true),
                'next' => $pours[$i]->id === $next,
            ];
        }

        return $treads;
    }

    /**
     * @param non-empty-list<Addition> $pours
     * @param list<string> $amounts
     */
    private static function says(array $pours, array $amounts): string
    {
        $steps = array_map(
            static fn(Addition $pour, string $amount): string => Words::text(
                'compose.stair_step',
                amount: $amount,
                celsius: $pour->lands === null ? '' : Degrees::number($pour->lands),
            ),
            $pours,
            $amounts,
        );

        return Words::text('compose.stair_says', list: implode(', ', $steps), unit: Degrees::unit());
    }

    /** @param non-empty-list<Addition> $pours */
    private static function slackAt(array $pours, bool $pieces): string
    {
        foreach ($pours as $i => $pour) {
            if ($pour->slack) {
                return !$pieces && $i < count($pours) - 1 ? Words::text('compose.slack_at', n: $i + 1) : '';
            }
        }

        return '';
    }
}
