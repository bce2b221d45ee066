<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Format\Allergens;
use App\Format\DoseWords;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\Pieces;
use App\Format\Words;
use Lento\Compose\Base;
use Lento\Family\BoughtAs;
use Lento\Family\FlowNode;
use Lento\Family\Pack;
use Lento\Family\Shopping;
use Lento\Family\ShoppingLine;
use Lento\Plan\Amount;
use Lento\Procedure\Worked;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** All ingredients of a service, once to buy and once to set out for each pot. */
final readonly class ShoppingPage
{
    /** What a kitchen makes itself, and does not buy. */
    private const MADE_HERE = ['stock', 'liquor', 'glaze'];

    public function __construct(public ServicePage $service, public ?Shopping $shopping) {}

    public function name(ShoppingLine $line): string
    {
        return Words::ingredient($line->ingredient);
    }

    public function needed(ShoppingLine $line): string
    {
        return match (true) {
            $line->pieces !== null => Pieces::count($line->pieces, $line->ingredient),
            in_array($line->boughtAs()->pack, [Pack::Bottle, Pack::Lemon], true) || str_ends_with($line->ingredient, '-stock')
                => Litres::of($line->volume ?? Volume::ofLitres(0.0))->text(),
            default => Grams::of($line->mass)->text(),
        };
    }

    /** In the packs it is bought in. */
    public function bought(ShoppingLine $line): string
    {
        $bought = $line->boughtAs();
        if ($bought->pack === Pack::Loose) {
            $made = array_filter(self::MADE_HERE, static fn(string $end): bool => str_ends_with($line->ingredient, $end)) !== [];

            return $made ? Words::text('family.made_here') : '';
        }
        $packs = $line->packs();
        $size = $bought->pack === Pack::Bottle
            ? Litres::short(Volume::ofMillilitres($bought->size))
            : Grams::of(Mass::ofGrams($bought->size))->text();

        return trans_choice('family.packs.' . $bought->pack->value, $packs <= 1 ? 1 : 2, [
            'count' => $packs,
            'size' => $bought->pack === Pack::Bottle && is_numeric($size) ? $size . ' l' : $size,
        ]);
    }

    public function cost(ShoppingLine $line): string
    {
        $cost = $this->service->kitchen->cost($line->ingredient, $line->mass);

        return $cost === null ? '' : $this->money($cost);
    }

    public function total(): string
    {
        $sum = 0.0;
        foreach ($this->shopping->lines ?? [] as $line) {
            $sum += $this->service->kitchen->cost($line->ingredient, $line->mass) ?? 0.0;
        }

        return Words::text('family.cost_total', cost: $this->money($sum));
    }

    /** For which sauces. */
    public function for(ShoppingLine $line): string
    {
        return implode(', ', array_map($this->service->name(...), array_keys($line->for)));
    }

    public function allergens(ShoppingLine $line): string
    {
        return implode(', ', Allergens::names($line->allergens));
    }

    /** @return list<FlowNode> */
    public function pots(): array
    {
        return $this->service->flow?->pots() ?? [];
    }

    /** @return list<array{string, string}> amount and what, for one pot, in the order of the work */
    public function setOut(FlowNode $node): array
    {
        $lines = array_map(
            fn(Amount $amount): array => [$this->amount($amount), Words::ingredient($amount->ingredient)],
            $node->sheet?->amounts() ?? [],
        );
        if ($node->derived === null) {
            return $lines;
        }
        $taken = $node->derived->taken->volume();
        $parent = $this->service->flow?->parentOf($node);
        $doses = array_merge(
            ...array_map(
                static fn(Worked $done): array => array_map(DoseWords::parts(...), $done->doses),
                $node->derived->acts,
            ),
        );

        return [[Litres::of($taken)->text(), $parent === null ? '' : $this->service->within($parent->planned->key)], ...$doses];
    }

    private function amount(Amount $amount): string
    {
        return match (true) {
            $amount->pieces !== null => Pieces::count($amount->pieces, $amount->ingredient),
            $amount->volume !== null
                && (in_array(BoughtAs::of($amount->ingredient)->pack, [Pack::Bottle, Pack::Lemon], true)
                    || str_ends_with($amount->ingredient, '-stock')
                    || $amount->ingredient === Base::Espagnole->value)
                => Litres::of($amount->volume)->text(),
            default => Grams::of($amount->mass)->text(),
        };
    }

    private function money(float $cost): string
    {
        return $this->service->kitchen->currency() . ' ' . number_format($cost, 2);
    }
}
