<?php

declare(strict_types=1);

use App\Kitchen\Kitchen;
use App\Questions\ComposeFields;
use App\Questions\QuestionReader;
use App\Questions\ReadQuestion;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\MeasureSystem;
use Lento\Roux\Colour;

/** @param array<string, string> $fields */
function reading(array $fields): ReadQuestion
{
    return QuestionReader::read($fields, Kitchen::unknown(MeasureSystem::Metric));
}

it('takes the usual of the sauce for what is left out', function (): void {
    $question = reading(['sauce' => 'espagnole', 'amount' => '2'])->question;
    expect($question?->base)->toBe(Base::Espagnole)
        ->and($question?->liquid)->toBe('brown-stock')
        ->and($question?->fat)->toBe('clarified-butter')
        ->and($question?->colour)->toBe(Colour::Brown)
        ->and($question?->fatToFlour)->toBe(1.0)
        ->and($question?->simmerTime->inMinutes())->toEqualWithDelta(90.0, 1e-9)
        ->and($question?->simmerLevel)->toBe(SimmerLevel::Simmer)
        ->and($question?->school)->toBe(School::WarmPours);
});

it('takes everything that is said', function (): void {
    $question = reading([
        'sauce' => 'Velouté',
        'liquid' => 'fish-stock',
        'amount' => '1 1/2',
        'unit' => 'quart',
        'thickness' => '64',
        'colour' => 'white',
        'fat' => 'olive-oil',
        'ratio' => '1,5',
        'minutes' => '45',
        'level' => 'brisk',
        'diameter' => '260',
        'height' => '120',
        'school' => 'hot-on-hot',
    ])->question;
    expect($question?->yield->inMillilitres())->toEqualWithDelta(1.5 * 1136.5225, 1e-3)
        ->and($question?->thickness->gramsPerLitre)->toBe(64.0)
        ->and($question?->fat)->toBe('olive-oil')
        ->and($question?->fatToFlour)->toBe(1.5)
        ->and($question?->pan->diameter->inCentimetres())->toEqualWithDelta(26.0, 1e-9)
        ->and($question?->pan->height->inCentimetres())->toEqualWithDelta(12.0, 1e-9)
        ->and($question?->school)->toBe(School::HotOnHot);
});

it('understands everyday words for liquid, fat and thickness', function (array $fields, string $liquid, string $fat): void {
    $question = reading(['amount' => '2', ...fields($fields)])->question;
    expect($question?->liquid)->toBe($liquid)->and($question?->fat)->toBe($fat);
})->with([
    [['sauce' => 'bechamel', 'liquid' => 'milk', 'fat' => 'unsalted butter'], 'whole-milk', 'butter'],
    [['sauce' => 'espagnole', 'liquid' => 'Beef stock', 'fat' => 'ghee'], 'brown-stock', 'clarified-butter'],
    [['sauce' => 'veloute', 'liquid' => 'turkey stock', 'fat' => 'oil', 'thickness' => 'nappé'], 'chicken-stock', 'vegetable-oil'],
]);

it('gives a pan of which only the width is known a usual height', function (): void {
    expect(
        reading(['sauce' => 'veloute', 'amount' => '2', 'diameter' => '250'])->question?->pan->height->inMillimetres(),
    )->toEqualWithDelta(150.0, 1e-9);
});

it('finds all faults at once, each at its own field', function (): void {
    $faults = reading([
        'sauce' => 'mayonnaise',
        'amount' => 'x',
        'ratio' => '8',
        'minutes' => '0.5',
        'level' => 'wild',
        'diameter' => '1',
        'height' => '1',
        'colour' => 'blue',
    ])->faults;
    expect(array_map(fn(FieldFault $fault): string => $fault->field, $faults))->toBe([
        'sauce',
        'amount',
        'diameter',
        'height',
        'colour',
        'ratio',
        'minutes',
        'level',
    ]);
    foreach ($faults as $fault) {
        expect($fault->message())->not->toContain('faults.')->not->toMatch('/:[a-z]+/')
            ->and($fault->message('pan.height_mm'))->toStartWith('pan.height_mm: ');
    }
});

