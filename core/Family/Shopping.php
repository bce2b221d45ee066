<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Larder\Larder;
use Lento\Procedure\Dose;
use Lento\Procedure\Measure;
use Lento\Quantity\Mass;

/** All ingredients of a service, each once: what to buy, and what to set out for which pot. */
final readonly class Shopping
{
    /** @param list<ShoppingLine> $lines the heaviest first */
    private function __construct(public array $lines) {}

    public static function for(ServiceFlow $flow, Larder $larder): self
    {
        $lines = [];
        foreach ($flow->nodes as $key => $node) {
            foreach ([...self::ofBase($key, $node), ...self::ofDerivative($key, $node, $larder)] as $line) {
                $lines[$line->ingredient] = isset($lines[$line->ingredient]) ? $lines[$line->ingredient]->plus($line) : $line;
            }
        }
        $lines = array_values($lines);
        usort(
            $lines,
            static fn(ShoppingLine $a, ShoppingLine $b): int => [$b->mass->kilograms, $a->ingredient] <=> [
                $a->mass->kilograms,
                $b->ingredient,
            ],
        );

        return new self($lines);
    }

    /** @return list<ShoppingLine> */
    private static function ofBase(string $key, FlowNode $node): array
    {
        $lines = [];
        foreach ($node->sheet?->amounts() ?? [] as $amount) {
            // The espagnole in a demi-glace is a pot of this service, and no purchase.
            if ($amount->ingredient !== Base::Espagnole->value) {
                $lines[] = new ShoppingLine($amount->ingredient, $amount->mass, $amount->volume, $amount->pieces, $amount->allergens, [
                    $key => $amount->mass,
                ]);
            }
        }

        return $lines;
    }

    /** @return list<ShoppingLine> */
    private static function ofDerivative(string $key, FlowNode $node, Larder $larder): array
    {
        $lines = [];
        foreach ($node->derived->acts ?? [] as $act) {
            foreach ($act->doses as $dosed) {
                $lines[] = self::line($key, $dosed->dose, $dosed->mass, $larder);
            }
        }

        return [...$lines, ...self::ofCorrection($key, $node->derived, $larder)];
    }

    private static function line(string $key, Dose $dose, Mass $mass, Larder $larder): ShoppingLine
    {
        $kind = $dose->kind($larder);
        $pieces = $dose->measure === Measure::Pieces ? $mass->inGrams() / Dose::piece($dose->ingredient)->inGrams() : null;

        return new ShoppingLine(
            $dose->ingredient,
            $mass,
            $pieces !== null || $kind === null ? null : $kind->density->volumeOf($mass),
            $pieces,
            $kind->allergens ?? [],
            [$key => $mass],
        );
    }

    /** @return list<ShoppingLine> */
    private static function ofCorrection(string $key, ?Derived $derived, Larder $larder): array
    {
        $correction = $derived?->correction;
        if ($derived === null || $correction === null) {
            return [];
        }
        return match ($correction->kind) {
            CorrectionKind::ReduceFirst => [],
            CorrectionKind::Thin => [
                new ShoppingLine(
                    $derived->taken->liquid->id,
                    $correction->amount,
                    $correction->liquid($derived->taken),
                    null,
                    $derived->taken->liquid->allergens,
                    [$key => $correction->amount],
                ),
            ],
            CorrectionKind::BeurreManie => [
                new ShoppingLine(
                    'plain-flour',
                    $correction->amount,
                    $larder->thickener('plain-flour')->density()->volumeOf($correction->amount),
                    null,
                    $larder->thickener('plain-flour')->allergens,
                    [$key => $correction->amount],
                ),
                new ShoppingLine(
                    'butter',
                    $correction->butter,
                    $larder->fat('butter')->density->volumeOf($correction->butter),
                    null,
                    $larder->fat('butter')->allergens,
                    [$key => $correction->butter],
                ),
            ],
        };
    }
}
