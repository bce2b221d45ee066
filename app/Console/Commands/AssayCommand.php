<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input;
use App\Format\Bands;
use App\Format\Degrees;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\RefusalWords;
use App\Format\Words;
use App\Formats\AssayJson;
use App\Formats\AssayWords;
use App\Formats\RecipeLd;
use App\Kitchen\Kitchen;
use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Finish\Finishing;
use Lento\Larder\Larder;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Temperature;

final class AssayCommand extends Refusing
{
    protected $signature = 'lento:assay {recipe : a recipe, one ingredient a line, JSON-LD of schema.org/Recipe, or a saved web page with '
        . 'one; - for standard input} {--nth=1 : which of several} {--as=* : what a line is, LINE:NAME from 1, or LINE:left-out} '
        . '{--json : print JSON, docs/formats/assay-answer.schema.json}';

    protected $description = 'Say what a written recipe will come out as';

    public function handle(): int
    {
        $path = $this->argument('recipe');
        $input = Input::from($path);
        $fault = $input->fault ?? match (true) {
            !mb_check_encoding($input->text, 'UTF-8') => 'not_text',
            trim($input->text) === '' => 'empty',
            default => null,
        };
        if ($fault !== null) {
            return $this->refuseInput($fault, $path);
        }
        $larder = Larder::house();
        $text = $input->text;
        if (RecipeLd::isMeant($text)) {
            $found = RecipeLd::in($text);
            $text = ($found[(int) $this->option('nth') - 1] ?? null)?->asLines();
            if ($text === null) {
                return $this->refuse([
                    $found === [] ? Words::text('faults.no_recipe') : Words::text('faults.nth_recipe', count: count($found)),
                ]);
            }
        }
        $as = $this->as($larder);
        if ($as === null) {
            return $this->refuse([Words::text('faults.as')]);
        }
        $recipe = (new Reader($larder))->read($text, $as);
        $asks = $recipe->asksFirst(MeasureSystem::UsCustomary);
        if ($asks !== null) {
            return $this->refuse([Words::text('faults.large_line', line: $asks)]);
        }
        try {
            $assay = Assay::of($recipe, $larder);
        } catch (Missing $missing) {
            return $this->refuse([
                Words::text($missing->what === 'liquid' ? 'faults.no_liquid' : 'faults.no_thickener'),
                ...array_map(static fn(string $line): string => Words::text('assay.unread') . ': ' . $line, $recipe->unread),
            ]);
        } catch (OutOfRange $refusal) {
            return $this->refuse([Words::text('assay.refused', reason: RefusalWords::of($refusal))]);
        }

        return $this->option('json')
            ? $this->json(AssayJson::of($assay, Kitchen::unknown(MeasureSystem::UsCustomary)))
            : $this->print($assay);
    }

    /** @return array<int, string>|null what lines were said to be, by their number from 0; null where one is no line or nothing known */
    private function as(Larder $larder): ?array
    {
        $as = [];
        foreach ($this->option('as') as $said) {
            $known = preg_match('/\A([1-9]\d{0,3}):([a-z-]{1,40})\z/', is_string($said) ? $said : '', $parts) === 1
                && ($parts[2] === Reader::LEFT_OUT || $larder->has($parts[2]));
            if (!$known) {
                return null;
            }
            $as[(int) $parts[1] - 1] = $parts[2];
        }

        return $as;
    }

    private function print(Assay $assay): int
    {
        $this->output->writeln(AssayWords::verdict($assay));
        $this->output->newLine();
        $this->rows([
            [Words::text('assay.flour'), Grams::of($assay->flour)->text()],
            [Words::text('assay.fat'), Grams::of($assay->fat)->text()],
            [Words::text('assay.fat_to_flour'), sprintf('%.2F', $assay->fatToFlour())],
            [Words::text('assay.liquid'), Litres::of($assay->liquidVolume)->text()],
            [Words::text('assay.roux_to_liquid'), Words::text('assay.one_to', parts: sprintf('%.1F', 1.0 / $assay->rouxToLiquid()))],
            [Words::text('assay.roux'), $assay->colour->value],
            [Words::text('assay.simmer'), Minutes::text($assay->simmer) . ', ' . $assay->level->value],
            [Words::text('assay.pan'), sprintf('%.0F cm', $assay->pan->diameter->inCentimetres())],
            [Words::text('assay.yield'), Litres::of($assay->yield)->text()],
            [Words::text('outlook.thickness'), Bands::thickness($assay->outlook)],
            ...($assay->reducing === null ? [] : [[Words::text('assay.reducing'), Minutes::text($assay->reducing)]]),
            ...array_map(self::finish(...), $assay->finishes),
        ]);
        foreach ($assay->warnings as $warning) {
            $this->output->writeln('! ' . Words::warning($warning));
        }
        foreach ($assay->recipe->unread as $line) {
            $this->output->writeln('? ' . Words::text('assay.unread') . ': ' . $line);
        }

        return self::SUCCESS;
    }

    /** @return array{string, string} what it is, and between which temperatures it goes in */
    private static function finish(Finishing $finishing): array
    {
        $celsius = static fn(?Temperature $limit): string => $limit === null ? '' : Degrees::text($limit);
        $limit = match (true) {
            $finishing->atLeast !== null && $finishing->atMost !== null => 'assay.between',
            $finishing->atMost !== null => 'assay.at_most',
            default => 'assay.any_heat',
        };

        return [
            Words::text('assay.finish', what: Words::ingredient($finishing->what->id)),
            Words::text($limit, least: $celsius($finishing->atLeast), most: $celsius($finishing->atMost)),
        ];
    }
}
