<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Plan\Amount;
use Lento\Plan\Measured;
use Lento\Plan\When;
use Lento\Quantity\Mass;
use Lento\Roux\Roux;

/** The lines of the weigh-out sheet, in the order of the work. */
final readonly class WeighOut
{
    /** @return list<Amount> */
    public static function amounts(MassBalance $balance, Draft $draft): array
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
            ),
            $balance->liquid->split(Mass::ofGrams($draft->liquidGrams)),
        );
        [$fat, $flour] = $question->base->hasRoux() ? self::roux($balance, $draft, $balance->roux($draft->flourGrams)) : [[], []];
        // Vegetables brown in the fat before the flour goes in.
        $amounts = [
            ...$fat,
            ...$draft->saltGrams > 0.0
                ? [new Amount($salt->id, $saltMass, new Measured($salt->density->volumeOf($saltMass)), When::Season)]
                : [],
            ...$balance->additions->amounts,
            ...$flour,
            ...$liquids,
        ];
        $order = array_flip(array_column(When::cases(), 'value'));
        usort($amounts, static fn(Amount $a, Amount $b): int => $order[$a->when->value] <=> $order[$b->when->value]);

        return $amounts;
    }

    /** @return array{list<Amount>, list<Amount>} fat, then flour; or nothing, then the piece of cooked roux that is there already */
    private static function roux(MassBalance $balance, Draft $draft, Roux $roux): array
    {
        if ($balance->question->given->kind === GivenKind::ReadyRoux) {
            return [
                [],
                [
                    new Amount(
                        'ready-roux',
                        Mass::ofGrams($balance->cookedRouxGrams($draft->flourGrams, $draft->roux)),
                        new Measured(null),
                        When::Roux,
                        [...$roux->flourKind->allergens, ...$roux->fatKind->allergens],
                    ),
                ],
            ];
        }

        return [
            [
                new Amount(
                    $roux->fatKind->id,
                    $roux->fat,
                    new Measured($roux->fatKind->density->volumeOf($roux->fat)),
                    When::Roux,
                    $roux->fatKind->allergens,
                ),
            ],
            [
                new Amount(
                    $roux->flourKind->id,
                    $roux->flour,
                    new Measured($roux->flourKind->density()->volumeOf($roux->flour)),
                    When::Roux,
                    $roux->flourKind->allergens,
                ),
            ],
        ];
    }
}
