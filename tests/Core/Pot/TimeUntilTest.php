<?php

declare(strict_types=1);

use Lento\Exception\NotReachable;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Pot'));

it('simmers until a sauce is as thick as wanted, to the second', function (float $grams): void {
    $simmer = new Simmer(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0)), SimmerLevel::Simmer);
    $sauce = $simmer->for(Samples::whiteSauce(45.0), Duration::ofMinutes(10.0));
    $short = static fn(Sauce $now): float => EquivalentFlour::of($now)->gramsPerLitre - $grams;
    $time = $simmer->timeUntil($sauce, $short, 'this thickness');
    expect(EquivalentFlour::of($simmer->for($sauce, $time))->gramsPerLitre)->toEqualWithDelta($grams, 0.02)
        ->and($time->inMinutes())->toBeGreaterThan(0.0);
})->with([55.0, 60.0, 90.0]);

it('says so when it is past it, or never gets there', function (): void {
    $simmer = new Simmer(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0)), SimmerLevel::Simmer);
    $sauce = Samples::whiteSauce(45.0);
    expect(fn() => $simmer->timeUntil($sauce, static fn(Sauce $now): float => 1.0, 'this'))->toThrow(NotReachable::class, 'this')
        ->and(fn() => $simmer->timeUntil($sauce, static fn(Sauce $now): float => -1.0, 'that'))->toThrow(NotReachable::class, 'that');
});
