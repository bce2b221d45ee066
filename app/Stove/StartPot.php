<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use Carbon\CarbonImmutable;
use Lento\Compose\Base;
use Lento\Plan\Plan;

/** Puts a pot on the stove: its plan is written down as promised, once and for all. */
final readonly class StartPot
{
    public function __construct(private Kitchen $kitchen) {}

    /**
     * @param array<string, string> $question what was asked for it, to ask it again; nothing for what is made of a base
     * @param int|null $version id of the kept sauce it is cooked from
     */
    public function __invoke(
        Plan $plan,
        CarbonImmutable $at,
        array $question = [],
        ?string $cook = null,
        ?int $version = null,
        string $place = '',
    ): Pot {
        return $this->put($plan, $this->name($plan), $at, $question, $cook, $version, $place);
    }

    /** Without a sheet: one step that takes whatever is done, then what came out. */
    public function free(string $name, CarbonImmutable $at, ?string $cook = null, string $place = ''): Pot
    {
        return $this->put(Plan::free(), $name, $at, [], $cook, null, $place);
    }

    private function name(Plan $plan): string
    {
        $base = Base::tryFrom($plan->making->sauce ?? '');

        return $base === null
            ? (new SauceNames($this->kitchen))->name($plan->making->sauce ?? '', $plan->making->liquid ?? '')
            : Words::sauceNamed($base, $plan->making->liquid ?? '');
    }

    /** @param array<string, string> $question */
    private function put(Plan $plan, string $name, CarbonImmutable $at, array $question, ?string $cook, ?int $version, string $place): Pot
    {
        return Pot::query()->create([
            'name' => $name,
            'question' => $question,
            'plan' => $plan,
            'cook' => $cook,
            'place' => $place,
            'started_at' => $at,
            'sauce_version_id' => $version,
        ]);
    }
}
