<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Tub;
use Lento\Shelf\TubState;

/** A page of the shelves: first what moves by itself, then what only lies there, in the order of its days. */
final readonly class Shelves
{
    /** Tubs on a page: more are found on the next. */
    public const SHOWN = 24;

    /** Of those that cool or stand hot: no kitchen watches more. */
    private const WATCHED = 60;

    /** @param list<ShelvedTub> $tubs */
    private function __construct(public array $tubs, public int $all, public int $page) {}

    public static function page(int $page): self
    {
        $all = Tub::query()->there()->count();
        $page = max(1, min($page, (int) ceil(max(1, $all) / self::SHOWN)));
        $skip = self::SHOWN * ($page - 1);
        $first = Tub::query()->with('batch')->whereIn('state', TubState::watched())->orderBy('looks_at_ms')->limit(self::WATCHED)->get();
        $moving = $first->slice($skip, self::SHOWN);
        $still = Tub::query()
            ->with('batch')
            ->whereIn('state', TubState::lying())
            ->orderBy('use_by')
            ->orderBy('id')
            ->offset(max(0, $skip - $first->count()))
            ->limit(self::SHOWN - $moving->count());

        $lying = $moving->count() < self::SHOWN ? $still->get()->all() : [];

        return new self(ShelvedTub::all([...array_values($moving->all()), ...$lying]), $all, $page);
    }

    /**
     * @param string $asked "12,13", or "batch-4" for all of a batch
     *
     * @return list<ShelvedTub>
     */
    public static function asked(string $asked, int $most): array
    {
        $query = Tub::query()->with('batch')->there()->orderBy('batch_id')->orderBy('nth')->limit($most);
        $batch = preg_match('/\Abatch-(\d{1,18})\z/', $asked, $found) === 1 ? (int) $found[1] : null;
        $ids = array_map(intval(...), array_slice(explode(',', $asked), 0, $most));

        $rows = $batch === null ? $query->whereIn('id', $ids) : $query->where('batch_id', $batch);

        return ShelvedTub::all(array_values($rows->get()->all()));
    }
}
