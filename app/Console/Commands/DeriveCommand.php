<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input;
use App\Format\AmountWords;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\StepWords;
use App\Format\Words;
use App\Formats\DeriveFile;
use App\Formats\DeriveJson;
use App\Kitchen\Kitchen;
use Lento\Exception\LentoException;
use Lento\Family\Derived;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Quantity\MeasureSystem;

final class DeriveCommand extends Refusing
{
    protected $signature = 'lento:derive {request : a request file, or - for standard input} {--json : print JSON, '
        . 'docs/formats/derive-answer.schema.json}';

    protected $description = 'Work out a sauce that is made from a base';

    public function handle(MeasureSystem $measures, Kitchen $kitchen): int
    {
        $path = $this->argument('request');
        $input = Input::from($path);
        if ($input->fault !== null) {
            return $this->refuseInput($input->fault, $path);
        }
        $asked = DeriveFile::read($input->text, $measures);
        if ($asked->wanted === null) {
            return $this->refuse($asked->messages);
        }
        try {
            $derived = $asked->wanted->node($asked->wanted->flow())->derived;
        } catch (LentoException) {
            $derived = null;
        }
        if ($derived === null) {
            return $this->refuse([Words::text('faults.unreachable', attribute: 'yield')]);
        }
        $plan = $derived->plan($asked->wanted->root(), $asked->wanted->workplace());

        return $this->option('json') ? $this->json((new DeriveJson($kitchen))->of($derived, $plan)) : $this->print($derived, $plan);
    }

    private function print(Derived $derived, Plan $plan): int
    {
        $words = StepWords::of($plan);
        $this->output->writeln(
            Words::text('family.sauces.' . $derived->derivative->id . '.name') . ', ' . Litres::of($derived->volume())->text(),
        );
        $this->heading(Words::text('compose.steps'));
        $this->rows(array_map(static fn(Step $step): array => [
            $words->title($step),
            trim(
                Minutes::text($step->pace->time) . '  ' . ($step->amounts === [] ? $words->cue($step) : AmountWords::list($step->amounts)),
            ),
        ], $plan->steps));

        return self::SUCCESS;
    }
}
