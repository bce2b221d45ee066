<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Models\Pot;
use App\Models\Tub;
use App\Pages\Keep\PutAwayPage;
use App\Shelf\PotToKeep;
use App\Shelf\PutAway;
use App\Shelf\PutAwayFields;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** "Put 2 l away": from a pot into its vessels, with what is foreseen of them before anything is poured. */
final readonly class PutAwayController
{
    public function show(Pot $pot, Request $request, Kitchen $kitchen): PageOrFragment
    {
        $page = self::page($pot, $request->query->all(), $kitchen);
        $faulty = $request->query->has('rows') && !$page->isReady();

        return new PageOrFragment('pages.put-away', ['page' => $page], status: $faulty ? 422 : 200);
    }

    public function store(Pot $pot, Request $request, Kitchen $kitchen, PutAway $putAway): RedirectResponse
    {
        $page = self::page($pot, $request->post(), $kitchen);
        if (!$page->isReady()) {
            return redirect()->route('pots.keep', [$pot, ...$request->only(['rows', 'celsius'])]);
        }
        $batch = $putAway($page->from, $page->asked, CarbonImmutable::now());
        $first = Tub::query()->where('batch_id', $batch->id)->orderBy('nth')->firstOrFail();

        return redirect()->route('keep.tub', $first);
    }

    /** @param array<mixed> $typed */
    private static function page(Pot $pot, array $typed, Kitchen $kitchen): PutAwayPage
    {
        $from = PotToKeep::of($pot, $kitchen, CarbonImmutable::now());
        $vessels = LoadKitchen::vessels();
        $typed = isset($typed['rows']) ? $typed : PutAwayPage::first($from, $vessels);

        return new PutAwayPage($from, PutAwayFields::read($typed, $vessels), $vessels, $kitchen);
    }
}
