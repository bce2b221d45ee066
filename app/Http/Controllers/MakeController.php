<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\BaseInHand;
use App\Family\CookFromPot;
use App\Family\FromPot;
use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Models\Tub;
use App\Pages\Family\MakePage;
use App\Shelf\FromTub;
use App\Shelf\ShelvedTub;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** "Make Mornay of this, 1.2 l": a sauce from a pot in hand, at the stove or in the cold, or from a tub of the shelf. */
final readonly class MakeController
{
    public function show(Pot $pot, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $page = self::page(FromPot::of($pot, $kitchen, CarbonImmutable::now()), $request, $kitchen);

        return $page === null
            ? redirect()->route($pot->finished_at === null ? 'pots.show' : 'log.show', $pot)
            : self::shown($page);
    }

    public function store(Pot $pot, Request $request, Kitchen $kitchen, CookFromPot $cook): RedirectResponse
    {
        $page = self::page(FromPot::of($pot, $kitchen, CarbonImmutable::now()), $request, $kitchen);
        if ($page?->derived === null || !$page->isReady()) {
            return redirect()->route('pots.make', [$pot, ...$request->only(['sauce', 'litres', 'pan'])]);
        }
        $made = $cook($pot, $page->derived, $page->samePan, $page->from->takesAll($page->derived), CarbonImmutable::now());

        return redirect()->route('pots.show', $made);
    }

    public function ofTub(Tub $tub, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $page = self::page(self::ofShelf($tub, $kitchen), $request, $kitchen);

        return $page === null ? redirect()->route('keep.tub', $tub) : self::shown($page);
    }

    public function storeOfTub(Tub $tub, Request $request, Kitchen $kitchen, FromTub $cook): RedirectResponse
    {
        $page = self::page(self::ofShelf($tub, $kitchen), $request, $kitchen);

        return $page?->derived === null || !$page->isReady()
            ? redirect()->route('keep.make', [$tub, ...$request->only(['sauce', 'litres'])])
            : redirect()->route('pots.show', $cook->cook($tub, $page->derived, CarbonImmutable::now()));
    }

    private static function ofShelf(Tub $tub, Kitchen $kitchen): ?BaseInHand
    {
        $shelved = ShelvedTub::of($tub->load('batch'));

        return $shelved === null ? null : FromTub::of($shelved, $kitchen, CarbonImmutable::now());
    }

    private static function shown(MakePage $page): PageOrFragment
    {
        return new PageOrFragment('pages.make', ['page' => $page], status: $page->fault === null ? 200 : 422);
    }

    private static function page(?BaseInHand $from, Request $request, Kitchen $kitchen): ?MakePage
    {
        if ($from === null || $from->sauces() === []) {
            return null;
        }
        $typed = array_map(
            static fn(mixed $one): string => is_scalar($one) ? mb_substr(trim((string) $one), 0, 60) : '',
            $request->only(['sauce', 'litres', 'pan']),
        );
        $sauce = $typed['sauce'] ?? '';

        return new MakePage(
            $from,
            in_array($sauce, $from->sauces(), true) ? $sauce : $from->sauces()[0],
            $typed['litres'] ?? '',
            $typed['pan'] ?? '',
            $kitchen,
        );
    }
}
