<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\Additions;
use Lento\Compose\Part;
use Lento\Compose\Sheet;
use Lento\Compose\StepKind;
use Lento\Compose\Treatment;
use Lento\Compose\When;
use Lento\Finish\Finishing;
use Lento\Pour\School;

/** What a step is called, and what to look, smell and listen for, with this pot's own amounts in it. */
final readonly class StepWords
{
    /** @var array<string, string> */
    private array $with;

    public function __construct(private Sheet $sheet)
    {
        $question = $sheet->question;
        $salt = array_values(array_filter($sheet->amounts, static fn($amount): bool => $amount->ingredient === 'salt'));
        $pours = count($sheet->stair->pours);
        $this->with = [
            'fat' => Words::ingredient($question->fat),
            'oven' => Degrees::text($question->oven),
            'vegetables' => $this->named(static fn(Part $part): bool => $part->treatment->isVegetable() || in_array($part->treatment, [Treatment::DicedBack, Treatment::Rendered], true)),
            'wine' => $this->named(static fn(Part $part): bool => $part->treatment === Treatment::Reduced),
            'finishes' => implode(Words::text('steps.then'), array_map($this->finish(...), $sheet->finishes)),
            'fat_amount' => Grams::of($sheet->roux->fat)->text(),
            'flour_amount' => Grams::of($sheet->roux->flour)->text(),
            'liquid' => Words::ingredient($question->liquid),
            'liquid_c' => Degrees::text($sheet->stair->liquid),
            'roux_c' => Degrees::text($sheet->stair->roux),
            'colour' => Words::text('compose.colour.' . $question->colour->value),
            'pours' => trans_choice($this->inPieces() ? 'steps.pieces' : 'steps.pours', $pours, ['count' => $pours]),
            'end_mm' => sprintf('%.0F', $sheet->endDepth()->inMillimetres()),
            'spoon' => Words::spoon($sheet->spoon),
            'salt' => $salt === [] ? Words::text('steps.no-salt') : Words::text('steps.salt', amount: Grams::of($salt[0]->mass)->text()),
        ];
    }

    public function name(StepKind $kind): string
    {
        return $this->say($kind, 'name');
    }

    public function title(StepKind $kind): string
    {
        return $this->say($kind, $this->pieces($kind, 'title'));
    }

    public function cue(StepKind $kind): string
    {
        $cue = $kind === StepKind::Colour && $this->carriesOn() ? 'cue-lift' : $this->pieces($kind, 'cue');

        return $this->say($kind, $cue);
    }

    /** @return string '' where nothing can hurt */
    public function caution(StepKind $kind): string
    {
        return $this->say($kind, $this->pieces($kind, 'caution'));
    }

    /** @param 'look'|'smell'|'listen' $sense */
    public function sense(StepKind $kind, string $sense): string
    {
        return $this->say($kind, $kind === StepKind::Colour ? $this->sheet->question->colour->value . '.' . $sense : $sense);
    }

    /** Words for the moment an ingredient is used, for the sheet. */
    public static function when(When $when): string
    {
        return Words::text('compose.when.' . $when->value);
    }

    /** "onion, carrot and celery": what of the formula is in this pot */
    private function named(callable $which): string
    {
        $parts = array_filter(Additions::parts($this->sheet->question->formula, $this->sheet->question->method), $which);
        $names = array_values(array_unique(array_map(static fn(Part $part): string => Words::ingredient($part->ingredient), $parts)));
        $last = (string) array_pop($names);

        return $names === [] ? $last : implode(', ', $names) . Words::text('steps.and') . $last;
    }

    private function finish(Finishing $finishing): string
    {
        $name = EventWords::finish($finishing, $this->sheet);

        return $finishing->atMost === null ? $name : Words::text('steps.finish-under', name: $name, celsius: Degrees::text($finishing->atMost));
    }

    private function pieces(StepKind $kind, string $key): string
    {
        return match (true) {
            $kind === StepKind::Pour && $this->inPieces() => $key . '-pieces',
            $kind === StepKind::LetDown && $this->sheet->question->school === School::HotOnCold && in_array($key, ['title', 'cue'], true) => $key . '-cooled',
            default => $key,
        };
    }

    /** Whether the roux goes on to darken by more than an eye misses. */
    private function carriesOn(): bool
    {
        $lifted = $this->sheet->rouxForecast?->shade->value;

        return $lifted !== null && $this->sheet->shade->value - $lifted > 0.05;
    }

    private function inPieces(): bool
    {
        return $this->sheet->question->school === School::RouxIntoBoiling;
    }

    private function say(StepKind $kind, string $key): string
    {
        $path = 'steps.' . $kind->value . '.' . $key;
        $text = Words::text($path, ...$this->with);

        return $text === $path ? '' : $text;
    }
}
