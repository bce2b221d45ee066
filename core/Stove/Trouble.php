<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Compose\Composer;
use Lento\Compose\Question;
use Lento\Exception\Missing;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Plan\Cooking;
use Lento\Quantity\Temperature;
use Lento\Rescue\InThePot;
use Lento\Rescue\Meant;
use Lento\Rescue\Patient;
use Lento\Rescue\StandsIn;
use Lento\Thickness\EquivalentFlour;

/** Makes a pot in trouble known to the remedies: one that is watched, or somebody's of which there is no sheet. */
final readonly class Trouble
{
    /** % of salt that no sauce is brought below. */
    private const LEAST_SALT = 0.3;

    /** A pot as it is now; before there is a sauce, what its sheet promises and its roux. */
    public static function with(PotWatch $pot): Patient
    {
        return self::patient($pot->cooking, $pot->sauce?->reckoning, $pot->plan->promise?->saltPercent);
    }

    /**
     * A sauce nobody has a sheet of, taken for the usual one of its kind and size.
     *
     * @param Question $question about so much of which sauce
     *
     * @throws NotReachable if there is no such sauce
     * @throws OutOfRange
     */
    public static function withSomebodys(Question $question): Patient
    {
        $sheet = (new Composer())->answer($question);
        $plan = $sheet->plan();

        return self::patient($plan->cooking ?? throw Missing::from('sheet-plan', 'sauce'), null, $sheet->end->saltPercent());
    }

    private static function patient(Cooking $cooking, ?Reckoning $now, ?float $saltPercent): Patient
    {
        $simmer = $now?->simmer() ?? $cooking->simmer();

        return new Patient(
            new InThePot($now->sauce ?? $cooking->sauces->tested, $now?->temperature() ?? Temperature::ofCelsius($simmer->celsius())),
            new Meant(
                EquivalentFlour::of($cooking->sauces->tested),
                max(self::LEAST_SALT, $saltPercent ?? 0.0),
                $cooking->roux?->roux,
                $cooking->roux?->ends,
            ),
            new StandsIn($cooking->place->pan, $simmer, $cooking->liquid, Larder::house()),
        );
    }
}
