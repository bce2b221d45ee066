<?php

declare(strict_types=1);

namespace App\Pages\Kitchen;

use App\Format\EventWords;
use App\Format\Words;
use Lento\Drawing\ShrinkingBands;
use Lento\Forecast\Band;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Learning\Lesson;
use Lento\Learning\Notebook;
use Lento\Learning\Observation;

/** What finished pots have taught: each figure with its band shrinking pot by pot, and the pots it comes from. */
final readonly class LearningPage
{
    /**
     * @param list<array{title: string, says: string, drawing: ShrinkingBands}> $figures
     * @param list<array{id: int, name: string, date: string, teaches: string, left_out: bool}> $pots newest first
     */
    private function __construct(public bool $learns, public array $figures, public array $pots) {}

    /**
     * @param list<array{id: int, name: string, date: string, lesson: Lesson, left_out: bool}> $pots newest first, those that are left out
     * as well
     * @param array<string, string> $rings names of the rings by what lessons know them by
     */
    public static function of(bool $learns, Notebook $notebook, array $pots, array $rings): self
    {
        $house = KitchenFactors::house();
        $figures = [];
        foreach ($notebook->lessons as $lesson) {
            $pan = sprintf('%.0F', $lesson->pan->inCentimetres());
            $figures["steam {$pan} {$lesson->level->value}"] ??= self::figure(
                Words::text('learning.steam', pan: $pan, level: Words::text('compose.level.' . $lesson->level->value)),
                $notebook->course($house->evaporation, $notebook->evaporations($lesson->pan, $lesson->level)),
                'learning.loses',
            );
            $figures["brown {$lesson->heat->value} {$lesson->ring}"] ??= self::figure(
                Words::text(
                    isset($rings[$lesson->ring]) ? 'learning.browning_on' : 'learning.browning',
                    heat: EventWords::heatName($lesson->heat),
                    ring: $rings[$lesson->ring] ?? '',
                ),
                $notebook->course($house->browning, $notebook->brownings($lesson->heat, $lesson->ring)),
                'learning.browns',
            );
        }
        $figures['flour'] = self::figure(
            Words::text('learning.flour'),
            $notebook->course($house->flourStrength, $notebook->flours()),
            'learning.thickens',
        );
        foreach ($notebook->hands() as $kind => $course) {
            $title = Words::text('learning.hands', act: Words::text('steps.' . $kind . '.name'));
            $figures['hands ' . $kind] = self::figure($title, $course, 'learning.takes');
        }

        return new self(
            $learns,
            array_values(array_filter($figures)),
            array_map(
                static fn(array $pot): array => [
                    'id' => $pot['id'],
                    'name' => $pot['name'],
                    'date' => $pot['date'],
                    'teaches' => self::teaches($pot['lesson']),
                    'left_out' => $pot['left_out'],
                ],
                $pots,
            ),
        );
    }

    /**
     * "from your 6 pots in this pan: loses 12 % more than the house figure"; nothing where nothing was learnt.
     *
     * @return list<string>
     */
    public static function origins(KitchenFactors $kitchen): array
    {
        return array_values(array_filter([
            self::origin($kitchen->evaporation, 'learning.from_pan', 'learning.loses'),
            self::origin($kitchen->browning, 'learning.from_heat', 'learning.browns'),
            self::origin($kitchen->flourStrength, 'learning.from_all', 'learning.thickens'),
        ], static fn(string $line): bool => $line !== ''));
    }

    private static function origin(Factor $factor, string $from, string $does): string
    {
        return $factor->observations === 0
            ? ''
            : Words::text(
                'learning.origin',
                from: trans_choice($from, $factor->observations, ['count' => $factor->observations]),
                does: self::does($factor, $does),
            );
    }

    /**
     * @param non-empty-list<Factor> $course
     *
     * @return array{title: string, says: string, drawing: ShrinkingBands}|null null where no pot says anything of it
     */
    private static function figure(string $title, array $course, string $does): ?array
    {
        $last = $course[count($course) - 1];
        if (count($course) < 2) {
            return null;
        }
        $bands = array_map(static function (Factor $factor): array {
            $band = Band::around($factor->value, $factor->deviation);

            return [$band->low, $band->likely, $band->high];
        }, $course);
        [$low, , $high] = $bands[count($bands) - 1];

        return [
            'title' => $title,
            'says' => Words::text(
                'learning.says',
                does: self::does($last, $does),
                low: self::percent($low),
                high: self::percent($high),
                pots: trans_choice('learning.pots', count($course) - 1, ['count' => count($course) - 1]),
            ),
            'drawing' => ShrinkingBands::of($bands),
        ];
    }

    private static function does(Factor $factor, string $does): string
    {
        $percent = (int) round(100.0 * ($factor->value - 1.0));

        return Words::text($does . ($percent === 0 ? '_same' : ($percent > 0 ? '_more' : '_less')), percent: abs($percent));
    }

    private static function percent(float $ratio): string
    {
        return sprintf('%+.0F %%', 100.0 * ($ratio - 1.0));
    }

    private static function teaches(Lesson $lesson): string
    {
        return implode(', ', [
            ...$lesson->evaporation === null
                ? []
                : [Words::text('learning.one_steam', percent: self::percent($lesson->evaporation->ratio))],
            ...$lesson->browning === null ? [] : [Words::text('learning.one_browning', percent: self::percent($lesson->browning->ratio))],
            ...$lesson->flour === null ? [] : [Words::text('learning.one_flour', percent: self::percent($lesson->flour->ratio))],
            ...$lesson->hands === [] ? [] : [Words::text('learning.one_hands', percent: self::percent(self::usual($lesson->hands)))],
        ]);
    }

    /** @param non-empty-array<string, Observation> $hands */
    private static function usual(array $hands): float
    {
        return exp(array_sum(array_map(static fn(Observation $one): float => log($one->ratio), $hands)) / count($hands));
    }
}
