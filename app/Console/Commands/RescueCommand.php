<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input;
use App\Format\RemedyWords;
use App\Format\Words;
use App\Formats\RescueFile;
use App\Formats\RescueJson;
use Lento\Exception\LentoException;
use Lento\Quantity\MeasureSystem;
use Lento\Rescue\Patient;
use Lento\Rescue\Remedies;
use Lento\Rescue\Remedy;
use Lento\Stove\PatientAtStage;

final class RescueCommand extends Refusing
{
    protected $signature = 'lento:rescue {request : a request file, or - for standard input} {--json : print JSON, '
        . 'docs/formats/rescue-answer.schema.json}';

    protected $description = 'Say what mends a sauce';

    public function handle(MeasureSystem $measures): int
    {
        $path = $this->argument('request');
        $input = Input::from($path);
        if ($input->fault !== null) {
            return $this->refuseInput($input->fault, $path);
        }
        $asked = RescueFile::read($input->text, $measures);
        if ($asked->wanted === null) {
            return $this->refuse($asked->messages);
        }
        $patient = self::patient($asked);
        if ($patient === null) {
            return $this->refuse([Words::text('faults.unreachable', attribute: 'yield')]);
        }
        $remedies = Remedies::for($asked->fault, $patient->showing($asked->fault));
        if ($this->option('json')) {
            return $this->json(RescueJson::of($asked->wanted->sauce, $asked->fault, $patient, $remedies));
        }
        $this->rows(array_map(static fn(Remedy $remedy): array => [
            RemedyWords::order($asked->fault, $remedy, $patient->liquid->id),
            RemedyWords::leads($remedy),
        ], $remedies));

        return self::SUCCESS;
    }

    private static function patient(RescueFile $asked): ?Patient
    {
        $wanted = $asked->wanted;
        if ($wanted === null) {
            return null;
        }
        try {
            $flow = $wanted->flow();
            $node = $wanted->node($flow);
            $root = $node;
            while ($root->sheet === null && ($parent = $flow->parentOf($root)) !== null) {
                $root = $parent;
            }
            $base = $root->sheet?->plan();
            $plan = $wanted->base() === null ? $node->derived?->plan($wanted->root(), $wanted->workplace()) : $base;
        } catch (LentoException) {
            return null;
        }

        return $plan === null ? null : PatientAtStage::of($plan, $asked->stage, $asked->severity, $base);
    }
}
