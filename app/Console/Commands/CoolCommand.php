<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Words;
use App\Formats\CoolFile;
use App\Formats\CoolingJson;
use Lento\Keeping\Cooling;
use Lento\Keeping\CoolingForecast;
use Lento\Keeping\CoolingRecord;
use Lento\Keeping\CoolingStage;
use Lento\Keeping\StageForecast;
use Lento\Quantity\Duration;
use Lento\Quantity\MeasureSystem;

final class CoolCommand extends Refusing
{
    protected $signature = 'lento:cool {container : a container and where it stands, or - for standard input} {--json : print '
        . 'JSON, docs/formats/cool-answer.schema.json}';

    protected $description = 'Say whether a sauce should cool in time';

    public function handle(MeasureSystem $measures): int
    {
        $path = $this->argument('container');
        $input = Input::from($path);
        if ($input->fault !== null) {
            return $this->refuseInput($input->fault, $path);
        }
        $asked = CoolFile::read($input->text, $measures);
        if ($asked->messages !== [] || $asked->container === null) {
            return $this->refuse($asked->messages);
        }
        $cooling = Cooling::of($asked->container, $asked->place, $asked->thickness->viscosity(), $asked->surroundings);
        $forecast = CoolingForecast::of($cooling, $asked->rules, $asked->from);

        return $this->option('json') ? $this->json(CoolingJson::of($asked, $cooling, $forecast)) : $this->print($asked, $forecast);
    }

    private function print(CoolFile $asked, CoolingForecast $forecast): int
    {
        $this->output->writeln(CoolingJson::verdict($forecast));
        $this->output->newLine();
        $deepest = CoolingJson::deepest($asked);
        $this->rows([
            [
                Words::text('cooling.stands'),
                Words::text(
                    'cooling.stands_as',
                    volume: Litres::of($asked->container?->volume() ?? throw new \LogicException('read without a container'))->text(),
                    depth: sprintf('%.0F', $asked->container->depth->inMillimetres()),
                ),
            ],
            [
                Words::text('cooling.until_counted', celsius: sprintf('%.0F', $forecast->rules->stages[0]->from->inCelsius())),
                $this->time($forecast->intoTheZone),
            ],
            ...array_map($this->stage(...), $forecast->stages),
            [Words::text('cooling.deepest'), $deepest === null ? Words::text('cooling.never') : sprintf('%.0F mm', $deepest)],
        ]);
        $this->record($asked);
        $this->output->writeln(PHP_EOL . '! ' . Words::text('cooling.caution'));

        return self::SUCCESS;
    }

    /** What was read against the rules, where anything was. */
    private function record(CoolFile $asked): void
    {
        if ($asked->readings === [] || $asked->now === null) {
            return;
        }
        $record = CoolingRecord::of($asked->rules, $asked->readings);
        $this->output->newLine();
        $this->rows([
            [Words::text('cooling.record'), Words::text('cooling.verdicts.' . $record->verdict($asked->now)->value)],
            ...array_map(fn(CoolingStage $stage): array => [
                Words::text(
                    'cooling.stage',
                    from: sprintf('%.0F', $stage->from->inCelsius()),
                    to: sprintf('%.0F', $stage->to->inCelsius()),
                    within: Minutes::text($stage->within),
                ),
                Words::text('cooling.verdicts.' . $record->ofStage($stage, $asked->now)->value),
            ], $asked->rules->stages),
        ]);
    }

    /** @return array{string, string} */
    private function stage(StageForecast $stage): array
    {
        $limit = $stage->stage;

        return [
            Words::text(
                'cooling.stage',
                from: sprintf('%.0F', $limit->from->inCelsius()),
                to: sprintf('%.0F', $limit->to->inCelsius()),
                within: Minutes::text($limit->within),
            ),
            ($stage->time === null
                ? Words::text('cooling.never')
                : Words::text('cooling.likely', time: $this->time($stage->time), cautious: $this->time($stage->cautious)))
            . ': '
            . Words::text($stage->should() ? 'cooling.ok' : 'cooling.not_ok'),
        ];
    }

    private function time(?Duration $time): string
    {
        return $time === null ? Words::text('cooling.never') : Minutes::text($time);
    }
}
