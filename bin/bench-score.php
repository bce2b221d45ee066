<?php

declare(strict_types=1);

/*
 * Plans the services with proven answers, and says how far from them it stays and how long it takes.
 *
 * php bin/bench-score.php [--seed=N]
 */

use App\Formats\Json;
use App\Formats\ScoreFile;
use Lento\Score\Answer;
use Lento\Score\Check;
use Lento\Score\Planner;

require __DIR__ . '/../vendor/autoload.php';

const LEVELS = ['clashes', 'late', 'held', 'moves', 'span'];

$asked = getopt('', ['seed:']);
$seed = is_string($asked['seed'] ?? null) ? (int) $asked['seed'] : 1;
$folder = __DIR__ . '/../tests/Core/Golden/score';
$known = json_decode((string) file_get_contents($folder . '/best.json'), true, flags: JSON_THROW_ON_ERROR);
$times = $first = $gaps = [];
[$equal, $all] = [0, 0];

echo "| service | tasks | proven best | bound | planned | first, ms | all, ms | difference |\n|---|---|---|---|---|---|---|---|\n";
foreach (is_array($known) ? $known : [] as $name => $best) {
    $text = json_decode((string) file_get_contents("{$folder}/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
    $began = hrtime(true);
    $since = static fn(): float => (hrtime(true) - $began) / 1e6;
    $instance = ScoreFile::instance(Json::of(is_array($text) ? $text : []));
    $soonest = null;
    $answer = (new Planner($seed))->plan($instance, static function () use (&$soonest, $since): bool {
        $soonest ??= $since();

        return true;
    });
    $took = $since();
    $tasks = count($instance->work->tasks);
    $best = is_array($best) ? $best : [];
    if (!$answer instanceof Answer) {
        $reason = is_string($best['reason'] ?? null) ? $best['reason'] : 'a plan';
        $told = $answer[0]->reason->value === $reason ? 'told' : "NOT TOLD: {$answer[0]->reason->value}";
        printf("| %s | %d | no: %s | - | - | - | %.0f | %s |\n", $name, $tasks, $reason, $took, $told);
        continue;
    }
    $proven = array_values(array_filter(is_array($best['best'] ?? null) ? $best['best'] : [], is_int(...)));
    $worth = $answer->objective->bounded();
    $apart = [];
    foreach (array_combine(LEVELS, $worth) as $level => $value) {
        $more = $value - $proven[count($apart)];
        $apart[$level] = $more === 0 ? '' : sprintf('%s %+d', $level, $more);
    }
    $apart = array_filter($apart, static fn(string $one): bool => $one !== '');
    [$all, $equal] = [$all + 1, $equal + ($apart === [] ? 1 : 0)];
    [$times[$tasks <= 60 ? 'up to 60 tasks' : 'more'][], $first[]] = [$took, $soonest ?? $took];
    $gaps[] = 100.0 * max(0, $worth[4] - $proven[4]) / max(1, $proven[4]);
    printf(
        "| %s | %d | %s | %s | %s | %.0f | %.0f | %s |\n",
        $name,
        $tasks,
        implode('/', $proven),
        implode('/', $answer->bound->least->bounded()),
        implode('/', $worth),
        $soonest ?? $took,
        $took,
        Check::of($instance, $answer->solution) === [] ? ($apart === [] ? 'equal' : implode('; ', $apart)) : 'BREAKS A RULE',
    );
}
sort($gaps);
printf(
    "\n%d of %d equal; span above the best: median %.1f %%, most %.1f %%\n",
    $equal,
    $all,
    $gaps[intdiv(count($gaps), 2)],
    max([0.0, ...$gaps]),
);
foreach ($times as $of => $rows) {
    sort($rows);
    printf("%s: median %.2f s, longest %.2f s\n", $of, $rows[intdiv(count($rows), 2)] / 1e3, max($rows) / 1e3);
}
printf("a first plan within %.0f ms\n", max([0.0, ...$first]));
