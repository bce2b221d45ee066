<?php

declare(strict_types=1);

use App\Format\Bands;
use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Forecast\Band;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;

it('says a range as a cook reads it', function (float $low, float $high, string $text): void {
    expect(Bands::range($low, $high))->toBe($text);
})->with([[12.6, 23.4, '13–23'], [4.9, 5.2, '5'], [0.2, 1.4, '0–1']]);

it('says minutes with their band, never less than one', function (): void {
    expect(Bands::minutes(Band::around(17.0, 0.24)))->toBe('about 17 min (12–23)')
        ->and(Bands::minutes(Band::around(0.4, 0.3)))->toBe('about 1 min (1)');
});

it('names what else a sauce could be', function (): void {
    $outlook = fn(float $grams) => (new Composer())->answer(
        Question::of(
            Base::Bechamel,
            Volume::ofLitres(2.0),
            thickness: EquivalentFlour::ofGramsPerLitre($grams),
            how: new How(new RouxWish(Colour::Brown, 'clarified-butter')),
        ),
    )->outlook;
    expect(Bands::couldBe($outlook(58.0)->thickness))
        ->toBe('could be pouring or gratin')
        ->and(Bands::couldBe($outlook(125.0)->thickness))
        ->toBe('could be gratin')
        ->and(Bands::classes([]))
        ->toBe('')
        ->and(Bands::grams($outlook(58.0)->thickness))
        ->toMatch('/^58 g\/l \(4\d–7\d\)$/u');
});

it('says steam in tens where there is much of it, and risks in words', function (): void {
    $sheet = (new Composer())->answer(Question::of(Base::Espagnole, Volume::ofLitres(2.0)));
    expect(Bands::steam($sheet->outlook))->toMatch('/^about \d+0 ml \(\d+0–\d+0\)$/u')
        ->and(Bands::millilitres(Band::around(50.0, 0.1)))->toBe('(44–57 ml)')
        ->and(Bands::risks($sheet->outlook))->toBe(['lumps' => 'unlikely', 'specks' => 'unlikely', 'scorching' => 'unlikely']);
});
