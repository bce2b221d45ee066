<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Quantity\Mass;
use Lento\Roux\Roux;

/** The lines of the weigh-out sheet, in the order of the work. */
final readonly class WeighOut
{
    /** @return non-empty-list<Amount> */
    public static function amounts(MassBalance $balance, Draft $draft): array
    {
        $roux = $balance->roux($draft->flourGrams);
        $liquid = $balance->question->larder->ingredient($balance->question->liquid);
        $salt = $balance->question->larder->ingredient('salt');
        $liquidMass = Mass::ofGrams($draft->liquidGrams);
        $saltMass = Mass::ofGrams($draft->saltGrams);
        $amounts = [
            ...self::roux($balance, $draft, $roux),
            new Amount($liquid->id, $liquidMass, $liquid->density->volumeOf($liquidMass), When::Pour, allergens: $liquid->allergens),
            ...($draft->saltGrams > 0.0 ? [new Amount($salt->id, $saltMass, $salt->density->volumeOf($saltMass), When::Season)] : []),
            ...$balance->aromatics->amounts,
        ];
        $order = array_flip(array_column(When::cases(), 'value'));
        usort($amounts, static fn(Amount $a, Amount $b): int => $order[$a->when->value] <=> $order[$b->when->value]);

        return $amounts;
    }

    /** @return non-empty-list<Amount> fat and flour; or the piece of cooked roux that is there already */
    private static function roux(MassBalance $balance, Draft $draft, Roux $roux): array
    {
        if ($balance->question->given->kind === GivenKind::ReadyRoux) {
            return [new Amount('ready-roux', Mass::ofGrams($balance->cookedRouxGrams($draft->flourGrams, $draft->roux)), null, When::Roux, allergens: [...$roux->flourKind->allergens, ...$roux->fatKind->allergens])];
        }

        return [
            new Amount($roux->fatKind->id, $roux->fat, $roux->fatKind->density->volumeOf($roux->fat), When::Roux, allergens: $roux->fatKind->allergens),
            new Amount($roux->flourKind->id, $roux->flour, $roux->flourKind->density()->volumeOf($roux->flour), When::Roux, allergens: $roux->flourKind->allergens),
        ];
    }
}
