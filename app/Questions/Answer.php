<?php

declare(strict_types=1);

namespace App\Questions;

use App\Format\RefusalWords;
use App\Kitchen\Kitchen;
use App\Typed\FieldFault;
use Lento\Compose\Composer;
use Lento\Compose\GivenKind;
use Lento\Compose\MassBalance;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Exception\NoConvergence;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Learning\KitchenFactors;

/** Fields asked and answered: a sheet, or the faults that stand in its way. */
final readonly class Answer
{
    /** What the core calls a sauce that hardly is one any more. */
    private const ADDITIONS = 'sauce-that-is-nearly-all-additions';

    /** What the core calls the minutes of a roux that was to stay white. */
    private const COOK_OUT = 'white-cook-out';

    /** @param list<FieldFault> $faults */
    private function __construct(public ?Sheet $sheet, public array $faults) {}

    /** @param KitchenFactors|null $known the kitchen as it was known when a pot was begun; as it is known now if null */
    public static function to(ComposeFields $fields, Kitchen $kitchen, ?KitchenFactors $known = null): self
    {
        $reading = QuestionReader::read($fields->toRead(), $kitchen);
        if ($reading->question === null) {
            return new self(null, $reading->faults);
        }
        try {
            return new self(
                (new Composer())->answer(
                    $reading->question->inKitchen(
                        $known ?? $kitchen->factorsFor($reading->question, $kitchen->ring($fields->fields['hob'] ?? '')),
                    ),
                ),
                [],
            );
        } catch (NotReachable|OutOfRange|NoConvergence $refusal) {
            return new self(null, [self::fault($reading->question, $refusal)]);
        }
    }

    /** A question that reads well and still has no answer: what to change, at the field it began with. */
    public static function fault(Question $question, NotReachable|OutOfRange|NoConvergence $refusal): FieldFault
    {
        $field = match ($question->given->kind) {
            GivenKind::Yield => 'amount',
            GivenKind::Portions => 'covers',
            GivenKind::Liquid => 'stock',
            GivenKind::Fat => 'have_fat',
            GivenKind::ReadyRoux => 'have_roux',
            GivenKind::Pan => 'diameter',
        };

        return match (true) {
            $refusal instanceof NotReachable && $refusal->target === self::ADDITIONS => FieldFault::of('more', 'too_much_added'),
            $refusal instanceof NoConvergence => FieldFault::of($field, 'given_out_of_range', ['reason' => RefusalWords::of($refusal)]),
            $refusal instanceof OutOfRange && $refusal->quantity === self::COOK_OUT => FieldFault::of(
                'cookout',
                'overshoots',
                ['most' => sprintf('%g', $refusal->most)],
            ),
            $refusal instanceof NotReachable && $refusal->target === MassBalance::WITHOUT_FLOUR => FieldFault::of('thickness', 'too_thin'),
            $refusal instanceof OutOfRange => FieldFault::of($field, 'given_out_of_range', ['reason' => RefusalWords::of($refusal)]),
            !$question->base->hasRoux() && in_array($question->given->kind, [GivenKind::Fat, GivenKind::ReadyRoux], true) => FieldFault::of(
                $field,
                'no_roux',
            ),
            !$question->base->hasRoux() => FieldFault::of('thickness', 'boil_down'),
            in_array($question->given->kind, [GivenKind::Liquid, GivenKind::Pan], true) => FieldFault::of($field, 'given_unreachable'),
            default => FieldFault::of('thickness', 'unreachable'),
        };
    }
}
