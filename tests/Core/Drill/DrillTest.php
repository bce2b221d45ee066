<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Question;
use Lento\Drill\Drill;
use Lento\Drill\DrillKind;
use Lento\Drill\DrillMaker;
use Lento\Drill\DrillSource;
use Lento\Drill\LeitnerBox;
use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Quantity\Volume;
use Tests\Core\Room;

covers(...Room::of('Drill'));

function drills(Base $base = Base::Veloute): DrillMaker
{
    $plan = (new Composer())->answer(Question::of($base, Volume::ofLitres(2.0)))->plan();

    return new DrillMaker(new DrillSource([Pan::wide(24.0), Pan::wide(32.0)], $plan, $base, Larder::house()));
}

it('draws the same from the same seed, and always one that can be answered', function (DrillKind $kind, Base $base): void {
    $maker = drills($base);
    $seen = [];
    for ($seed = 1; $seed <= 120; $seed++) {
        $drill = $maker->drawn($kind, $seed);
        expect($maker->drawn($kind, $seed))->toEqual($drill)
            ->and($drill->isRight($drill->right))->toBeTrue()
            ->and(is_finite($drill->right))->toBeTrue();
        $wrong = $drill->choices === [] ? 2.0 * $drill->right + 1.0 : fmod($drill->right + 1.0, (float) count($drill->choices));
        expect($drill->isRight($wrong))->toBeFalse()
            ->and(array_unique($drill->choices))->toBe($drill->choices);
        $seen[] = drillTold($drill);
    }
    expect(count(array_unique($seen)))->toBeGreaterThan(8);
})->with(DrillKind::cases())->with([Base::Bechamel, Base::Veloute, Base::Espagnole]);

function drillTold(Drill $drill): string
{
    return (string) json_encode([$drill->shown, $drill->choices, $drill->right]);
}

it('shows every word of the spoon, and says how thick it was', function (): void {
    $maker = drills();
    $words = [];
    for ($seed = 1; $seed <= 200; $seed++) {
        $drill = $maker->drawn(DrillKind::Spoon, $seed);
        $words[$drill->choices[(int) $drill->right]] = true;
        expect($drill->eye(58.0)?->error)->toEqualWithDelta(log(58.0 / (float) $drill->shown['actual']), 1e-9);
    }
    expect($words)->toHaveCount(6)->and($maker->drawn(DrillKind::Head, 3)->eye(1.0))->toBeNull();
});

it('reckons litres by the pan, minutes by the fall, weights by the rule of three', function (): void {
    $depth = drills()->drawn(DrillKind::Depth, 5);
    $notch = drills()->drawn(DrillKind::Notch, 5);
    $litres = M_PI / 4.0 * (float) $depth->shown['diameter'] ** 2 * (float) $depth->shown['mm'] / 1e6;
    $rate = ((float) $notch->shown['from'] - (float) $notch->shown['to']) / (float) $notch->shown['after'];
    expect($depth->right)->toEqualWithDelta($litres, 1e-6)
        ->and($notch->right)->toEqualWithDelta(((float) $notch->shown['to'] - (float) $notch->shown['notch']) / $rate, 1e-6);
    foreach (range(1, 60) as $seed) {
        $head = drills()->drawn(DrillKind::Head, $seed);
        $is = match ($head->variant) {
            'part' => (float) $head->shown['grams'] * (float) $head->shown['wanted'] / (float) $head->shown['litres'],
            'ounces' => (float) $head->shown['grams'] / 28.35,
            default => (float) $head->shown['grams'] / 0.91 * 0.53,
        };
        expect($head->right)->toEqualWithDelta($is, 1e-6);
    }
});

it('asks a card that was known later and later, one that was not at once', function (): void {
    $box = LeitnerBox::of(0);
    $waits = [];
    for ($i = 0; $i < 8; $i++) {
        $waits[] = $box->waits()->seconds;
        $box = $box->after(true);
    }
    $sorted = $waits;
    sort($sorted);
    expect($waits)->toBe($sorted)
        ->and($box->number)->toBe(LeitnerBox::LAST)
        ->and($box->after(false)->number)->toBe(0)
        ->and(LeitnerBox::of(-3)->number)->toBe(0);
});

it('refuses an answer that is none', function (): void {
    expect(fn() => Drill::choosing(DrillKind::Next, '', [], ['a', 'b'], 2))->toThrow(OutOfRange::class)
        ->and(fn() => Drill::typing(DrillKind::Head, 'part', [], -1.0, 0.1))->toThrow(OutOfRange::class);
});
