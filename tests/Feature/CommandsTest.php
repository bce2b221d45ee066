<?php

declare(strict_types=1);

use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;
use Opis\JsonSchema\Validator;

/** @param list<string> $arguments */
function lento(array $arguments, string $input = ''): ProcessResult
{
    return Process::path(base_path())->timeout(300)->input($input)->run(['./lento', ...$arguments]);
}

function fitsSchema(string $json, string $schema): bool
{
    $validator = new Validator();
    foreach (['compose-request', 'compose-answer', 'assay-answer'] as $name) {
        $validator->resolver()?->registerFile('lento:' . $name, base_path("docs/formats/{$name}.schema.json"));
    }

    return $validator->validate(json_decode($json), 'lento:' . $schema)->isValid();
}

it('answers the example request in the shape of its schema', function (): void {
    $request = base_path('docs/formats/examples/compose-request.json');
    expect(fitsSchema((string) file_get_contents($request), 'compose-request'))->toBeTrue();
    $run = lento(['compose', $request, '--json']);
    expect($run->exitCode())->toBe(0)
        ->and($run->errorOutput())->toBe('')
        ->and(fitsSchema($run->output(), 'compose-answer'))->toBeTrue();
    $answer = json_decode($run->output(), true);
    expect($answer['roux']['flour_g'])->toEqualWithDelta(140.2, 0.5)
        ->and($answer['liquid']['yield_ml'])->toEqual(2000)
        ->and($answer['thickness']['class'])->toBe('coating')
        ->and($answer['pan']['end_depth_mm'])->toEqualWithDelta(45.1, 0.1)
        ->and(array_sum(array_column($answer['pours'], 'ml')))->toEqualWithDelta($answer['liquid']['start_ml'], 0.3)
        ->and(array_sum(array_map(intval(...), array_column($answer['pours'], 'slack'))))->toBe(1)
        ->and($answer['warnings'])->toBe([]);
});

it('says the same for people', function (): void {
    $run = lento(['compose', 'docs/formats/examples/compose-request.json']);
    expect($run->exitCode())->toBe(0)
        ->and($run->output())->toContain('2 litres of velouté that coats', 'butter         140 g', 'Stir until it is blond', 'slack');
});

it('takes portions, texts as numbers, and any spelling', function (): void {
    $run = lento(['compose', '-', '--json'], '{"sauce":"Béchamel","yield":{"portions":72,"each":{"amount":"50","unit":"ml"}},"thickness":85,"roux":{"fat_to_flour":"1 1/2"}}');
    $answer = json_decode($run->output(), true);
    expect($run->exitCode())->toBe(0)->and(fitsSchema($run->output(), 'compose-answer'))->toBeTrue()
        ->and($answer['liquid']['yield_ml'])->toEqual(3600)
        ->and($answer['roux']['fat_to_flour'])->toEqual(1.5)
        ->and($answer['thickness']['class'])->toBe('gratin');
});

it('gives a warning and the biggest yield for a pan that is too small', function (): void {
    $answer = json_decode(lento(['compose', '-', '--json'], '{"sauce":"veloute","yield":{"amount":4,"unit":"l"},"pan":{"diameter_mm":200,"height_mm":120}}')->output(), true);
    expect(array_column($answer['warnings'], 'code'))->toBe(['pan-overflows'])
        ->and($answer['warnings'][0]['message'])->toContain('At most 3.05 l fits');
});

it('ends with 2 and one line per fault', function (string $request, array $lines): void {
    $run = lento(['compose', '-'], $request);
    expect($run->exitCode())->toBe(2)
        ->and($run->output())->toBe('')
        ->and(explode("\n", trim($run->errorOutput())))->toBe($lines);
})->with([
    ['{', ['request: not valid JSON (syntax error).']],
    ['[1,2]', ['request: must be a JSON object.']],
    ['{"sauce":"veloute"}', ['yield: missing.']],
    ['{"yield":{"amount":0}}', ['sauce: missing.', 'yield.amount: write a number from 0.1 to 200 l.']],
    ['{"sauce":"veloute","yield":{"amount":1e6,"unit":"l"},"foo":1}', ['foo: not a known part of a request.', 'yield.amount: write a number from 0.1 to 200 l.']],
    ['{"sauce":"veloute","yield":{"amount":2,"unit":"barrel"},"roux":[1]}', ['roux: must be an object.', 'yield.unit: “barrel” is not a unit of volume; use ml, cl, dl, l, tsp, tbsp, cup, fl oz, pint, quart or gallon.']],
    ['{"sauce":"veloute","yield":{"amount":0.1},"pan":{"diameter_mm":240,"height_mm":140}}', ['yield.amount: 0.45 l to 5.0 l simmer well in a 24 cm pan; less stands under 1 cm deep and scorches.']],
    ['{"sauce":"veloute","yield":{"amount":-1,"unit":"pint"},"simmer":{"minutes":true}}', ['yield.amount: write a number from 0.176 to 352 imperial pint.', 'simmer.minutes: write a number from 5 to 480 min.']],
]);

it('refuses a file that is not there or too large', function (): void {
    expect(lento(['compose', 'nowhere.json'])->exitCode())->toBe(2)
        ->and(lento(['assay', '-'], str_repeat('x', 1_000_001))->errorOutput())->toContain('larger than 1 MB');
});

it('assays the example recipe in the shape of its schema', function (): void {
    $run = lento(['assay', 'docs/formats/examples/recipe.txt', '--json']);
    $answer = json_decode($run->output(), true);
    expect($run->exitCode())->toBe(0)->and(fitsSchema($run->output(), 'assay-answer'))->toBeTrue()
        ->and($answer['flour_g'])->toEqualWithDelta(85.05, 0.01)
        ->and($answer['liquid_ml'])->toEqualWithDelta(3266, 1.0)
        ->and($answer['unread'])->toBe([])
        ->and($answer['roux'])->toBe('brown');
});

it('reports the lines it left out, and says in one sentence what comes of the rest', function (): void {
    $run = lento(['assay', '-'], "60 g butter\n60 g flour\n1 l milk\na handful of stardust\n");
    expect($run->exitCode())->toBe(0)
        ->and($run->output())->toContain('A coating sauce: 1.0', 'Not understood, left out: a handful of stardust');
});

it('refuses a recipe that is no sauce', function (string $recipe, string $says): void {
    $run = lento(['assay', '-'], $recipe);
    expect($run->exitCode())->toBe(2)
        ->and($run->output())->toBe('')
        ->and($run->errorOutput())->toContain($says);
})->with([
    ['', 'there is nothing to read'],
    ["1 l milk\nxyzzy", 'no flour or starch was understood'],
    ['100 g flour', 'no liquid was understood'],
    'bytes that are no text' => ["\xff\xfe", 'not text in UTF-8'],
]);

it('ends with 2 and its usage when it is called wrongly', function (string $command, string $says): void {
    $run = lento(explode(' ', $command));
    expect($run->exitCode())->toBe(2)->and($run->output())->toBe('')->and($run->errorOutput())->toContain($says, 'FILE|- [--json]');
})->with([
    'no file' => ['compose', 'lento compose needs a file'],
    'two files' => ['assay a.txt b.txt', 'lento assay reads one file'],
    'an option it has not' => ['compose - --jsn', 'does not know “--jsn”'],
]);

it('helps, and refuses a command it does not know', function (): void {
    expect(lento(['help'])->output())->toContain('./lento demo', './lento test', './lento compose', './lento assay')
        ->and(lento(['fly'])->exitCode())->toBe(1);
});
