<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Format\Allergens;
use App\Format\Degrees;
use App\Format\Litres;
use App\Format\QrCode;
use App\Format\TubWords;
use App\Format\Words;
use App\Shelf\ShelvedTub;
use Carbon\CarbonImmutable;
use Lento\Shelf\Spot;
use Lento\Shelf\Tub;

/** What stands on the label of a tub: 90 × 58 mm, black on white. */
final readonly class Label
{
    private Tub $tub;

    private int $all;

    public function __construct(private ShelvedTub $shelved)
    {
        $this->tub = $shelved->tub;
        $this->all = count($shelved->batch->tubs);
    }

    public function name(): string
    {
        return $this->shelved->made->name;
    }

    /** "1 of 2"; nothing where there is but one. */
    public function nth(): string
    {
        return $this->all === 1 ? '' : Words::text('keep.row.of', n: $this->shelved->nth, all: $this->all);
    }

    public function litres(): string
    {
        return Litres::of($this->tub->volume())->text();
    }

    public function made(): string
    {
        return Words::text('keep.label.made', at: $this->shelved->madeAt()->format('D j M, H:i'));
    }

    /** What the big words say: the last day, or the minute by which it goes. */
    public function what(): string
    {
        return Words::text($this->tub->spot()->isHot() ? 'keep.label.bin_at' : 'keep.label.use_by');
    }

    public function big(): string
    {
        return $this->tub->spot()->isHot()
            ? (string) $this->tub->hotUntil()?->format('H:i')
            : TubWords::day($this->tub->useBy() ?? CarbonImmutable::now());
    }

    public function contains(): string
    {
        $stem = $this->shelved->facts()->stem;

        return match (true) {
            $stem === null => Words::text('keep.facts.unknown'),
            $stem->carries->allergens === [] => Words::text('keep.label.no_allergens'),
            default => implode(' · ', Allergens::names($stem->carries->allergens)),
        };
    }

    /** "read the label for soya" */
    public function readLabel(): string
    {
        $stem = $this->shelved->facts()->stem;

        return $stem === null || $stem->carries->readLabel === []
            ? ''
            : Words::text('keep.label.read_label', list: implode(', ', Allergens::names($stem->carries->readLabel)));
    }

    public function figures(): string
    {
        $rules = $this->tub->lot->rules;

        return match (true) {
            $this->tub->spot()->isHot() => Words::text('keep.label.hot', least: Degrees::text($rules->holdAtLeast)),
            $this->tub->spot() === Spot::Freezer => Words::text('keep.label.frozen', reheat: Degrees::text($rules->reheatTo)),
            $this->tub->reheatedAt() !== null => Words::text('keep.label.reheated'),
            default => Words::text(
                'keep.label.keep',
                keep: Degrees::number($rules->keepAtMost),
                unit: Degrees::text($rules->keepAtMost),
                reheat: Degrees::text($rules->reheatTo),
            ),
        };
    }

    public function cook(): string
    {
        return $this->shelved->made->cook;
    }

    public function code(): string
    {
        return $this->shelved->made->code . ($this->all === 1 ? '' : '/' . $this->shelved->nth);
    }

    public function qr(): QrCode
    {
        return QrCode::of(route('keep.tub', $this->shelved->id));
    }
}
