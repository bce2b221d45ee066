<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Bands;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\SauceColour;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Pages\Pictures\PotPicture;
use App\Pages\Pictures\SpoonPicture;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Lento\Compose\Sheet;
use Lento\Plan\Step;
use Lento\Quantity\Duration;

/** Questions side by side, their answers line by line, and what differs from the first. */
final readonly class ComparePage
{
    /** Questions beside one another: more are not read any more. */
    public const MOST = 4;

    /** What can be changed in a column without leaving the page. */
    public const CHANGES = ['ratio', 'school', 'colour', 'thickness', 'pan', 'place', 'finish'];

    /**
     * @var non-empty-list<array{fields: array<string, string>, address: string, sheet: Sheet|null, fault: string, colour: string|null,
     * pot: PotPicture|null, spoon: SpoonPicture|null}>
     */
    public array $columns;

    /** @param non-empty-list<ComposeFields> $questions */
    public function __construct(array $questions, public Kitchen $kitchen)
    {
        $this->columns = array_map(static function (ComposeFields $fields) use ($kitchen): array {
            $answer = Answer::to($fields, $kitchen);

            return [
                'fields' => $fields->filled($kitchen)->fields,
                'address' => http_build_query($fields->toAddress()),
                'sheet' => $answer->sheet,
                'fault' => $answer->faults === [] ? '' : $answer->faults[0]->message(),
                'colour' => $answer->sheet === null ? null : SauceColour::of($answer->sheet),
                'pot' => $answer->sheet === null ? null : PotPicture::ofSheet($answer->sheet, SauceColour::of($answer->sheet)),
                'spoon'
                    => $answer->sheet === null
                        ? null
                        : SpoonPicture::of($answer->sheet->flow, $answer->sheet->spoon, SauceColour::of($answer->sheet)),
            ];
        }, $questions);
    }

    /** @return list<string> */
    public function addresses(): array
    {
        return array_column($this->columns, 'address');
    }

    /** @return list<string>|null with one more, or null where there are four */
    public function another(): ?array
    {
        return count($this->columns) < self::MOST ? [...$this->addresses(), $this->addresses()[count($this->columns) - 1]] : null;
    }

    /** @return list<string>|null without a column, or null where only two are left */
    public function without(int $column): ?array
    {
        return count($this->columns) > 2 ? array_values(array_diff_key($this->addresses(), [$column => true])) : null;
    }

    /** @return list<array{name: string, cells: list<array{text: string, differs: bool}>}> */
    public function rows(): array
    {
        $rows = [
            'makes' => static fn(Sheet $s): string => Litres::of($s->question->yield)->text(),
            'fat' => static fn(Sheet $s): string => Grams::of($s->roux->fat)->text() . ' ' . Words::ingredient($s->question->fat),
            'flour' => static fn(Sheet $s): string => Grams::of($s->roux->flour)->text(),
            'liquid' => static fn(Sheet $s): string => Litres::of($s->liquid)->text() . ' ' . Words::ingredient($s->question->liquid),
            'thickness' => static fn(Sheet $s): string => Bands::thickness($s->outlook->thickness),
            'roux' => static fn(Sheet $s): string => $s->outlook->rouxMinutes === null
                ? Words::text('compose.by_colour')
                : Bands::minutes($s->outlook->rouxMinutes),
            'strength' => static fn(Sheet $s): string => sprintf('%.0F %%', 100.0 * $s->shade->strength()),
            'pours' => static fn(Sheet $s): string => (string) count($s->stair->pours),
            'lumps' => static fn(Sheet $s): string => Bands::risks($s->outlook)['lumps'],
            'floats' => static fn(Sheet $s): string => Grams::of($s->freeFat())->text(),
            'depth' => static fn(Sheet $s): string => sprintf(
                '%.0F → %.0F mm',
                $s->startDepth()->inMillimetres(),
                $s->endDepth()->inMillimetres(),
            ),
            'full' => static fn(Sheet $s): string => sprintf('%.0F %%', $s->fillPercent()),
            'time' => static fn(Sheet $s): string => self::minutes($s, false),
            'hands' => static fn(Sheet $s): string => self::minutes($s, true),
            'salt' => static fn(Sheet $s): string => sprintf('%.2F %%', $s->served->saltPercent()),
            'cost' => fn(Sheet $s): string => $this->cost($s),
            'minds' => static fn(Sheet $s): string => (string) count($s->warnings),
        ];

        return array_map(
            function (string $key, callable $of): array {
                $sheets = array_column($this->columns, 'sheet');
                $texts = array_map(static fn(?Sheet $sheet): string => $sheet === null ? '' : $of($sheet), $sheets);

                return [
                    'name' => Words::text('compare.rows.' . $key),
                    'cells' => array_map(static fn(string $text): array => ['text' => $text, 'differs' => $text !== $texts[0]], $texts),
                ];
            },
            array_keys($rows),
            $rows,
        );
    }

    private static function minutes(Sheet $sheet, bool $handsOn): string
    {
        return Minutes::text(
            Duration::ofMinutes(
                array_sum(
                    array_map(
                        static fn(Step $step): float => !$handsOn || $step->pace->handsOn ? $step->pace->time->inMinutes() : 0.0,
                        $sheet->steps(),
                    ),
                ),
            ),
        );
    }

    private function cost(Sheet $sheet): string
    {
        $costs = $this->kitchen->costs($sheet->amounts());

        return $costs === [] ? '–' : $this->kitchen->currency() . sprintf('%.2F', array_sum($costs));
    }
}
