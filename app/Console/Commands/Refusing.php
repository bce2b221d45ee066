<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Format\RefusalWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Illuminate\Console\Command;
use Lento\Exception\LentoException;
use Lento\Quantity\MeasureSystem;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Throwable;

/** A command that other programs call: answers on standard output, one line per fault on standard error, exit code 2 for bad input. */
abstract class Refusing extends Command
{
    protected const BAD_INPUT = 2;

    private const JSON
        = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

    /** It answers by the request alone, whatever kitchen it is called in, and needs no database. */
    protected function initialize(InputInterface $input, OutputInterface $output): void
    {
        $this->laravel->instance(Kitchen::class, Kitchen::unknown($this->laravel->make(MeasureSystem::class)));
    }

    /** Whoever calls it reads a line of what went wrong, never a trace: that goes to the log. */
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::execute($input, $output);
        } catch (LentoException $refused) {
            return $this->refuse([RefusalWords::of($refused)]);
        } catch (Throwable $broken) {
            report($broken);
            $this->refuse([Words::text('faults.broken')]);

            return self::FAILURE;
        }
    }

    /** @param list<string> $messages */
    protected function refuse(array $messages): int
    {
        foreach ($messages as $message) {
            $this->output->getErrorStyle()->writeln(str_replace(["\r", "\n"], ' ', $message), OutputInterface::OUTPUT_RAW);
        }

        return self::BAD_INPUT;
    }

    protected function refuseInput(string $fault, string $path): int
    {
        return $this->refuse([Words::text('faults.' . $fault, file: $path)]);
    }

    /** @param array<string, mixed> $answer */
    protected function json(array $answer): int
    {
        $this->output->writeln(json_encode($answer, self::JSON), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @param list<array{string, string}> $rows a word and what stands against it */
    protected function rows(array $rows): void
    {
        $width = max([0, ...array_map(static fn(array $row): int => mb_strlen($row[0]), $rows)]);
        foreach ($rows as [$name, $value]) {
            $this->output->writeln('  ' . $name . str_repeat(' ', $width - mb_strlen($name) + 2) . $value, OutputInterface::OUTPUT_RAW);
        }
    }

    protected function heading(string $text): void
    {
        $this->output->writeln(PHP_EOL . $text, OutputInterface::OUTPUT_RAW);
    }
}
