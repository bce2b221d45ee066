<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Family\Liquids;
use App\Format\Litres;
use App\Format\SauceNames;
use App\Format\TubWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Shelf\ToMake;
use App\Shelf\Waste;
use Lento\Compose\Base;
use Lento\Quantity\Volume;

/** What was thrown away in a week, and what is always to be there. */
final readonly class WastePage
{
    private SauceNames $names;

    public function __construct(public Waste $waste, public ToMake $toMake, public Kitchen $kitchen)
    {
        $this->names = new SauceNames($kitchen);
    }

    public function week(): string
    {
        return Words::text(
            'keep.waste.week',
            from: $this->waste->monday->format('D j M'),
            to: $this->waste->monday->endOfWeek()->format('D j M Y'),
        );
    }

    public function other(int $weeks): string
    {
        return $this->waste->monday->addWeeks($weeks)->format('Y-m-d');
    }

    /** "2.3 l, €5.52" */
    public function total(): string
    {
        return Litres::of($this->waste->volume())->text() . ($this->waste->cost() > 0.0 ? ', ' . $this->money($this->waste->cost()) : '');
    }

    public function money(?float $cost): string
    {
        return $cost === null ? '' : $this->kitchen->currency() . sprintf('%.2F', $cost);
    }

    /** @return list<string> "1.3 l: not cold in time" */
    public function reasons(): array
    {
        $lines = [];
        foreach ($this->waste->reasons() as $reason => $volume) {
            $lines[] = Litres::of($volume)->text() . ': ' . Words::text('keep.reasons.' . $reason);
        }

        return $lines;
    }

    public function name(string $sauce, string $liquid): string
    {
        return $this->names->name($sauce, $liquid);
    }

    /**
     * Where so much of it is composed.
     *
     * @param array{par: object{sauce: string, liquid: string}, make: Volume} $line
     */
    public function makes(array $line): string
    {
        return route('compose', [
            'sauce' => $line['par']->sauce,
            'liquid' => $line['par']->liquid,
            'amount' => sprintf('%.2F', $line['make']->inLitres()),
        ]);
    }

    /**
     * ", 1.42 l wanted, the first by Wed 2 Dec"
     *
     * @param array{wanted: Volume, soonest: ?string} $line
     */
    public function parMore(array $line): string
    {
        return ($line['wanted']->cubicMetres <= 0.0
            ? ''
            : ', ' . Words::text('keep.par.wanted', wanted: Litres::of($line['wanted'])->text()))
            . ($line['soonest'] === null ? '' : ', ' . Words::text('keep.par.soonest', day: TubWords::day($line['soonest'])));
    }

    /** @return array<string, string> "veloute@fish-stock" => "Fish velouté": what a par can be of */
    public function bases(): array
    {
        $catalogue = $this->kitchen->catalogue();
        $bases = [];
        foreach (Base::cases() as $base) {
            foreach (Liquids::of($base->value, $catalogue, $this->kitchen) as $i => $liquid) {
                if ($base === Base::Veloute || $i === 0) {
                    $bases[$base->value . '@' . $liquid] = $this->name($base->value, $liquid);
                }
            }
        }

        return $bases;
    }
}
