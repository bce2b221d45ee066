<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Family\BaseInHand;
use App\Family\KitchenWorkplace;
use App\Family\WhereItIs;
use App\Format\SauceNames;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Models\Tub;
use App\Stove\StartPot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lento\Family\Derived;
use Lento\Quantity\Volume;
use Lento\Shelf\Happened\Taken;
use Lento\Shelf\Mark;
use Lento\Shelf\TubState;

/** A tub of the shelf as the base of what is made of it; what is ladled from it is written down there. */
final readonly class FromTub
{
    public function __construct(private Kitchen $kitchen, private StartPot $start) {}

    /** Null where nobody knows what is in it, it is not cold, or its day is over. */
    public static function of(ShelvedTub $shelved, Kitchen $kitchen, CarbonImmutable $now): ?BaseInHand
    {
        $tub = $shelved->tub;
        $stem = $shelved->facts()->stem;
        if ($stem === null || $tub->state($now) !== TubState::Kept || $tub->isPastUse($now)) {
            return null;
        }

        return new BaseInHand(
            $shelved->made->name,
            $stem->taken($tub->volume()),
            $shelved->made->sauce,
            $shelved->made->liquid,
            new WhereItIs(route('keep.tub', $shelved->id), route('keep.make', $shelved->id)),
            $kitchen,
        );
    }

    public function cook(Tub $tub, Derived $derived, CarbonImmutable $now): Pot
    {
        return DB::transaction(function () use ($tub, $derived, $now): Pot {
            $plan = $derived->plan(
                $this->kitchen->catalogue()->root($derived->derivative->id),
                (new KitchenWorkplace($this->kitchen))->workplace(),
            );
            $by = StoredShelf::by();
            $pot = ($this->start)($plan, $now, cook: $by === '' ? null : $by);
            $taken = Volume::ofMillilitres(min((float) $tub->ml, $derived->taken->volume()->inMillilitres()));
            $mark = Mark::of((string) Str::uuid(), $tub->uid, $now->toDateTimeImmutable(), $by);
            $for = (new SauceNames($this->kitchen))->within($derived->derivative->id);
            StoredShelf::add($tub->batch, [new Taken($mark, $taken, mb_substr($for, 0, Taken::LONGEST))], $now);

            return $pot;
        });
    }
}
