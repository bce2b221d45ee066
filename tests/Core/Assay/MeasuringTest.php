<?php

declare(strict_types=1);

use Lento\Assay\Assay;
use Lento\Assay\Measured;
use Lento\Assay\Reader;
use Lento\Compose\Warning;
use Lento\Larder\Larder;
use Lento\Roux\Colour;
use Tests\Core\Room;

covers(...Room::of('Assay'));

function measuredBy(string $recipe): Assay
{
    return Assay::of((new Reader(Larder::house()))->read($recipe), Larder::house());
}

/** @return float high over likely of its thickness */
function widthOf(string $recipe): float
{
    $band = measuredBy($recipe)->outlook->band;

    return $band->high / $band->likely;
}

it('is less sure of spoons than of cups, of cups than of a scale, and says which line it is', function (): void {
    $weighed = widthOf("60 g butter\n60 g flour\n1 l milk");
    $cup = widthOf("60 g butter\n1/2 cup flour\n1 l milk");
    $spoon = widthOf("60 g butter\n8 tbsp flour\n1 l milk");
    $level = widthOf("60 g butter\n8 level tbsp flour\n1 l milk");
    $guessed = widthOf("60 g butter\na handful of flour\n1 l milk");
    expect($weighed)->toBeLessThan($cup)
        ->and($cup)->toBeLessThan($spoon)
        ->and($level)->toBeLessThan($spoon)
        ->and($spoon)->toBeLessThan($guessed)
        ->and(measuredBy("60 g butter\n8 tbsp flour\n1 l milk")->measured->widest?->text)->toBe('8 tbsp flour')
        ->and(measuredBy("60 g butter\n60 g flour\n1 kg milk")->measured->widest)->toBeNull();
    // A deviation of a fifth in all the flour is one of a fifth in the thickness, less what the flour fills itself.
    expect(measuredBy("60 g butter\n8 tbsp flour\n1 kg milk")->measured->deviation)->toBeGreaterThan(0.17)->toBeLessThan(0.2);
});

it('takes a cook’s word for how full the spoons are, where the recipe says nothing', function (): void {
    $flour = static fn(string $recipe): float => measuredBy($recipe)->flour->inGrams();
    $plain = "4 tbsp flour\n50 g butter\n500 ml milk";
    expect($flour("{$plain}\nspoons: heaped"))->toEqualWithDelta(1.6 * $flour($plain), 1e-9)
        ->and($flour("{$plain}\nspoons: level"))->toEqualWithDelta($flour($plain), 1e-9)
        ->and($flour("4 level tbsp flour\n50 g butter\n500 ml milk\nspoons: heaped"))->toEqualWithDelta($flour($plain), 1e-9)
        ->and(widthOf("{$plain}\nspoons: heaped"))->toBeLessThan(widthOf($plain))
        // Cups and grams are what they are, and so is a spoon of butter.
        ->and($flour("1/4 cup flour\n50 g butter\n500 ml milk\nspoons: heaped"))
        ->toEqualWithDelta($flour("1/4 cup flour\n50 g butter\n500 ml milk"), 1e-9)
        ->and(measuredBy("60 g flour\n4 tbsp butter\n500 ml milk\nspoons: heaped")->fat->inGrams())
        ->toEqualWithDelta(measuredBy("60 g flour\n4 tbsp butter\n500 ml milk")->fat->inGrams(), 1e-9);
});

it('knows each way of measuring by its unit', function (string $line, Measured $with, bool $says): void {
    $measuring = (new Reader(Larder::house()))->read($line)->lines[0]->measuring;
    expect($measuring->with)->toBe($with)->and($measuring->saysHowFull)->toBe($says);
})->with([
    ['50 g flour', Measured::Weighed, false],
    ['1 stick butter', Measured::Weighed, false],
    ['2 heaped tbsp flour', Measured::Spoon, true],
    ['a scant cup of flour', Measured::Cup, true],
    ['1 pint milk', Measured::Jug, false],
    ['1 onion', Measured::Piece, false],
    ['a knob of butter', Measured::Guessed, false],
]);

it('counts the minutes a roux was cooked, said in a line or in a sentence', function (): void {
    $raw = static fn(string $how): float => measuredBy("50 g butter\n50 g flour\n500 ml milk\nsimmer: 2 min\n{$how}")
        ->end->starch->tastesRaw();
    expect($raw('cook: 1 min'))->toBeGreaterThan($raw('cook: 6 min'))
        ->and($raw('Stir in the flour and cook for 1–2 minutes.'))->toEqualWithDelta($raw('cook: 1.5 min'), 1e-9)
        ->and(measuredBy("50 g butter\n50 g flour\n500 ml milk\ncook: 25 min")->colour)->not->toBe(Colour::White)
        ->and((new Reader(Larder::house()))->read('cook: 900 min')->unread)->toBe(['cook: 900 min']);
});

it('does not cry raw flour over what people eat every day, and cries over what nobody would', function (): void {
    $codes = static fn(string $recipe): array => array_map(
        static fn(Warning $warning): string => $warning->code->value,
        measuredBy($recipe)->warnings,
    );
    expect($codes("2 tbsp butter\n2 tbsp flour\n1 cup milk\ncook: 1 min\nsimmer: 5 min"))->not->toContain('raw-flour')
        ->and($codes("1 tbsp cornflour\n300 ml stock\nsimmer: 2 min"))->not->toContain('raw-flour')
        ->and($codes("30 g flour\n500 ml stock\nsimmer: 1 min"))->toContain('raw-flour');
});

it('reads what a recipe promises of itself', function (): void {
    $said = (new Reader(Larder::house()))->read(
        "Gran’s Sunday gravy\n50 g butter\n50 g flour\n1 l stock\nServes 4–6\nyield: 2 pints\ntime: 1 h",
    )->said;
    expect($said?->name)->toBe('Gran’s Sunday gravy')
        ->and($said?->portions)->toBe(5)
        ->and($said?->yield?->inMillilitres())->toEqualWithDelta(946.35, 0.1)
        ->and($said?->time?->inMinutes())->toEqualWithDelta(60.0, 1e-9);
    foreach (['yield: a cake', 'yield: 0', 'time: soon', 'Serves nobody'] as $line) {
        expect((new Reader(Larder::house()))->read("50 g flour\n{$line}")->unread)->toBe([$line]);
    }
});
