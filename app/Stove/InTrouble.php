<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Questions\ComposeFields;
use App\Questions\Fault as Wrong;
use App\Questions\QuestionReader;
use Carbon\CarbonImmutable;
use Lento\Exception\LentoException;
use Lento\Rescue\Patient;
use Lento\Stove\Trouble;

/** Which sauce is to be rescued: a pot of this stove, or somebody's, told in a few taps. */
final readonly class InTrouble
{
    /**
     * @param array<string, string> $query that leads back to it
     * @param string $liquid larder id of what it is made with
     * @param list<Wrong> $faults of what was typed
     */
    private function __construct(public ?Pot $pot, public string $name, public array $query, public ?Patient $patient, public string $liquid, public array $faults) {}

    /** @param array<string, mixed> $said */
    public static function from(array $said, Kitchen $kitchen, CurrentPot $current): self
    {
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $pot = ctype_digit($text('pot')) ? Pot::query()->whereNull('finished_at')->find((int) $text('pot')) : null;
        if ($pot !== null) {
            if (isset($pot->plan['root'])) {
                return self::derivative($pot, $kitchen);
            }
            $watch = $current->watch($pot, CarbonImmutable::now());

            return new self($pot, $pot->name, ['pot' => (string) $pot->id], $watch === null ? null : Trouble::with($watch), $watch->sheet->question->liquid ?? '', []);
        }
        if ($text('sauce') === '') {
            return new self(null, '', [], null, '', []);
        }
        $query = ['sauce' => $text('sauce'), 'amount' => $text('amount')];
        $reading = QuestionReader::read(ComposeFields::from($query)->toRead(), $kitchen);
        try {
            return $reading->question === null
                ? new self(null, '', $query, null, '', $reading->faults)
                : new self(null, Words::sauce($reading->question), $query, Trouble::withSomebodys($reading->question), $reading->question->liquid, []);
        } catch (LentoException) {
            return new self(null, '', $query, null, '', [new Wrong('amount', 'unreachable')]);
        }
    }

    /** What was made of a base is rescued like so much of that base, as thick as it was to be: butter, wine and herbs hardly change the amounts. */
    private static function derivative(Pot $pot, Kitchen $kitchen): self
    {
        $plan = $pot->plan;
        $reading = QuestionReader::read(ComposeFields::from(['sauce' => $plan['root'] ?? '', 'amount' => sprintf('%.3F', ($plan['yield_ml'] ?? 0.0) / 1000.0), 'thickness' => $plan['class'] ?? ''])->toRead(), $kitchen);
        try {
            $patient = $reading->question === null ? null : Trouble::withSomebodys($reading->question);
        } catch (LentoException) {
            $patient = null;
        }

        return new self($pot, $pot->name, ['pot' => (string) $pot->id], $patient, $reading->question->liquid ?? '', []);
    }
}
