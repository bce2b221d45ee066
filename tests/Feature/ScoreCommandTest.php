<?php

declare(strict_types=1);

use App\Typed\Schema;

require_once __DIR__ . '/lento.php';

/**
 * What `lento score` says of a service.
 *
 * @param array<mixed>|string $service
 *
 * @return array{int, string, string} exit code, answer, faults
 */
function score(array|string $service, bool $json = true): array
{
    $text = is_string($service) ? $service : json_encode($service, JSON_THROW_ON_ERROR);
    $said = lento(['score', '-', ...$json ? ['--json'] : []], $text);

    return [$said->exitCode() ?? -1, $said->output(), $said->errorOutput()];
}

/** @return array<mixed> */
function galleyService(string $name = 'small-16'): array
{
    return row(json_decode((string) file_get_contents(base_path("tests/Core/Golden/score/{$name}.json")), true));
}

it('answers by its published shape', function (string $name): void {
    [$code, $out] = score(galleyService($name));
    $answer = json_decode($out);
    expect($code)->toBe(0)->and(Schema::shipped()->faults('score-answer', $answer))->toBe([]);
})->with(['small-16', 'special-00-no-ring-wide-enough', 'special-02-hold-impossible']);

it('prints who does what when, and how sure it is', function (): void {
    [$code, $out] = score(galleyService('small-08'), json: false);
    expect($code)->toBe(0)->and($out)->toContain('Cannot start later.')->toContain('Ines')->toContain('/strain');
});

it('says in words why there is no plan', function (): void {
    [$code, $out] = score(galleyService('special-00-no-ring-wide-enough'), json: false);
    expect($code)->toBe(0)->and($out)->toContain('no ring takes the pan of veloute-a/melt (280 mm at power 2); the widest takes 240 mm');
});

it('tells each fault by its field and what may stand there', function (Closure $spoil, string $says): void {
    /** @var Closure(array<mixed>): (array<mixed>|string) $spoil */
    [$code, , $error] = score($spoil(galleyService()));
    expect($code)->toBe(2)->and($error)->toContain($says)->not->toContain('Stack trace');
})->with([
    'no cook' => [fn(array $s): array => [...$s, 'cooks' => []], 'cooks: missing.'],
    'a task of a thousand hours' => [function (array $s): array {
        return [...$s, 'tasks' => [[...row(row($s['tasks'])[0]), 'minutes' => 60_000], ...array_slice(row($s['tasks']), 1)]];
    }, 'tasks.0.minutes: write a number from 1 to 4320.'],
    'a wait for nobody' => [function (array $s): array {
        return [...$s, 'arcs' => [...row($s['arcs']), ['from' => 'x', 'to' => 'y', 'min' => 0]]];
    }, '.from: nothing here is called “x”.'],
    'two of one name' => [fn(array $s): array => [...$s, 'cooks' => [['id' => 'Ines'], ['id' => 'Ines']]], 'cooks.1.id: another one'],
    'a band upside down' => [function (array $s): array {
        return [...$s, 'tasks' => [[...row(row($s['tasks'])[0]), 'low' => 400], ...array_slice(row($s['tasks']), 1)]];
    }, 'tasks.0.low: write a number from 0 to'],
    'a longest wait below the shortest' => [function (array $s): array {
        return [...$s, 'arcs' => [[...row(row($s['arcs'])[0]), 'min' => 5, 'max' => 2], ...array_slice(row($s['arcs']), 1)]];
    }, 'arcs.0.max: write a number from 5 to 4320.'],
    'away backwards' => [
        fn(array $s): array => [...$s, 'cooks' => [['id' => 'Ines', 'away' => [[9, 3]]]]],
        'cooks.0.away.0.1: write a number from 9',
    ],
    'served after the end' => [fn(array $s): array => [...$s, 'horizon' => 180], 'serve_at: write a number from 0 to 180.'],
    'nothing served' => [function (array $s): array {
        return [...$s, 'sauces' => array_map(static fn(mixed $one): array => [...row($one), 'serve_at' => null], row($s['sauces']))];
    }, 'serving'],
    'something else' => [fn(): string => '[1, 2', 'request: not valid JSON'],
    'nothing' => [fn(): string => '{}', 'tasks: missing.'],
]);

it('tells of a wait that goes round in a ring', function (): void {
    $service = galleyService();
    $first = row(row($service['arcs'])[0]);
    $back = ['from' => $first['to'], 'to' => $first['from'], 'min' => 0];
    [$code, $out] = score([...$service, 'arcs' => [...row($service['arcs']), $back]]);
    expect($code)->toBe(0)->and(text(row(row(row(json_decode($out, true))['impossible'])[0])['reason']))->toBe('order');
});

it('takes names that are numbers', function (): void {
    $text = strtr((string) json_encode(galleyService(), JSON_UNESCAPED_SLASHES), ['"Ines"' => '"7"']);
    $tasks = [];
    foreach (row(galleyService()['tasks']) as $k => $task) {
        $tasks['"' . text(row($task)['id']) . '"'] = '"' . ($k + 1) . '"';
    }
    [$code, $out] = score(strtr($text, $tasks));
    $answer = json_decode($out);
    expect($code)->toBe(0)->and(Schema::shipped()->faults('score-answer', $answer))->toBe([]);
});
