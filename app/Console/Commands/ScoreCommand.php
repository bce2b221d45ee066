<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input;
use App\Format\ScoreWords;
use App\Format\Words;
use App\Formats\ScoreFile;
use App\Formats\ScoreJson;
use Lento\Score\Answer;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\Planner;

final class ScoreCommand extends Refusing
{
    protected $signature = 'lento:score {service : a service as tasks, or - for standard input} {--json : print JSON, '
        . 'docs/formats/score-answer.schema.json}';

    protected $description = 'Put a whole service in time';

    public function handle(): int
    {
        $path = $this->argument('service');
        $input = Input::from($path);
        if ($input->fault !== null) {
            return $this->refuseInput($input->fault, $path);
        }
        $asked = ScoreFile::read($input->text);
        if ($asked->instance === null) {
            return $this->refuse($asked->messages);
        }
        $answer = (new Planner())->plan($asked->instance);
        if (!$answer instanceof Answer) {
            return $this->option('json')
                ? $this->json(ScoreJson::impossible($answer, $asked->instance))
                : $this->printWhy($answer, $asked->instance);
        }

        return $this->option('json') ? $this->json(ScoreJson::of($answer)) : $this->print($answer, $asked->instance);
    }

    /** @param list<Impossible> $why */
    private function printWhy(array $why, Instance $instance): int
    {
        foreach ($why as $one) {
            $this->output->writeln(ScoreWords::impossible($one, $instance));
        }

        return self::SUCCESS;
    }

    private function print(Answer $answer, Instance $instance): int
    {
        $this->heading($instance->name);
        $worth = $answer->objective;
        $this->rows([
            [Words::text('score.first'), $instance->times->clockAt($instance->end() - $worth->span)],
            [Words::text('score.served'), $instance->times->clockAt($instance->end())],
            [Words::text('score.clashes'), (string) $worth->clashes],
            [Words::text('score.late'), "{$worth->late} min"],
            [Words::text('score.held'), "{$worth->held} min"],
            [Words::text('score.sure_of'), ScoreWords::sure($answer)],
        ]);
        $this->output->newLine();
        $tasks = $instance->work->tasks;
        usort($tasks, static fn(object $a, object $b): int
            => $answer->solution->tasks[$a->id]->start <=> $answer->solution->tasks[$b->id]->start);
        foreach ($tasks as $task) {
            $placed = $answer->solution->tasks[$task->id];
            $this->output->writeln(Words::text(
                'score.starts',
                start: $instance->times->clockAt($placed->start),
                until: $instance->times->clockAt($placed->start + $task->minutes->likely),
                cook: str_pad($placed->cook ?? '', 8),
                task: $task->id,
            ));
        }

        return self::SUCCESS;
    }
}
