<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Questions\ComposeFields;
use App\Questions\QuestionReader;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Carbon\CarbonImmutable;
use Lento\Compose\Question;
use Lento\Exception\LentoException;
use Lento\Family\PanShelf;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Learning\KitchenFactors;
use Lento\Quantity\Volume;
use Lento\Rescue\Patient;
use Lento\Rescue\Severity;
use Lento\Rescue\Stage;
use Lento\Stove\PatientAtStage;
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
        if ($kitchen->catalogue()->has($text('sauce')) && $kitchen->catalogue()->base($text('sauce')) === null) {
            return self::made($query, $stage, $severity, $as, $kitchen);
        }
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

    /**
     * Of a sauce made of a base, by the house's way of it.
     *
     * @param array{sauce: string, amount: string} $asked
     * @param array<string, string> $as
     */
    private static function made(array $asked, Stage $stage, Severity $severity, array $as, Kitchen $kitchen): self
    {
        $query = [...$asked, ...$stage === Stage::Simmering ? [] : ['stage' => $stage->value], ...$as];
        $litres = TypedNumber::number($asked['amount']);
        if ($litres === null || $litres < Question::LEAST_LITRES || $litres > Question::MOST_LITRES) {
            return new self(null, '', $query, null, '', [FieldFault::of('amount', 'number', [
                'least' => TypedNumber::plain(Question::LEAST_LITRES),
                'most' => TypedNumber::plain(Question::MOST_LITRES),
                'unit' => ' l',
            ])]);
        }
        $catalogue = $kitchen->catalogue();
        try {
            $liquid = $catalogue->liquids($asked['sauce'])[0];
            $workplace = new Workplace($kitchen->larder(), PanShelf::of([]), KitchenFactors::house(), $kitchen->boilsAt());
            $flow = ServiceFlow::of(
                Service::of([new Wish($asked['sauce'], $liquid, Volume::ofLitres($litres))]),
                $catalogue,
                $workplace,
            );
            $plan = $flow->node($flow->wished[0])->derived?->plan($catalogue->root($asked['sauce']), $workplace);
            $patient = $plan === null ? null : PatientAtStage::of($plan, $stage, $severity);

            return new self(null, (new SauceNames($kitchen))->name($asked['sauce']), $query, $patient, $liquid, []);
        } catch (LentoException) {
            return new self(null, '', $query, null, '', [FieldFault::of('amount', 'unreachable')]);
        }
    }
}
