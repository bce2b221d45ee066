<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\CookFromPot;
use App\Family\FromPot;
use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Pages\Family\MakePage;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** "Make Mornay of this pot, 1.2 l": a sauce from a pot in hand, at the stove or in the cold. */
final readonly class MakeController
{
    public function show(Pot $pot, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $page = self::page($pot, $request, $kitchen);

        return $page === null
            ? redirect()->route($pot->finished_at === null ? 'pots.show' : 'log.show', $pot)
            : new PageOrFragment('pages.make', ['page' => $page], status: $page->fault === null ? 200 : 422);
    }

    public function store(Pot $pot, Request $request, Kitchen $kitchen, CookFromPot $cook): RedirectResponse
    {
        $page = self::page($pot, $request, $kitchen);
        if ($page?->derived === null || !$page->isReady()) {
            return redirect()->route('pots.make', [$pot, ...$request->only(['sauce', 'litres', 'pan'])]);
        }

        $made = $cook($pot, $page->derived, $page->samePan, $page->from->takesAll($page->derived), CarbonImmutable::now());

        return redirect()->route('pots.show', $made);
    }

    private static function page(Pot $pot, Request $request, Kitchen $kitchen): ?MakePage
    {
        $from = FromPot::of($pot, $kitchen, CarbonImmutable::now());
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
