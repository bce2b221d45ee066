<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Eye\CooksEye;
use Lento\Eye\EyeCall;
use Lento\Eye\EyeKind;
use Tests\Core\Room;

covers(...Room::of('Eye'));

/**
 * @param list<float> $errors
 *
 * @return list<EyeCall>
 */
function eyeCalls(EyeKind $kind, array $errors): array
{
    return array_map(
        static fn(float $error): EyeCall => $kind === EyeKind::Shade
            ? new EyeCall($kind, 2.0 + $error, 2.0)
            : new EyeCall($kind, 50.0 * exp($error), 50.0),
        $errors,
    );
}

it('says nothing of a lean before five readings, and holds the house’s figure till then', function (EyeKind $kind): void {
    $eye = CooksEye::of($kind, eyeCalls($kind, [0.3, 0.3, 0.3, 0.3]));
    expect($eye->readings)->toBe(4)
        ->and($eye->leans())->toBeFalse()
        ->and($eye->lean)->toBe(0.0)
        ->and($eye->error())->toBe($kind->houseScatter())
        ->and(CooksEye::of($kind, [])->error())->toBe($kind->houseScatter());
})->with(EyeKind::cases());

it('finds a lean and takes it off, and leaves an eye that has none', function (EyeKind $kind): void {
    $leaning = CooksEye::of($kind, eyeCalls($kind, [0.28, 0.3, 0.32, 0.29, 0.31, 0.3]));
    $even = CooksEye::of($kind, eyeCalls($kind, [0.1, -0.1, 0.05, -0.05, 0.1, -0.1]));
    expect($leaning->leans())->toBeTrue()
        ->and($leaning->lean)->toEqualWithDelta(0.3, 1e-9)
        ->and($leaning->believed(2.3))->toBeLessThan(2.3)
        ->and($leaning->within)->toBeLessThanOrEqual(6)
        ->and($even->leans())->toBeFalse()
        ->and($even->believed(2.3))->toBe(2.3);
})->with(EyeKind::cases());

it('believes a steady eye more with each reading, a wild one less', function (): void {
    $steady = static fn(int $many): float => CooksEye::of(EyeKind::Shade, eyeCalls(EyeKind::Shade, array_fill(0, $many, 0.0)))->error();
    $wild = CooksEye::of(EyeKind::Shade, eyeCalls(EyeKind::Shade, [1.0, -1.0, 1.0, -1.0, 1.0, -1.0, 1.0, -1.0]))->error();
    expect($steady(6))->toBeLessThan(EyeKind::Shade->houseScatter())
        ->and($steady(40))->toBeLessThan($steady(6))
        ->and($steady(40))->toBeGreaterThan(0.0)
        ->and($wild)->toBeGreaterThan(4.0 * EyeKind::Shade->houseScatter());
});

it('counts each kind by itself, a spoon and a depth by their ratio', function (): void {
    $mixed = [...eyeCalls(EyeKind::Shade, [0.5]), ...eyeCalls(EyeKind::Depth, [0.1, 0.1])];
    expect(CooksEye::of(EyeKind::Depth, $mixed)->readings)->toBe(2)
        ->and((new EyeCall(EyeKind::Spoon, 58.0, 43.0))->error)->toEqualWithDelta(log(58.0 / 43.0), 1e-12)
        ->and((new EyeCall(EyeKind::Shade, 1.2, 1.0))->error)->toEqualWithDelta(0.2, 1e-12)
        ->and(fn() => new EyeCall(EyeKind::Shade, -1.0, 1.0))->toThrow(OutOfRange::class)
        ->and(fn() => new EyeCall(EyeKind::Shade, 1.0, NAN))->toThrow(OutOfRange::class);
});
