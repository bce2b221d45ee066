<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\CookBranch;
use App\Family\MergedService;
use App\Family\ServiceFields;
use App\Family\WorkedOut;
use App\Http\Responses\PageOrFragment;
use App\Http\TooMany;
use App\Kitchen\Kitchen;
use App\Models\Service;
use App\Pages\Family\ServicePage;
use App\Score\KeepScore;
use App\Score\ServiceScore;
use App\Shelf\ForService;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A service, kept as it is typed and worked out as it is shown. */
final readonly class ServiceController
{
    /** Changes of one page that are told apart: more than anybody types. */
    private const MOST_TURNS = 1_000_000_000;

    /** The last one; where there has been none, the way to begin one. */
    public function index(): RedirectResponse|View
    {
        $last = Service::query()->atHand()->latest('id')->first();

        return $last === null ? view('pages.service-none') : redirect()->route('services.show', $last);
    }

    public function show(Service $service, Kitchen $kitchen): PageOrFragment
    {
        return new PageOrFragment('pages.service', [
            'page' => self::page($service, $kitchen),
            'services' => Service::query()
                ->atHand()
                ->latest('id')
                ->limit(12)
                ->get()
                ->map(static fn(Service $one): array => ['id' => $one->id, 'name' => ServiceFields::from($one->fields)->name])
                ->all(),
        ]);
    }

    /** Kept with every change; what is wrong is said at its field, and the rest is worked out. */
    public function update(Service $service, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $on = $request->filled('typed_on') ? mb_substr(mb_scrub($request->string('typed_on')->toString()), 0, 40) : null;
        $merged = self::merged($service, $request, $on);
        $fields = $merged->fields;
        $service->typed(
            ($request->filled('shelf') ? ForService::take($request->integer('shelf'), $fields, CarbonImmutable::now()) : $fields)->toRow(),
            $on,
            min(self::MOST_TURNS, max(0, $request->integer('typed_turn'))),
        );
        if ($request->header('HX-Request-Type') !== 'partial') {
            return redirect()->route('services.show', $service);
        }
        $page = self::page($service, $kitchen);

        return new PageOrFragment(
            'pages.service',
            ['page' => $page, 'services' => [], 'clashes' => array_map($page->clash(...), $merged->clashes)],
            status: $page->reading->faults === [] && $page->refusal === '' ? 200 : 422,
        );
    }

    /** What this page has changed, upon what others have meanwhile; all of it, where a page does not say what it saw. */
    private static function merged(Service $service, Request $request, ?string $on): MergedService
    {
        $mine = $request->post();
        $remove = $request->string('remove')->toString();
        if (ctype_digit($remove) && is_array($mine['wishes'] ?? null)) {
            unset($mine['wishes'][(int) $remove]);
        }
        $stands = ServiceFields::from($service->fields);
        $saw = json_decode($request->string('saw')->toString(), true, 8);
        $saw = is_array($saw) && isset($saw['name'], $saw['wishes'], $saw['have']) ? ServiceFields::from($saw) : $stands;

        return MergedService::of($saw, $mine, $stands, $on !== null && $on === $service->typed_on);
    }

    public function store(Request $request): RedirectResponse
    {
        $copied = Service::query()->find($request->integer('copy'));

        return redirect()->route(
            'services.show',
            Service::query()->create(['fields' => ServiceFields::from($copied->fields ?? [])->toRow()]),
        );
    }

    /** One sauce of it on the stove, or ladled to the pass. */
    public function cook(Service $service, Request $request, Kitchen $kitchen, CookBranch $cook): RedirectResponse
    {
        TooMany::refuse('pots');
        // What is put on from its score is told by it from then on.
        if ($request->boolean('score')) {
            (new KeepScore())->take(ServiceScore::of($service, $kitchen, CarbonImmutable::now()));
        }
        $flow = self::page($service, $kitchen)->flow;
        $key = $request->string('branch')->toString();
        $pot = $flow === null ? null : $cook($service, $flow, $key, CarbonImmutable::now());
        $isOwn = $pot !== null && $pot->branch === $key;

        return $pot !== null && $isOwn ? redirect()->route('pots.show', $pot) : redirect()->route('services.show', $service);
    }

    private static function page(Service $service, Kitchen $kitchen): ServicePage
    {
        return ServicePage::of(WorkedOut::of($service, $kitchen), $kitchen);
    }
}
