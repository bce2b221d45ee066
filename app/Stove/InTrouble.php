<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Questions\ComposeFields;
use App\Questions\QuestionReader;
use App\Typed\FieldFault;
use Carbon\CarbonImmutable;
use Lento\Exception\LentoException;
use Lento\Rescue\Patient;
use Lento\Rescue\Severity;
use Lento\Rescue\Stage;
use Lento\Stove\PotWatch;
use Lento\Stove\Trouble;

/** Which sauce is to be rescued: a pot of this stove, or somebody's, told in a few taps. */
final readonly class InTrouble
{
    /**
     * @param array<string, string> $query that leads back to it
     * @param string $liquid larder id of what it is made with
     * @param list<FieldFault> $faults of what was typed
     */
    private function __construct(
        public ?Pot $pot,
        public string $name,
        public array $query,
        public ?Patient $patient,
        public string $liquid,
        public array $faults,
    ) {}

    /** @param array<string, mixed> $said */
    public static function from(array $said, Kitchen $kitchen): self
    {
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $severity = Severity::tryFrom($text('severity')) ?? Severity::Clearly;
        $as = $severity === Severity::Clearly ? [] : ['severity' => $severity->value];
        $pot = ctype_digit($text('pot')) ? Pot::query()->whereNull('finished_at')->find((int) $text('pot')) : null;
        if ($pot !== null) {
            $watch = PotWatch::of($pot->plan, $pot->course(), CarbonImmutable::now());

            return new self(
                $pot,
                $pot->name,
                ['pot' => (string) $pot->id, ...$as],
                $watch === null ? null : Trouble::with($watch, $severity),
                $pot->plan->making->liquid ?? '',
                [],
            );
        }
        if ($text('sauce') === '') {
            return new self(null, '', [], null, '', []);
        }
        $stage = Stage::tryFrom($text('stage')) ?? Stage::Simmering;
        $query = ['sauce' => $text('sauce'), 'amount' => $text('amount')];
        $reading = QuestionReader::read(ComposeFields::from($query)->toRead(), $kitchen);
        $query = [...$query, ...$stage === Stage::Simmering ? [] : ['stage' => $stage->value], ...$as];
        try {
            return $reading->question === null
                ? new self(null, '', $query, null, '', $reading->faults)
                : new self(
                    null,
                    Words::sauce($reading->question),
                    $query,
                    Trouble::withNoSheet($reading->question, $stage, $severity),
                    $reading->question->liquid,
                    [],
                );
        } catch (LentoException) {
            return new self(null, '', $query, null, '', [FieldFault::of('amount', 'unreachable')]);
        }
    }
}
