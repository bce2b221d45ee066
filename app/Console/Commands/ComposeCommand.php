<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input;
use App\Format\Bands;
use App\Format\Degrees;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Pieces;
use App\Format\PourWords;
use App\Format\StepWords;
use App\Format\Words;
use App\Formats\RequestFile;
use App\Formats\SheetJson;
use App\Questions\Answer;
use Lento\Compose\Composer;
use Lento\Compose\Sheet;
use Lento\Exception\NoConvergence;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Plan\Amount;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pour\Pour;
use Lento\Quantity\MeasureSystem;

final class ComposeCommand extends Refusing
{
    protected $signature = 'lento:compose {request : a request file, or - for standard input} {--json : print JSON, '
        . 'docs/formats/compose-answer.schema.json}';

    protected $description = 'Work out the amounts for a sauce';

    public function handle(MeasureSystem $measures): int
    {
        $path = $this->argument('request');
        $input = Input::from($path);
        if ($input->fault !== null) {
            return $this->refuseInput($input->fault, $path);
        }
        $reading = RequestFile::read($input->text, $measures);
        if ($reading->question === null) {
            return $this->refuse($reading->messages);
        }
        try {
            $sheet = (new Composer())->answer($reading->question);
        } catch (NotReachable|OutOfRange|NoConvergence $refusal) {
            $fault = Answer::fault($reading->question, $refusal);

            return $this->refuse([$fault->message(RequestFile::path($fault->field))]);
        }

        return $this->option('json')
            ? $this->json((new SheetJson(new KitchenMeasure($measures)))->of($sheet))
            : $this->print($sheet, new KitchenMeasure($measures));
    }

    private function print(Sheet $sheet, KitchenMeasure $measure): int
    {
        $words = StepWords::of($plan = $sheet->plan());
        $this->output->writeln(Words::wanted($sheet));
        $this->heading(Words::text('compose.weigh_out'));
        $this->rows(array_map(static fn(Amount $amount): array => [
            Words::ingredient($amount->ingredient),
            $amount->pieces === null
                ? trim(Grams::of($amount->mass)->text() . '  ' . ($amount->volume === null ? '' : $measure->of($amount->volume)))
                : Pieces::text($amount->pieces, $amount->ingredient),
        ], $sheet->amounts()));
        $this->heading(Words::text('compose.pour'));
        $this->rows(array_map(static fn(Pour $pour, string $amount): array => [
            $amount,
            Degrees::text($pour->mixed) . ($pour->slack ? ', ' . Words::text('compose.slack') : ''),
        ], $sheet->stair->pours, ($pour = $plan->first(StepKind::Pour)) === null ? [] : PourWords::amounts($pour)));
        $this->heading(Words::text('compose.pan'));
        $this->rows([
            [Words::text('compose.fill'), sprintf('%.0F %%', $sheet->fillPercent())],
            [
                Words::text('compose.depth'),
                sprintf('%.0F → %.0F mm', $sheet->startDepth()->inMillimetres(), $sheet->endDepth()->inMillimetres()),
            ],
            [Words::text('compose.steam'), Litres::of($sheet->evaporated)->text()],
            [Words::text('compose.thickness'), Words::text('thickness.class.' . $sheet->thickness->thicknessClass()->value)],
        ]);
        $this->heading(Words::text('outlook.title'));
        $outlook = $sheet->outlook;
        $this->rows([
            [Words::text('outlook.thickness'), Bands::thickness($outlook->thickness)],
            ...($outlook->rouxMinutes === null ? [] : [[Words::text('outlook.roux'), Bands::minutes($outlook->rouxMinutes)]]),
            [Words::text('outlook.evaporation'), Bands::steam($outlook)],
            ...array_map(
                static fn(string $kind, string $risk): array => [Words::text('outlook.' . $kind), $risk],
                array_keys(Bands::risks($outlook)),
                Bands::risks($outlook),
            ),
        ]);
        $this->heading(Words::text('compose.steps'));
        $this->rows(
            array_map(
                static fn(Step $step): array => [$words->title($step), trim(Minutes::text($step->pace->time) . '  ' . $words->cue($step))],
                $plan->steps,
            ),
        );
        foreach ($sheet->warnings as $warning) {
            $this->output->writeln(PHP_EOL . '! ' . Words::warning($warning));
        }

        return self::SUCCESS;
    }
}
