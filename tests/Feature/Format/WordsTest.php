<?php

declare(strict_types=1);

use App\Format\PourWords;
use App\Format\SauceColour;
use App\Format\StepWords;
use App\Format\StripSamples;
use App\Format\Words;
use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\How;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Plan\StepKind;
use Lento\Plan\When;
use Lento\Pour\School;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

function sheetOf(Base $base, float $litres = 2.0, School $school = School::ColdOnHot, ?string $liquid = null): Sheet
{
    return (new Composer())->answer(Question::of($base, Volume::ofLitres($litres), $liquid, how: new How(school: $school)));
}

it('names the sauce by its base and stock', function (): void {
    expect(Words::sauce(sheetOf(Base::Veloute, liquid: 'fish-stock')->question))->toBe('Fish velouté')
        ->and(Words::sauce(sheetOf(Base::Bechamel)->question))->toBe('White béchamel')
        ->and(Words::sauce(sheetOf(Base::Espagnole)->question))->toBe('Espagnole');
});

it('says what is wanted in one line', function (float $litres, string $line): void {
    expect(Words::wanted(sheetOf(Base::Veloute, $litres)))->toBe($line);
})->with([
    [1.0, '1 litre of velouté that coats'],
    [2.5, '2.5 litres of velouté that coats'],
    [3.96, '3.96 l of velouté that coats'],
]);

it('has a word for everything the core can say', function (): void {
    $known = fn(string $key): bool => trans()->has($key);
    foreach (Base::withRoux() as $base) {
        expect($known('sauces.' . $base->value))->toBeTrue();
        foreach (Formula::house($base)->liquids as $liquid) {
            expect($known('ingredients.' . $liquid))->toBeTrue("no word for {$liquid}");
        }
    }
    foreach (Larder::house()->fatNames() as $fat) {
        expect($known('ingredients.' . $fat))->toBeTrue("no word for {$fat}");
    }
    foreach ([...Allergen::cases()] as $allergen) {
        expect($known('ingredients.allergens.' . $allergen->value))->toBeTrue();
    }
    foreach (StepKind::cases() as $kind) {
        foreach (['name', 'title', 'cue'] as $part) {
            expect($known("steps.{$kind->value}.{$part}"))->toBeTrue("step {$kind->value} has no {$part}");
        }
    }
    foreach (WarningCode::cases() as $code) {
        expect($known('warnings.' . $code->value))->toBeTrue("no words for {$code->value}");
    }
    foreach (SpoonWord::cases() as $word) {
        expect($known('thickness.spoon.' . $word->value))->toBeTrue();
    }
    foreach (ThicknessClass::cases() as $class) {
        expect($known('thickness.class.' . $class->value))->toBeTrue()
            ->and($known('assay.verdict.' . $class->value))->toBeTrue();
    }
    foreach (Colour::cases() as $colour) {
        expect($known('compose.colour.' . $colour->value))->toBeTrue();
        foreach (['look', 'smell', 'listen'] as $sense) {
            expect($known("steps.colour.{$colour->value}.{$sense}"))->toBeTrue();
        }
    }
    foreach (School::cases() as $school) {
        expect($known('compose.schools.' . $school->value . '.name'))->toBeTrue();
    }
    foreach (When::cases() as $when) {
        expect(StepWords::when($when))->not->toContain('compose.');
    }
});

it('fills every gap in the steps’ words', function (Base $base, School $school): void {
    $sheet = sheetOf($base, school: $school);
    $words = StepWords::of($sheet->plan());
    foreach ($sheet->plan()->steps as $step) {
        $said = implode(' ', [
            StepWords::name($step),
            $words->title($step),
            $words->cue($step),
            $words->caution($step),
            ...array_values($words->senses($step)),
        ]);
        expect($said)->not->toMatch('/:[a-z_]+|steps\./');
    }
})->with(Base::withRoux())->with(School::cases());

it('rounds the numbers of a warning as their unit asks', function (): void {
    $full = new Warning(WarningCode::PanTooFull, ['fill_percent' => 94.6, 'limit_percent' => 85.0, 'fits_l' => 1.79]);
    expect(Words::warning($full))
        ->toBe('Pan 95 % full, and it climbs. At most 1.75 l fits below 85 %.')
        ->and(Words::warning(new Warning(WarningCode::PanTooFull, ['fill_percent' => 94.6, 'limit_percent' => 85.0])))
        ->toBe('Pan 95 % full, and it climbs above 85 %.')
        ->and(Words::warning(new Warning(WarningCode::RawFlour, ['raw' => 0.2, 'minutes_more' => 0.2])))
        ->toContain('about 1 min longer')
        ->and(Words::warning(new Warning(WarningCode::WordAssumed, words: ['line' => '1 l stock', 'ingredient' => 'chicken-stock'])))
        ->toBe('“1 l stock” was read as chicken stock.');
});

it('calls pours so that they add up to the jug', function (): void {
    $sheet = sheetOf(Base::Veloute);
    $litres = array_map(
        fn(string $text): float => (float) $text,
        PourWords::amounts($sheet->plan()->first(StepKind::Pour) ?? throw new LogicException('pours')),
    );
    expect(array_sum($litres))
        ->toEqualWithDelta(round($sheet->liquid->inLitres(), 2), 1e-9)
        ->and(
            PourWords::amounts(
                sheetOf(Base::Veloute, school: School::RouxIntoBoiling)->plan()->first(StepKind::Pour) ?? throw new LogicException('pours'),
            )[0],
        )
        ->toEndWith(' g');
});

it('draws a brown sauce darker than a white one', function (): void {
    $light = fn(string $hex): float => array_sum(array_map(hexdec(...), str_split(ltrim($hex, '#'), 2)));
    expect($light(SauceColour::of(sheetOf(Base::Espagnole))))->toBeLessThan($light(SauceColour::of(sheetOf(Base::Veloute))))
        ->and($light(SauceColour::of(sheetOf(Base::Veloute))))->toBeLessThan($light(SauceColour::of(sheetOf(Base::Bechamel))));
});

it('samples the strip from raw to short of burnt', function (): void {
    $samples = StripSamples::all();
    expect($samples[0])->toBe([0.0, '#e8dcbd', 1.0])
        ->and(array_reverse($samples)[0][0])->toEqualWithDelta(StripSamples::DARKEST, 1e-9)
        ->and(StripSamples::DARKEST)->toBeLessThan(3.5);
});