it('tells the range of a number in the unit it was written in', function (string $unit, string $says): void {
    expect(reading(['sauce' => 'veloute', 'amount' => '0', 'unit' => $unit])->faults[0]->message())->toContain($says);
})->with([
    ['ml', 'from 100 to 200000 ml'],
    ['cl', 'from 10 to 20000 cl'],
    ['cup', 'from 0.4 to 800 metric cup'],
    ['us gallon', 'from 0.0264 to 52.8 us gallon'],
]);

it('counts covers, and says how many are possible', function (): void {
    expect(reading(['sauce' => 'veloute', 'covers' => '72', 'each' => '55'])->question?->yield->inLitres())
        ->toEqualWithDelta(3.96, 1e-9)
        ->and(reading(['sauce' => 'veloute', 'covers' => '1', 'each' => '10'])->faults[0]->message())
        ->toBe('Covers: write a number from 10 to 20000.')
        ->and(reading(['sauce' => 'veloute', 'covers' => '72'])->faults[0]->field)
        ->toBe('each')
        ->and(reading(['sauce' => 'veloute', 'covers' => 'many', 'each' => '55'])->faults[0]->field)
        ->toBe('covers');
});

it('asks for an amount when there is none', fn() => expect(reading(['sauce' => 'veloute'])->faults[0]->field)->toBe('amount'));

it('writes limits with three places', fn(float $value, string $text) => expect(TypedNumber::plain($value))->toBe($text))->with([
    [0.1, '0.1'],
    [200.0, '200'],
    [0.42267, '0.423'],
    [52834.4, '52834'],
    [480.0, '480'],
    [0.5, '0.5'],
]);

it('keeps fields as typed, and drops what is no text', function (): void {
    $fields = ComposeFields::from([
        'sauce' => ' veloute ',
        'amount' => ['a'],
        'ratio' => '1,5',
        'evil' => 'x',
        'fat' => str_repeat('b', 500),
    ])->fields;
    expect($fields['sauce'])
        ->toBe('veloute')
        ->and($fields['amount'])
        ->toBe('')
        ->and($fields['ratio'])
        ->toBe('1,5')
        ->and($fields)
        ->not->toHaveKey('evil')
        ->and(strlen($fields['fat']))
        ->toBe(60);
});

it('moves an amount by a step that suits its size', function (string $amount, string $nudge, string $moved): void {
    expect(ComposeFields::from(['amount' => $amount, 'nudge' => $nudge])->fields['amount'])->toBe($moved);
})->with([
    ['0.5', 'up', '0.6'],
    ['1', 'up', '1.5'],
    ['1', 'down', '0.9'],
    ['1.5', 'down', '1'],
    ['10', 'up', '11'],
    ['10', 'down', '9.5'],
    ['0.1', 'down', '0.1'],
    ['200', 'up', '200'],
    ['some', 'up', 'some'],
    ['2', 'sideways', '2'],
]);

it('fills in the usual only where a field is empty', function (): void {
    $filled = ComposeFields::from(['sauce' => 'espagnole', 'ratio' => '1.5', 'amount' => '2'])->filled(
        Kitchen::unknown(MeasureSystem::Metric),
    )->fields;
    expect($filled['ratio'])
        ->toBe('1.5')
        ->and($filled['fat'])
        ->toBe('clarified-butter')
        ->and($filled['minutes'] . ' ' . round((float) $filled['reduce']))
        ->toBe(' 33')
        ->and(ComposeFields::from(['sauce' => 'nonsense'])->filled(Kitchen::unknown(MeasureSystem::Metric))->fields['fat'])
        ->toBe('');
});

it('leaves empty fields out of the address', function (): void {
    expect(ComposeFields::from(['sauce' => 'veloute', 'amount' => '2'])->toAddress())->toBe(['sauce' => 'veloute', 'amount' => '2']);
});
