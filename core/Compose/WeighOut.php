<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Plan\Amount;
use Lento\Plan\Measured;
use Lento\Plan\When;
use Lento\Quantity\Mass;
use Lento\Roux\Roux;

/** What is solved and weighed: the roux, its liquids, the salt. All else is what the acts of the procedure name. */
final readonly class WeighOut
{
    /**
     * @param list<Amount> $fat
     * @param list<Amount> $flour
     * @param list<Amount> $readyRoux instead of both, where a cooked piece is there already
     * @param list<Amount> $liquids
     * @param list<Amount> $salt
     */
    private function __construct(
        public array $fat,
        public array $flour,
        public array $readyRoux,
        public array $liquids,
        public array $salt,
    ) {}

    public static function of(MassBalance $balance, Draft $draft): self
    {
        $question = $balance->question;
        $salt = $question->larder->ingredient('salt');
        $saltMass = Mass::ofGrams($draft->saltGrams);
        $liquids = array_map(
            static fn(array $part): Amount => new Amount(
                $part[0]->id,
                $part[1],
                new Measured($part[0]->density->volumeOf($part[1]), byTheJug: true),
                When::Pour,
                $part[0]->allergens,
                $part[0]->readLabel,
            ),
            $balance->liquid->split(Mass::ofGrams($draft->liquidGrams)),
        );
        $roux = $balance->roux($draft->flourGrams);
        $ready = $question->given->kind === GivenKind::ReadyRoux;
        $made = $question->base->hasRoux() && !$ready;

        return new self(
            $made ? [self::fat($roux)] : [],
            $made ? [self::flour($roux)] : [],
            $ready ? [self::readyRoux($roux, Mass::ofGrams($balance->cookedRouxGrams($draft->flourGrams, $draft->roux)))] : [],
            $liquids,
            $draft->saltGrams > 0.0
                ? [new Amount($salt->id, $saltMass, new Measured($salt->density->volumeOf($saltMass)), When::Season)]
                : [],
        );
    }

    private static function fat(Roux $roux): Amount
    {
        return new Amount(
            $roux->fatKind->id,
            $roux->fat,
            new Measured($roux->fatKind->density->volumeOf($roux->fat)),
            When::Roux,
            $roux->fatKind->allergens,
            $roux->fatKind->readLabel,
        );
    }

    private static function flour(Roux $roux): Amount
    {
        return new Amount(
            $roux->flourKind->id,
            $roux->flour,
            new Measured($roux->flourKind->density()->volumeOf($roux->flour)),
            When::Roux,
            $roux->flourKind->allergens,
        );
    }

    private static function readyRoux(Roux $roux, Mass $cooked): Amount
    {
        return new Amount(
            'ready-roux',
            $cooked,
            new Measured(null),
            When::Roux,
            [...$roux->flourKind->allergens, ...$roux->fatKind->allergens],
        );
    }
}
