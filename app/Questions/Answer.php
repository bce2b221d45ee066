<?php

declare(strict_types=1);

namespace App\Questions;

use Lento\Compose\Composer;
use Lento\Compose\Sheet;
use Lento\Exception\NotReachable;
use Lento\Quantity\MeasureSystem;

/** Fields asked and answered: a sheet, or the faults that stand in its way. */
final readonly class Answer
{
    /** @param list<Fault> $faults */
    private function __construct(public ?Sheet $sheet, public array $faults) {}

    public static function to(ComposeFields $fields, MeasureSystem $measures): self
    {
        $reading = QuestionReader::read($fields->toRead(), $measures);
        if ($reading->question === null) {
            return new self(null, $reading->faults);
        }
        try {
            return new self((new Composer())->answer($reading->question), []);
        } catch (NotReachable) {
            return new self(null, [new Fault('thickness', 'unreachable')]);
        }
    }
}
