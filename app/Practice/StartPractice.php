<?php

declare(strict_types=1);

namespace App\Practice;

use App\Eye\Trainee;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\Exercise;
use App\Models\Practice;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Lento\Compose\Base;
use Lento\Exception\LentoException;
use Lento\Practice\Difficulty;
use Lento\Practice\Draw;
use Lento\Practice\Exercise as Practised;
use Lento\Practice\Quirks;

/** Puts a practice pot on: its sheet is kept as it is now, and its seed draws the kitchen once and for all. */
final readonly class StartPractice
{
    public function __construct(private Kitchen $kitchen) {}

    /** @throws LentoException if nothing can be foreseen of such a pot */
    public function __invoke(Wanted $wanted, Difficulty $difficulty, int $seed, bool $helped, ?Exercise $for = null): Practice
    {
        $exercise = Practised::of($wanted->plan, $this->kitchen->larder());
        $who = Trainee::here();

        $practice = Practice::query()->create([
            'exercise_id' => $for?->id,
            'cook_key' => $who->key,
            'cook' => $who->name,
            'name' => $this->name($wanted),
            'sauce' => $wanted->sauce,
            'liquid' => $wanted->liquid,
            'litres' => $wanted->litres,
            'plan' => $wanted->plan,
            'difficulty' => $difficulty,
            'seed' => $seed,
            'quirks' => Quirks::drawn($seed, $difficulty, $exercise->possible())->sizes,
            'helped' => $helped,
            'moved_at_ms' => Moment::ms(CarbonImmutable::now()),
        ]);
        Snapshots::keep($practice, RunningPractice::of($practice, $this->kitchen));

        return $practice;
    }

    /**
     * The same pot again up to a second: beside the first, which stays as it was.
     *
     * @param bool $elsewhere in a kitchen that one has not seen
     */
    public function again(Practice $before, int $second, bool $elsewhere): Practice
    {
        $again = $before->replicate(['version', 'second', 'taken_back', 'outcome', 'finished_at']);
        $deeds = array_values(array_filter($before->deeds, static fn(array $deed): bool => ($deed['at'] ?? 0) < $second));
        $seed = $elsewhere ? self::anySeed() : $before->seed;
        $exercise = Practised::of($before->plan, $this->kitchen->larder());
        $again->fill([
            'seed' => $seed,
            'quirks' => $elsewhere ? Quirks::drawn($seed, $before->difficulty, $exercise->possible())->sizes : $before->quirks,
            'deeds' => $elsewhere ? [] : $deeds,
            'version' => 0,
            'second' => 0,
            'taken_back' => 0,
            'moved_at_ms' => Moment::ms(CarbonImmutable::now()),
        ]);
        $running = RunningPractice::of($again, $this->kitchen);
        $again->second = $running->played->standing->second();
        $again->save();
        Snapshots::keep($again, $running);

        return $again;
    }

    public static function anySeed(): int
    {
        return random_int(1, Draw::MOST_SEED);
    }

    private function name(Wanted $wanted): string
    {
        $base = Base::tryFrom($wanted->sauce);

        return $base === null
            ? (new SauceNames($this->kitchen))->name($wanted->sauce, $wanted->liquid)
            : Words::sauceNamed($base, $wanted->liquid);
    }
}
