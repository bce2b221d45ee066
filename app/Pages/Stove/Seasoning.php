<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\AmountWords;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\Words;
use Lento\Plan\Amount;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Stove\PotWatch;

/** Salt for what is in the pot now, which may be more or less than was planned: half of it, taste, then the rest. */
final readonly class Seasoning
{
    private function __construct(public string $amount, public string $why) {}

    public static function of(PotWatch $pot): self
    {
        $step = $pot->course->step();
        $planned = self::planned($step->kind === StepKind::Season ? $step->amounts : $pot->plan->first(StepKind::Season)->amounts ?? []);
        if ($step->variant === 'again') {
            return new self(Words::text('stove.season.again'), Words::text('stove.season.again_why'));
        }
        if ($planned <= 0.0) {
            return new self(
                Words::text('stove.season.none'),
                Words::text($pot->plan->making?->isDerived() === true ? 'family.season.title_none' : 'stove.season.none_why'),
            );
        }

        return new self(
            Grams::of(Mass::ofGrams($planned * self::share($pot)))->text(),
            Words::text(
                'stove.season.for',
                litres: Litres::of((new Watching($pot))->litresNow())->text(),
                percent: sprintf('%.2F', $pot->plan->promise->saltPercent ?? 0.0),
            ),
        );
    }

    /** What else goes in with the salt, and what to think of first; '' where there is neither. */
    public function besides(Step $step): string
    {
        $rest = array_values(array_filter($step->amounts, static fn(Amount $amount): bool => $amount->ingredient !== 'salt'));
        $said = [
            $step->variant === 'juices' ? Words::text('stove.season.juices') : '',
            $rest === [] ? '' : Words::text('stove.season.with', list: AmountWords::list($rest)),
        ];

        return trim(implode(' ', $said));
    }

    /** @return float what is in the pot over what was planned to be */
    public static function share(PotWatch $pot): float
    {
        return (new Watching($pot))->litresNow()->cubicMetres / $pot->cooking->sauces->tested->volume()->cubicMetres;
    }

    /**
     * @param list<Amount> $amounts
     *
     * @return float g of salt among them
     */
    private static function planned(array $amounts): float
    {
        return array_sum(array_map(
            static fn(Amount $amount): float => $amount->ingredient === 'salt' ? $amount->mass->inGrams() : 0.0,
            $amounts,
        ));
    }
}
