<?php

declare(strict_types=1);

use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Roux\RouxCooling;
use Lento\Roux\Swatch;
use Tests\Core\Room;

covers(...Room::of('Roux'));

function minutesToCool(float $from, float $to, float $rouxGrams = 280.0, float $panKilograms = 1.44): float
{
    return RouxCooling::of(Mass::ofGrams($rouxGrams), Mass::ofKilograms($panKilograms), Length::ofCentimetres(24.0))
        ->time(Temperature::ofCelsius($from), Temperature::ofCelsius($to))->inMinutes();
}

it('cools by the losses of the pan', function (): void {
    // C = 280 x 1.95 + 1440 x 0.5 = 1266 J/K; UA = 14 x 2.5 x 452.4e-4 = 1.583 W/K; 800 s ln(137/100) = 252 s.
    expect(minutesToCool(157.0, 120.0))->toEqualWithDelta(4.2, 0.05);
});

it('takes longer for more roux, a heavier pan and a cooler end', function (): void {
    expect(minutesToCool(157.0, 120.0, rouxGrams: 600.0))->toBeGreaterThan(minutesToCool(157.0, 120.0))
        ->and(minutesToCool(157.0, 120.0, panKilograms: 3.0))->toBeGreaterThan(minutesToCool(157.0, 120.0))
        ->and(minutesToCool(157.0, 60.0))->toBeGreaterThan(minutesToCool(157.0, 120.0));
});

it('needs no time when it is cool enough already', fn() => expect(minutesToCool(110.0, 120.0))->toBe(0.0));

it('darkens steadily on the way from raw to burnt', function (): void {
    $last = 101.0;
    for ($shade = 0.0; $shade <= 4.0; $shade += 0.1) {
        $swatch = Swatch::ofShade($shade);
        expect($swatch->lightness)->toBeLessThan($last);
        foreach ($swatch->rgb() as $channel) {
            expect($channel)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(255);
        }
        $last = $swatch->lightness;
    }
});

it('holds still outside the scale', function (): void {
    expect(Swatch::ofShade(9.0)->hex())->toBe(Swatch::ofShade(4.0)->hex())
        ->and(Swatch::ofShade(-1.0)->hex())->toBe(Swatch::ofShade(0.0)->hex());
});
