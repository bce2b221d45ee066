<?php

declare(strict_types=1);

use App\Typed\ClockTime;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\Schema;
use App\Typed\UnitWord;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Quantity\VolumeUnit;

/** @param list<mixed> $rules */
function faultOf(mixed $typed, array $rules): ?string
{
    return (Fields::read(['amount' => $typed], ['amount' => $rules])->faults['amount'] ?? null)?->message();
}

it('takes a number as cooks write it, and names its field and range otherwise', function (mixed $typed, ?string $says): void {
    expect(faultOf($typed, [Number::between(0.5, 200.0, ' l')]))->toBe($says);
})->with([
    ['1 1/2', null],
    ['0,5', null],
    [200, null],
    [0.5, null],
    ['', null],
    ['0.49', 'How much: write a number from 0.5 to 200 l.'],
    [201, 'How much: write a number from 0.5 to 200 l.'],
    ['much', 'How much: write a number from 0.5 to 200 l.'],
    ['1e400', 'How much: write a number from 0.5 to 200 l.'],
    [['1'], 'How much: write a number from 0.5 to 200 l.'],
    [true, 'How much: write a number from 0.5 to 200 l.'],
]);

it('asks for what is needed, and for whole numbers', function (): void {
    expect(faultOf('', [Number::between(1.0, 9.0)->needed()]))->toBe('How much: write a number from 1 to 9.')
        ->and(faultOf('2.5', [Number::whole(1, 9)]))->toBe('How much: write a number from 1 to 9.')
        ->and(faultOf('2', [Number::whole(1, 9)->needed()]))->toBeNull();
});

it('tells a range in the unit that was typed', function (): void {
    expect(faultOf('0', [Number::volume(VolumeUnit::Millilitre, 0.1, 200.0)]))->toEndWith('from 100 to 200000 ml.')
        ->and(faultOf('0', [Number::mass(MassUnit::Kilogram, 1.0, 150_000.0)]))->toEndWith('from 0.001 to 150 kg.');
});

it('takes a choice in whatever letters, and names the choices', function (): void {
    $levels = OneOf::cases(SimmerLevel::cases());
    expect(faultOf(' BARE', [$levels]))->toBeNull()
        ->and($levels->meant('Bare'))->toBe('bare')
        ->and(faultOf('wild', [$levels]))->toBe('How much: “wild” is not one of bare, simmer, brisk, boil.')
        ->and(faultOf(str_repeat('w', 500), [$levels]))->toBe(
            'How much: “' . str_repeat('w', 40) . '” is not one of bare, simmer, brisk, boil.',
        )
        ->and(faultOf('', [$levels->needed()]))->toContain('is not one of');
});

it('knows units, and times of the day', function (): void {
    $names = new UnitNames(MeasureSystem::Metric);
    expect(faultOf('cup', [UnitWord::ofVolume($names)]))->toBeNull()
        ->and(faultOf('oz', [UnitWord::ofVolume($names)]))->toContain('“oz” is not a unit of volume')
        ->and(faultOf('cup', [UnitWord::ofMass($names)]))->toContain('“cup” is not a unit of weight')
        ->and(faultOf('oz', [UnitWord::any($names)]))->toBeNull()
        ->and(faultOf('19.30', [new ClockTime()]))->toBeNull()
        ->and(faultOf('25:00', [new ClockTime()]))->toBe('How much: write a time as 19:30.');
});

it('reads what is well and leaves out what is faulty', function (): void {
    $read = Fields::read(
        ['a' => '1,5', 'b' => 'x', 'c' => ['d' => '2'], 'level' => 'BOIL'],
        ['a' => [Number::between(0.0, 9.0)], 'b' => [Number::between(0.0, 9.0)], 'level' => [OneOf::cases(SimmerLevel::cases())]],
    );
    expect($read->number('a'))->toBe(1.5)
        ->and($read->number('b'))->toBeNull()
        ->and($read->text('b'))->toBe('x')
        ->and($read->number('c.d'))->toBe(2.0)
        ->and($read->enum('level', SimmerLevel::class))->toBe(SimmerLevel::Boil)
        ->and($read->has('c.e'))->toBeFalse()
        ->and(array_keys($read->faults))->toBe(['b']);
});

it('says the rule’s fault of a field before the schema’s, and of a part before the whole', function (): void {
    $read = Fields::read(['pan' => ['diameter_mm' => '9']], ['pan.diameter_mm' => [Number::between(50.0, 90.0)]])->and([
        'pan.diameter_mm' => FieldFault::of('pan.diameter_mm', 'a_number'),
        'pan' => FieldFault::of('pan', 'shape'),
        'foo' => FieldFault::of('foo', 'unknown_key'),
    ]);
    expect($read->messages())->toBe([
        'foo: not a known part of a request.',
        'pan.diameter_mm: write a number from 50 to 90.',
    ]);
});

it('finds what a published schema has against a text', function (string $schema, string $json, array $says): void {
    $faults = Schema::shipped()->faults($schema, json_decode($json));
    expect(Fields::faulty($faults)->messages())->toBe($says);
})->with([
    ['cool-request', '{"container":{"shape":"round"},"place":"fridge"}', []],
    ['cool-request', '[]', ['request: must be a JSON object.']],
    ['cool-request', '{"container":[],"place":"sea"}', [
        'container: must be an object.',
        'place: “sea” is not one of room, room-covered, fridge, fridge-uncovered, walk-in-fan, blast-chiller, '
            . 'freezer, ice-bath, ice-bath-stirred.',
    ]],
    ['cool-request', '{"place":"fridge","container":{"shape":"round","lid":1}}', ['container.lid: not a known part of a request.']],
    ['simulate-request', '{"pan":{"diameter_mm":[],"height_mm":1},"minutes":1,"actions":{}}', [
        'actions: must be a list of objects.',
        'pan.diameter_mm: write a number.',
    ]],
    ['readings-request', '{"sent_at":0,"readings":[]}', [
        'readings: missing.',
        'sent_at: write ms since 1970; a time like 2026-11-24T17:31:00Z.',
    ]],
    ['event#/$defs/more-time', '{"id":"a","at":"2026-11-24T17:31:00.000Z","kind":"more-time","step":"pour","s":-1}', [
        's: write a number from 0.',
    ]],
    ['event#/$defs/note', '{"id":"","at":"noon","kind":"note","step":"pour","text":7}', [
        'at: is not written as it should be.',
        'id: missing.',
        'text: must be a text.',
    ]],
]);
