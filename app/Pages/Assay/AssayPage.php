<?php

declare(strict_types=1);

namespace App\Pages\Assay;

use App\Format\Bands;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\SauceColour;
use App\Format\Words;
use App\Formats\AssayWords;
use App\Formats\RecipeLd;
use App\Kitchen\Kitchen;
use App\Pages\Pictures\SpoonPicture;
use App\Questions\Answer;
use App\Questions\AsWritten;
use App\Questions\ComposeFields;
use App\Questions\FromRecipe;
use Lento\Assay\Assay;
use Lento\Assay\Measured;
use Lento\Assay\Reader;
use Lento\Assay\ReadLine;
use Lento\Assay\Recipe;
use Lento\Compose\Sheet;
use Lento\Larder\Thickener;
use Lento\Quantity\Volume;
use Lento\Thickness\Doneness;
use Lento\Thickness\ThicknessClass;

/** A written recipe line by line, what was understood beside it, and what it will come out as. */
final readonly class AssayPage
{
    private Recipe $recipe;

    public ?Assay $assay;

    public ?string $refusal;

    public ?ComposeFields $question;

    public ?Sheet $brought;

    /** The recipe as a pot that is cooked as it is written; null where there is no verdict. */
    public ?AsWritten $written;

    /** The line that has to be told first: without it there is no verdict. */
    public ?string $asks;

    /** The same pot worked out; null where it cannot be cooked as it is written. */
    private ?Sheet $cooked;

    public string $text;

    /** @var array<int, string> lines put right by the cook */
    public array $as;

    public ThicknessClass $to;

    public function __construct(public AskedRecipe $asked, ReadRecipe $read, private Kitchen $kitchen)
    {
        [$this->text, $this->as, $this->to] = [$asked->text, $asked->as, $asked->to];
        $this->asks = $read->recipe->asksFirst($kitchen->measures);
        $assay = $this->asks === null ? $read->assay : null;
        [$this->recipe, $this->assay, $this->refusal] = [$read->recipe, $assay, $this->asks === null ? $read->refusal : null];
        $this->written = $assay === null ? null : AsWritten::of($assay, $kitchen);
        $this->question = $assay === null ? null : FromRecipe::to($asked->to, $assay);
        $this->cooked = $this->written?->fields === null ? null : Answer::to($this->written->fields, $kitchen)->sheet;
        $this->brought = $this->question === null ? null : Answer::to($this->question, $kitchen)->sheet;
    }

    /**
     * @return list<array{number: int, text: string, read: string, id: string, loose: bool, unread: bool}> in the recipe's order, settings
     * left out
     */
    public function lines(): array
    {
        $measure = new KitchenMeasure($this->kitchen->measures);
        $lines = array_map(static fn(ReadLine $line): array => [
            'number' => $line->number,
            'text' => $line->text,
            'read' => match (true) {
                $line->ingredient === null => Words::text('assay.weightless'),
                $line->mass->inGrams() <= 0.0 => Words::text('assay.to_taste'),
                default => trim(Grams::of($line->mass)->text() . ', ' . $measure->of($line->volume), ', '),
            },
            'id' => (string) $line->ingredient,
            'loose' => $line->loose || $line->saidAgain !== null,
            'unread' => false,
        ], $this->recipe->lines);
        foreach ($this->recipe->unreadAt as $number => $text) {
            $lines[] = [
                'number' => $number,
                'text' => $text,
                'read' => Words::text('assay.unread'),
                'id' => '',
                'loose' => false,
                'unread' => true,
            ];
        }
        usort($lines, static fn(array $a, array $b): int => $a['number'] <=> $b['number']);

        return $lines;
    }

    /** @return array<string, string> what a line can be put right to */
    public function known(): array
    {
        $names = array_combine([...Kitchen::known(), 'cornflour'], array_map(Words::ingredient(...), [...Kitchen::known(), 'cornflour']));
        asort($names, SORT_NATURAL | SORT_FLAG_CASE);

        return [Reader::LEFT_OUT => Words::text('assay.left_out'), ...$names];
    }

    /** What goes into no pot when it is cooked as written; '' where all of it does. */
    public function unplaced(): string
    {
        $lines = $this->written->unplaced ?? [];

        return $lines === [] ? '' : Words::text('assay.unplaced', lines: implode('; ', $lines));
    }

    public function verdict(): string
    {
        return $this->assay === null ? '' : AssayWords::verdict($this->assay);
    }

    /** @return list<array{string, string}> what it is, and how much */
    public function figures(): array
    {
        $assay = $this->assay;
        if ($assay === null) {
            return [];
        }

        return [
            [Words::text('assay.fat_to_flour'), sprintf('%.2F', $assay->fatToFlour())],
            [
                Words::text('assay.roux_to_liquid'),
                Words::text('assay.one_to', parts: sprintf('%.1F', 1.0 / max(1e-9, $assay->rouxToLiquid()))),
            ],
            [
                Words::text('assay.roux'),
                Words::text('compose.colour.' . $assay->colour->value)
                . ', '
                . Words::text('compose.strength_left', percent: sprintf('%.0F', 100.0 * $assay->end->starch->strength())),
            ],
            [Words::text('outlook.thickness'), Bands::thickness($assay->outlook)],
            [Words::text('assay.yield'), Litres::of($assay->yield)->text() . $this->saidYield($assay)],
            ...$this->time(),
            [Words::text('assay.simmer'), Minutes::text($assay->simmer) . ', ' . Words::text('compose.level.' . $assay->level->value)],
            ...$this->widest($assay),
            [Words::text('assay.raw'), Words::text('assay.raw_is.' . self::rawness($assay->end->starch->tastesRaw()))],
            [Words::text('assay.salt'), sprintf('%.2F %%', $assay->end->saltPercent())],
            [Words::text('assay.free_fat'), Grams::of($assay->end->freeFat())->text()],
        ];
    }

    /** @return list<array{string, string}> which line the thickness is least sure of; none where all of it was weighed */
    private function widest(Assay $assay): array
    {
        $line = $assay->measured->widest;

        return $line === null ? [] : [[
            Words::text('assay.least_sure'),
            Words::text('assay.measured_by.' . $line->measuring->with->value, line: $line->text),
        ]];
    }

    private static function rawness(float $raw): string
    {
        return match (true) {
            $raw <= Doneness::COOKED_OUT => 'gone',
            $raw <= Doneness::FAINT => 'faint',
            default => 'plain',
        };
    }

    /** What the recipe promises beside what we make of it. */
    private function saidYield(Assay $assay): string
    {
        $said = $this->recipe->said;

        return match (true) {
            $said?->yield !== null => Words::text('assay.said_yield', yield: Litres::of($said->yield)->text()),
            $said?->portions !== null => Words::text(
                'assay.said_portions',
                portions: $said->portions,
                each: Litres::of(Volume::ofLitres($assay->yield->inLitres() / $said->portions))->text(),
            ),
            default => '',
        };
    }

    /** @return list<array{string, string}> ours beside the recipe's own, where it says one */
    private function time(): array
    {
        $said = $this->recipe->said?->time;

        return $said === null || $this->cooked === null ? [] : [[
            Words::text('assay.time'),
            Words::text('assay.said_time', ours: Minutes::text($this->cooked->plan()->time()), said: Minutes::text($said)),
        ]];
    }

    /** Whether a spoon of flour is in it that nobody said how full it is. */
    public function asksSpoons(): bool
    {
        foreach ($this->recipe->lines as $line) {
            $flour = $line->ingredient !== null && $this->kitchen->larder()->any($line->ingredient) instanceof Thickener;
            if ($flour && $line->measuring->with === Measured::Spoon && ($this->asked->spoons !== null || !$line->measuring->saysHowFull)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> names of the recipes of the file, where it has several */
    public function found(): array
    {
        return array_map(
            static fn(RecipeLd $recipe, int $at): string => $recipe->name === ''
                ? Words::text('assay.nameless', number: $at + 1)
                : $recipe->name,
            $this->asked->found,
            array_keys($this->asked->found),
        );
    }

    /** The same recipes, for the next question. */
    public function source(): string
    {
        return $this->asked->found === [] ? '' : RecipeLd::write($this->asked->found);
    }

    public function writtenQuestion(): string
    {
        return http_build_query($this->written?->fields?->toAddress() ?? []);
    }

    /** What an own sauce made of it is called. */
    public function ownName(): string
    {
        $name = $this->recipe->said->name ?? '';

        return match (true) {
            $name !== '' => $name,
            $this->cooked === null => '',
            default => Words::text('assay.own_name', sauce: Words::sauce($this->cooked->question)),
        };
    }

    /** @return list<array{name: string, from: string, to: string}> what changes when it is brought to the thickness wanted */
    public function changes(): array
    {
        [$assay, $sheet] = [$this->assay, $this->brought];
        if ($assay === null || $sheet === null) {
            return [];
        }

        return [
            [
                'name' => Words::text('assay.flour'),
                'from' => Grams::of($assay->flour)->text(),
                'to' => Grams::of($sheet->roux->flour)->text(),
            ],
            ['name' => Words::text('assay.fat'), 'from' => Grams::of($assay->fat)->text(), 'to' => Grams::of($sheet->roux->fat)->text()],
            [
                'name' => Words::text('assay.liquid'),
                'from' => Litres::of($assay->liquidVolume)->text(),
                'to' => Litres::of($sheet->liquid)->text(),
            ],
            [
                'name' => Words::text('assay.yield'),
                'from' => Litres::of($assay->yield)->text(),
                'to' => Litres::of($sheet->question->yield)->text(),
            ],
        ];
    }

    public function colour(): string
    {
        return $this->brought === null ? '#f3eada' : SauceColour::of($this->brought);
    }

    public function spoon(): ?SpoonPicture
    {
        return $this->assay === null ? null : SpoonPicture::of($this->assay->flow, $this->assay->spoon, $this->colour());
    }
}
