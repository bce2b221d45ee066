<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Larder\Larder;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Practice\CarefulCook;
use Lento\Practice\Exercise;
use Lento\Practice\Played;
use Lento\Practice\PracticePot;
use Lento\Practice\Segment;
use Lento\Quantity\Volume;
use RuntimeException;

/** Sauces to practise, and hands to practise them with. */
final readonly class Kitchens
{
    public static function exercise(Base $base, float $litres = 1.0, ?How $how = null, ?Pan $pan = null): Exercise
    {
        $question = Question::of($base, Volume::ofLitres($litres), how: $how ?? new How(), in: new InKitchen(pan: $pan));

        return Exercise::of((new Composer())->answer($question)->plan(), Larder::house());
    }

    /** By the eye and the sheet, in the kitchen as it is. */
    public static function careful(Exercise $exercise): Played
    {
        $pot = new PracticePot($exercise);

        return (new CarefulCook($pot))->finishes(Played::from($pot->begun())) ?? throw new RuntimeException('it was never done');
    }

    /**
     * What was done once, done again by the clock.
     *
     * @param list<Segment> $segments
     */
    public static function again(Exercise $exercise, array $segments): Played
    {
        return (new PracticePot($exercise))->again($segments);
    }

    public static function kind(Exercise $exercise, Segment $segment): ?StepKind
    {
        return $exercise->step($segment->step)?->kind;
    }
}
