<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input;
use App\Format\Words;
use App\Formats\PotFile;
use App\Formats\TraceJson;
use Lento\Quantity\MeasureSystem;
use Lento\Simulation\Simulation;
use Lento\Simulation\Trace;
use Lento\Simulation\TracePoint;

final class SimulateCommand extends Refusing
{
    /** Lines of the table for people. */
    private const LINES = 30;

    protected $signature = 'lento:simulate {pot : a pot with its timed actions, or - for standard input} {--json : print JSON, '
        . 'docs/formats/simulate-answer.schema.json}';

    protected $description = 'Cook a pot on paper, second by second';

    public function handle(MeasureSystem $measures): int
    {
        $path = $this->argument('pot');
        $input = Input::from($path);
        if ($input->fault !== null) {
            return $this->refuseInput($input->fault, $path);
        }
        $pot = PotFile::read($input->text, $measures);
        if ($pot->messages !== [] || $pot->vessel === null) {
            return $this->refuse($pot->messages);
        }
        $trace = Simulation::in($pot->vessel)->run($pot->actions, $pot->until, $pot->points);

        return $this->option('json') ? $this->json(TraceJson::of($trace)) : $this->print($trace);
    }

    private function print(Trace $trace): int
    {
        $every = max(1, intdiv(count($trace->points) + self::LINES - 1, self::LINES));
        $shown = array_values(
            array_filter(
                $trace->points,
                static fn(TracePoint $point, int $i): bool => $i % $every === 0 || $i === count($trace->points) - 1,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        $columns = array_map(Words::text(...), [
            'simulation.at',
            'simulation.temperature',
            'simulation.shade',
            'simulation.volume',
            'simulation.depth',
            'simulation.thickness',
            'simulation.class',
        ]);
        foreach ([$columns, ...array_map($this->row(...), $shown)] as $row) {
            $this->output->writeln(
                rtrim(
                    implode('', array_map(static fn(string $cell): string => str_repeat(' ', max(1, 11 - mb_strlen($cell))) . $cell, $row)),
                ),
            );
        }
        foreach ($trace->troubles as $happening) {
            $this->output->writeln(sprintf('! %.1F min: %s', $happening->at->inMinutes(), TraceJson::words($happening)));
        }
        $ledger = $trace->end->ledger;
        $grams = static fn(float $value): string => sprintf('%.0F', $value);
        $this->output->writeln(
            PHP_EOL
                . Words::text(
                    'simulation.books',
                    in: $grams($ledger->in),
                    steam: $grams($ledger->steam),
                    strained: $grams($ledger->strained),
                    skimmed: $grams($ledger->skimmed),
                    ladled: $grams($ledger->ladled),
                    left: $grams($trace->last()->mass()->inGrams()),
                ),
        );

        return self::SUCCESS;
    }

    /** @return list<string> */
    private function row(TracePoint $point): array
    {
        return [
            sprintf('%.1F', $point->at->inMinutes()),
            sprintf('%.0F', $point->temperature->inCelsius()),
            $point->shade === null ? '' : sprintf('%.2F', $point->shade->value),
            sprintf('%.0F', $point->volume()->inMillilitres()),
            sprintf('%.0F', $point->depth()->inMillimetres()),
            $point->thickness() === null ? '' : sprintf('%.0F', $point->thickness()->gramsPerLitre),
            $point->thickness() === null ? '' : Words::text('thickness.class.' . $point->thickness()->thicknessClass()->value),
        ];
    }
}
