<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Format\Words;
use App\Formats\StockJson;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

final class StockCommand extends Command
{
    protected $signature = 'lento:stock {--json : print JSON, docs/formats/stock.schema.json} {--csv : print CSV}';

    protected $description = 'List what is kept: hot, cooling, cold, frozen';

    public function handle(): int
    {
        $tubs = StockJson::tubs(CarbonImmutable::now());
        if ($this->option('json') === true) {
            $this->output->writeln(json_encode(
                ['format' => 'lento-stock', 'version' => 1, 'tubs' => $tubs],
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
            ));

            return self::SUCCESS;
        }
        if ($this->option('csv') === true) {
            $this->output->write(StockJson::csv($tubs));

            return self::SUCCESS;
        }
        foreach ($tubs as $tub) {
            $this->output->writeln(sprintf(
                '%-12s %6.2f l  %-9s %-12s %s',
                self::text($tub['batch']),
                is_float($tub['litres']) ? $tub['litres'] : 0.0,
                self::text($tub['state']),
                self::text($tub['use_by']),
                self::text($tub['name']),
            ));
        }
        if ($tubs === []) {
            $this->output->writeln(Words::text('keep.empty'));
        }

        return self::SUCCESS;
    }

    private static function text(mixed $cell): string
    {
        return is_scalar($cell) ? (string) $cell : '';
    }
}
