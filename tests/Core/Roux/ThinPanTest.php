<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Roux\HobRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Tests\Core\Room;

covers(...Room::of('Roux'));

it('nears the temperature it is held at, and never leaps over it, in a wide pan as thin as foil', function (
    float $centimetres,
    float $kilograms,
    float $grams,
    HobHeat $heat,
): void {
    $larder = Larder::house();
    $roux = Roux::of($larder->thickener('plain-flour'), Mass::ofGrams($grams), $larder->fat('butter'), Mass::ofGrams($grams));
    $hob = HobRoux::inPan($roux, new PanBottom(Length::ofCentimetres($centimetres), Mass::ofKilograms($kilograms)), $heat);
    $last = 0.0;
    for ($seconds = 20; $seconds <= 120; $seconds++) {
        $celsius = $hob->after(Duration::ofSeconds((float) $seconds))->temperature->inCelsius();
        expect($celsius)->toBeGreaterThanOrEqual($last - 1e-9)->toBeLessThanOrEqual($heat->heldCelsius() + 1e-9);
        $last = $celsius;
    }
})->with([60.0, 120.0])->with([0.1, 0.3])->with([20.0, 200.0])->with([HobHeat::Medium, HobHeat::High]);

it('says so where no pan so wide can weigh so little', function (): void {
    $ask = static fn(float $kilograms): Question => Question::of(
        Base::Veloute,
        Volume::ofLitres(40.0),
        how: new How(new RouxWish(Colour::Blond)),
        in: new InKitchen(Pan::of(Length::ofCentimetres(60.0), Length::ofCentimetres(30.0), Mass::ofKilograms($kilograms))),
    );
    expect(fn() => (new Composer())->answer($ask(0.2)))->toThrow(OutOfRange::class, 'pan-weight = 0.2, not in [0.36, 100] kg')
        ->and((new Composer())->answer($ask(0.4))->rouxForecast)->not->toBeNull();
});
