<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Question;
use Lento\Plan\Pace;
use Lento\Plan\Step;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;
use Lento\Score\Phase;
use Tests\Core\Room;

covers(...Room::of('Score'));

it('has no phase of a step that takes no time, and none left out of one that does', function (): void {
    $steps = (new Composer())->answer(Question::of(Base::Veloute, Volume::ofLitres(2.0)))->plan()->steps;
    $still = array_map(static fn(Step $step): Step => $step->at(Pace::moment()), $steps);
    $second = array_map(
        static fn(Step $step): Step => $step->at(Pace::of(Duration::ofSeconds(0.5), handsOn: true, timed: false)),
        $steps,
    );
    $in = array_merge(...array_map(static fn(Phase $phase): array => $phase->steps, Phase::of($second)));
    expect(Phase::of($still))->toBe([])
        ->and(count($in))->toBeGreaterThan(8)
        ->and(array_sum(array_map(static fn(Phase $phase): float => $phase->minutes()->likely, Phase::of($steps))))->toBeGreaterThan(40.0);
});
