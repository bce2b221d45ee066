<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Format\TubWords;
use App\Format\Words;
use App\Models\Tub;
use App\Records\Moment;
use DateTimeImmutable;
use Lento\Shelf\TubState;

/** The tubs that want a thermometer, for the rail of every page: the soonest first. One query. */
final class WatchedTubs
{
    private const SHOWN = 3;

    /** @var list<array{id: int, words: string, at: DateTimeImmutable}>|null */
    private ?array $calls = null;

    /** @return list<array{id: int, words: string, at: DateTimeImmutable}> */
    public function calls(): array
    {
        return $this->calls ??= array_values(
            Tub::query()
                ->with('batch:id,name')
                ->whereIn('state', TubState::watched())
                ->whereNotNull('looks_at_ms')
                ->orderBy('looks_at_ms')
                ->limit(self::SHOWN)
                ->get()
                ->map(static fn(Tub $tub): array => [
                    'id' => $tub->id,
                    'words' => Words::text(
                        $tub->state === TubState::Hot ? 'keep.rail.hot' : 'keep.rail.cooling',
                        name: $tub->batch->name,
                        spot: TubWords::spot($tub->spot),
                    ),
                    'at' => Moment::of($tub->looks_at_ms ?? 0),
                ])
                ->all(),
        );
    }
}
