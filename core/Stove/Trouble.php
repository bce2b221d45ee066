<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Compose\Composer;
use Lento\Compose\Liquid;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Temperature;
use Lento\Rescue\Patient;
use Lento\Thickness\EquivalentFlour;

/** Makes a pot in trouble known to the remedies: one that is watched, or somebody's of which there is no sheet. */
final readonly class Trouble
{
    /** % of salt that no sauce is brought below. */
    private const LEAST_SALT = 0.3;

    /** A pot as it is now; before there is a sauce, what its sheet promises and its roux. */
    public static function with(PotWatch $pot): Patient
    {
        return self::patient($pot->sheet, $pot->sauce?->reckoning);
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
        return self::patient((new Composer())->answer($question), null);
    }

    private static function patient(Sheet $sheet, ?Reckoning $now): Patient
    {
        $question = $sheet->question;
        $simmer = $now?->simmer() ?? $question->simmer();

        return new Patient(
            $now->sauce ?? $sheet->end,
            EquivalentFlour::of($sheet->end),
            max(self::LEAST_SALT, $sheet->end->saltPercent()),
            Liquid::of($question)->kind,
            $question->pan,
            $simmer,
            $question->larder,
            $now?->temperature() ?? Temperature::ofCelsius($simmer->celsius()),
            $sheet->roux,
            $sheet->shade,
        );
    }
}
