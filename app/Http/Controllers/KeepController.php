<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\InTub;
use App\Http\HeldSince;
use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Models\Batch;
use App\Models\Tub;
use App\Pages\Keep\ShelfPage;
use App\Shelf\ShelvedTub;
use App\Shelf\Shelves;
use App\Shelf\StoredShelf;
use App\Shelf\TubTap;
use App\Typed\FieldFault;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Keep: the shelves, the tub that is looked at, and what is done with it. */
final readonly class KeepController
{
    public function index(Request $request, Kitchen $kitchen): PageOrFragment
    {
        return self::page($request, $kitchen, null);
    }

    public function show(Tub $tub, Request $request, Kitchen $kitchen): PageOrFragment
    {
        return self::page($request, $kitchen, $tub->load('batch'));
    }

    /** One thing that happened to it: back to its page, or to the field at which something is wrong. */
    public function store(Tub $tub, Request $request, Kitchen $kitchen): RedirectResponse|JsonResponse
    {
        $now = CarbonImmutable::now();
        $at = HeldSince::at($request, $now);
        $tub->load('batch');
        if ($request->post('kind') === 'probe') {
            InTub::put($request->integer('device'), $tub->id);

            return redirect()->route('keep.tub', $tub);
        }
        /** @var array<string, mixed> $said */
        $said = $request->post();
        // What is taken is held against what is there; two tablets may not both have the last litre.
        $events = DB::transaction(static function () use ($kitchen, $said, $tub, $now, $at): array|FieldFault {
            $batch = Batch::query()->lockForUpdate()->findOrFail($tub->batch_id);
            $events = (new TubTap($kitchen, LoadKitchen::vessels(), $at))->read($said, $tub, StoredShelf::batch($batch));
            if (is_array($events) && $events !== []) {
                StoredShelf::add($batch, $events, $now);
            }

            return $events;
        });
        if ($events instanceof FieldFault) {
            return HeldSince::was($request) ? new JsonResponse(['message' => $events->message()], 422) : redirect()
                ->route('keep.tub', $tub)
                ->withInput()
                ->withErrors([$events->field => $events->message()]);
        }
        // What was poured over into others is looked at there.
        $left = Tub::query()->there()->where('batch_id', $tub->batch_id)->orderByDesc('nth');
        $same = Tub::query()->find($tub->id);
        $next = $same !== null && $same->gone_at_ms === null ? $same : $left->first() ?? $same;

        // Where all of it was taken back, there is none to look at.
        return $next === null ? redirect()->route('keep') : redirect()->route('keep.tub', $next);
    }

    private static function page(Request $request, Kitchen $kitchen, ?Tub $tub): PageOrFragment
    {
        return new PageOrFragment('pages.keep', [
            'page' => ShelfPage::of(
                Shelves::page($request->integer('page', 1)),
                $tub === null ? null : ShelvedTub::of($tub),
                $kitchen,
                CarbonImmutable::now(),
            ),
        ]);
    }
}
