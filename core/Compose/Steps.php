<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Pot\TimeToBoil;
use Lento\Pour\PourStair;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Rescue\Straining;
use Lento\Roux\HobHeat;
use Lento\Roux\RouxCooling;
use Lento\Thickness\Sauce;

/** The order of the work for one pot. */
final readonly class Steps
{
    /** min, by custom of the trade. */
    private const SET_OUT = 5.0;

    private const INFUSE = 20.0;

    private const BROWN_VEGETABLES = 12.0;

    private const BROWN_PASTE = 3.0;

    private const STIR_IN_FLOUR = 1.0;

    private const ONE_POUR = 1.0;

    private const TEST = 1.0;

    private const SEASON = 1.0;

    /** Where the forecast gives no minutes for a colour. */
    private const UNKNOWN_COLOUR_MINUTES = 20.0;

    private const UNKNOWN_BOIL_MINUTES = 60.0;

    private const UNKNOWN_MELT_MINUTES = 4.0;

    /** @return non-empty-list<Step> */
    public static function for(Question $question, Draft $draft, PourStair $stair): array
    {
        return [
            self::step(StepKind::SetOut, self::SET_OUT, handsOn: true, timed: false),
            ...($question->base === Base::Bechamel ? [self::step(StepKind::Infuse, self::INFUSE, handsOn: false, timed: true)] : []),
            ...($question->given->kind === GivenKind::ReadyRoux ? self::vegetables($question) : self::roux($question, $draft, $stair)),
            new Step(StepKind::Pour, Duration::ofMinutes(self::ONE_POUR * count($stair->pours)), handsOn: true, timed: false, pours: count($stair->pours)),
            self::step(StepKind::Boil, self::boilMinutes($question, $draft->start, $stair), handsOn: true, timed: true),
            self::step(StepKind::Simmer, $question->simmerTime->inMinutes(), handsOn: false, timed: true),
            self::step(StepKind::Test, self::TEST, handsOn: true, timed: false),
            self::step(StepKind::Season, self::SEASON, handsOn: true, timed: false),
            self::step(StepKind::Strain, Straining::MINUTES, handsOn: true, timed: false),
            self::step(StepKind::Finish, 0.0, handsOn: true, timed: false),
        ];
    }

    private static function step(StepKind $kind, float $minutes, bool $handsOn, bool $timed): Step
    {
        return new Step($kind, Duration::ofMinutes($minutes), $handsOn, $timed);
    }

    /** @return list<Step> */
    private static function roux(Question $question, Draft $draft, PourStair $stair): array
    {
        $forecast = $draft->roux->forecast;

        return [
            self::step(StepKind::Melt, $forecast?->melting->inMinutes() ?? self::UNKNOWN_MELT_MINUTES, handsOn: true, timed: true),
            ...self::vegetables($question),
            self::step(StepKind::Flour, self::STIR_IN_FLOUR, handsOn: true, timed: false),
            self::step(StepKind::Colour, max(0.0, ($forecast?->time->inMinutes() ?? self::UNKNOWN_COLOUR_MINUTES) - self::STIR_IN_FLOUR), handsOn: true, timed: true),
            ...self::letDown($question, $draft, $stair),
        ];
    }

    /** @return list<Step> */
    private static function vegetables(Question $question): array
    {
        return $question->base !== Base::Espagnole ? [] : [
            self::step(StepKind::BrownVegetables, self::BROWN_VEGETABLES, handsOn: true, timed: true),
            self::step(StepKind::BrownPaste, self::BROWN_PASTE, handsOn: true, timed: true),
        ];
    }

    /** @return list<Step> off the heat until the first splash only hisses; a white roux is mild enough as it is */
    private static function letDown(Question $question, Draft $draft, PourStair $stair): array
    {
        $forecast = $draft->roux->forecast;
        if ($forecast === null || !$question->letsDown() || $forecast->temperature->kelvin <= $stair->roux->kelvin + 1.0) {
            return [];
        }
        $roux = Mass::ofGrams($draft->flourGrams * (1.0 + $question->fatToFlour));
        $time = RouxCooling::of($roux, $question->pan->mass(), $question->pan->diameter)->time($forecast->temperature, $stair->roux);

        return [new Step(StepKind::LetDown, $time, handsOn: false, timed: true)];
    }

    private static function boilMinutes(Question $question, Sauce $start, PourStair $stair): float
    {
        $mixed = $stair->pours === [] ? $stair->liquid : $stair->pours[count($stair->pours) - 1]->mixed;
        $time = (new TimeToBoil($question->pan, HobHeat::MediumHigh->flux()))->from($mixed, $start->heatCapacity());

        return $time?->inMinutes() ?? self::UNKNOWN_BOIL_MINUTES;
    }
}
