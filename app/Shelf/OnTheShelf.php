<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Format\Litres;
use App\Format\TubWords;
use App\Format\Words;
use App\Models\Tub;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Lento\Quantity\Volume;
use Lento\Shelf\TubState;

/** What of the shelf other pages tell: what is to be used soon, what there is of a sauce that somebody is about to make. */
final readonly class OnTheShelf
{
    private const TOLD = 4;

    private const READY = 12;

    /** @return list<array{tub: int, words: string}> what has to be used today or tomorrow, the first first */
    public static function soon(CarbonImmutable $now): array
    {
        return self::told(
            self::usable($now)->where('use_by', '<=', $now->addDay()->format('Y-m-d'))->whereIn('state', [TubState::Kept->value])->get(),
        );
    }

    /** @return list<array{tub: int, words: string}> what is cold and can be taken out for a service */
    public static function ready(CarbonImmutable $now): array
    {
        return self::told(
            self::usable($now)
                ->where('state', TubState::Kept)
                ->whereHas('batch', static fn(Builder $batch): Builder => $batch->whereNotNull('sauce'))
                ->limit(self::READY)
                ->get(),
        );
    }

    /** @return list<array{tub: int, words: string}> what there is of a sauce */
    public static function of(string $sauce, string $liquid, CarbonImmutable $now): array
    {
        return self::told(
            self::usable($now)
                ->whereIn('state', TubState::lying())
                ->whereHas('batch', static function (Builder $batch) use ($sauce, $liquid): void {
                    $batch->where('sauce', $sauce);
                    if ($liquid !== '') {
                        $batch->where('liquid', $liquid);
                    }
                })
                ->get(),
        );
    }

    /** @return Builder<Tub> */
    private static function usable(CarbonImmutable $now): Builder
    {
        return Tub::query()
            ->with('batch')
            ->where('use_by', '>=', $now->format('Y-m-d'))
            ->orderBy('use_by')
            ->orderBy('id')
            ->limit(self::TOLD);
    }

    /**
     * @param Collection<int, Tub> $tubs
     *
     * @return list<array{tub: int, words: string}>
     */
    private static function told(Collection $tubs): array
    {
        return array_values($tubs->map(static fn(Tub $tub): array => [
            'tub' => $tub->id,
            'words' => Words::text(
                'keep.soon_one',
                litres: Litres::of(Volume::ofMillilitres((float) $tub->ml))->text(),
                name: $tub->batch->name,
                day: Words::text('keep.row.use_by', day: TubWords::day($tub->use_by ?? 'now')),
            ),
        ])->all());
    }
}
