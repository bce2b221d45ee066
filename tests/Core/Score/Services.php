<?php

declare(strict_types=1);

namespace Tests\Core\Score;

use App\Formats\Json;
use App\Formats\ScoreFile;
use Lento\Score\Answer;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\Placed;
use Lento\Score\Planner;
use Lento\Score\Solution;
use RuntimeException;

/** Services with proven answers, tests/Core/Golden/score; and a small one written out by hand. */
final class Services
{
    private const FOLDER = __DIR__ . '/../Golden/score';

    /** @var array<string, Answer|list<Impossible>> each is solved once in a run of the tests */
    private static array $solved = [];

    /** @return list<string> */
    public static function names(string $like = ''): array
    {
        $names = array_map(static fn(string $path): string => basename($path, '.json'), glob(self::FOLDER . '/*-*.json') ?: []);

        return array_values(array_filter($names, static fn(string $name): bool => str_starts_with($name, $like)));
    }

    /** @return list<int>|null the proven best of the first five terms; null where there is no plan */
    public static function best(string $name): ?array
    {
        $best = self::values('best')[$name] ?? null;
        $terms = is_array($best) && is_array($best['best'] ?? null) ? $best['best'] : null;

        return $terms === null ? null : array_values(array_filter($terms, is_int(...)));
    }

    public static function reason(string $name): string
    {
        $best = self::values('best')[$name] ?? null;

        return is_array($best) && is_string($best['reason'] ?? null) ? $best['reason'] : '';
    }

    /** @return Answer|list<Impossible> */
    public static function solved(string $name): Answer|array
    {
        return self::$solved[$name] ??= (new Planner())->plan(self::instance($name));
    }

    public static function instance(string $name): Instance
    {
        return ScoreFile::instance(Json::of(self::values($name)));
    }

    /** @return array<mixed> */
    public static function values(string $name): array
    {
        $text = file_get_contents(self::FOLDER . "/{$name}.json");
        $values = json_decode($text === false ? throw new RuntimeException("no {$name}") : $text, true, flags: JSON_THROW_ON_ERROR);

        return is_array($values) ? $values : [];
    }

    /**
     * The smallest there is: a pot of three tasks, a ring, a cook.
     *
     * @param array<string, mixed> $changes
     */
    public static function pot(array $changes = []): Instance
    {
        return ScoreFile::instance(Json::of([...self::rows(), ...$changes]));
    }

    /**
     * @param list<array{string, int, string, mixed}> $changes list, place in it, key and what it is to be
     * @param list<array{string, array<string, mixed>}> $more list, and what comes to it
     */
    public static function changed(array $changes, array $more = [], int $now = 0, int $pots = 1): Instance
    {
        $rows = [...self::rows(), 'now' => $now];
        foreach ($pots === 1 ? [] : ['sauces', 'tasks', 'arcs', 'uses'] as $list) {
            $own = is_array($rows[$list] ?? null) ? $rows[$list] : [];
            $twins = json_encode($own, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
            $twins = json_decode(strtr($twins, ['"a"' => '"b"', '"a/' => '"b/', '"a:' => '"b:']), true, flags: JSON_THROW_ON_ERROR);
            $rows[$list] = [...$own, ...array_values(is_array($twins) ? $twins : [])];
        }
        foreach ($more as [$list, $one]) {
            $rows[$list] = [...is_array($rows[$list] ?? null) ? $rows[$list] : [], $one];
        }
        foreach ($changes as [$list, $place, $key, $value]) {
            $all = is_array($rows[$list] ?? null) ? $rows[$list] : [];
            $one = is_array($all[$place] ?? null) ? $all[$place] : [];
            $rows[$list] = [...$all, $place => [...$one, $key => $value]];
        }

        return ScoreFile::instance(Json::of($rows));
    }

    /** @return array<string, mixed> */
    public static function rows(): array
    {
        $task = static fn(string $id, int $minutes, string $attention): array
            => ['id' => "a/{$id}", 'sauce' => 'a', 'kind' => $id, 'minutes' => $minutes, 'attention' => $attention];

        return [
            'clock' => '16:00',
            'horizon' => 300,
            'now' => 0,
            'name' => 'one pot',
            'cooks' => [['id' => 'Ines', 'skills' => ['liaison']]],
            'rings' => [['id' => 'front', 'max_pan_mm' => 280, 'power' => 3]],
            'stores' => [['id' => 'pan-24', 'kind' => 'pan', 'slots' => 1], ['id' => 'oven', 'kind' => 'oven', 'slots' => 2]],
            'sauces' => [['id' => 'a', 'name' => 'velouté', 'last' => 'a/strain', 'serve_at' => 150, 'hold_max' => 60]],
            'tasks' => [
                $task('roux', 8, 'hands'),
                [...$task('simmer', 30, 'none'), 'visits' => ['every' => 10, 'slack' => 3]],
                $task('strain', 4, 'hands'),
            ],
            'arcs' => [
                ['from' => 'a/roux', 'to' => 'a/simmer', 'min' => 0, 'max' => 0],
                ['from' => 'a/simmer', 'to' => 'a/strain', 'min' => 0, 'max' => 8],
            ],
            'uses' => [
                ['id' => 'a:ring', 'on' => 'ring', 'from' => 'a/roux', 'to' => ['a/simmer'], 'pan_mm' => 240, 'power' => 2],
                ['id' => 'a:pan', 'on' => 'pan-24', 'from' => 'a/roux', 'to' => ['a/strain']],
            ],
        ];
    }

    /** @param array<string, int> $starts */
    public static function moved(Solution $solution, array $starts): Solution
    {
        $tasks = $solution->tasks;
        foreach ($starts as $task => $start) {
            $tasks[$task] = new Placed($start, $tasks[$task]->cook);
        }

        return new Solution($tasks, $solution->rings, $solution->visits);
    }
}
