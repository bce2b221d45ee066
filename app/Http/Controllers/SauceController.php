<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\Words;
use App\Http\Requests\KeepSauceRequest;
use App\Kitchen\Kitchen;
use App\Models\Sauce;
use App\Models\SauceVersion;
use App\Pages\Compose\Scaled;
use App\Pages\Sauces\KeptSauce;
use App\Pages\Sauces\LatestVersion;
use App\Pages\Sauces\SaucesPage;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The kitchen's kept sauces: found by name, tag or note; every version stays. */
final readonly class SauceController
{
    private const MOST_SHOWN = 200;

    public function index(Request $request): View
    {
        $typed = $request->query('find');
        $find = mb_substr(trim(mb_scrub(is_string($typed) ? $typed : '')), 0, 60);
        $sauces = Sauce::query()
            ->foundBy($find)
            ->atHand()
            ->has('versions')
            ->with('latest')
            ->withCount('versions')
            ->orderByDesc('favourite')
            ->orderBy('name')
            ->limit(self::MOST_SHOWN)
            ->get();
        $tags = array_unique(
            array_merge(
                [],
                ...array_values(
                    Sauce::query()
                        ->atHand()
                        ->get(['tags'])
                        ->map(static fn(Sauce $sauce): array => $sauce->tags)
                        ->all(),
                ),
            ),
        );
        sort($tags);

        return view('pages.sauces', [
            'page' => new SaucesPage(
                array_values(
                    $sauces
                        ->map(
                            static fn(Sauce $sauce): KeptSauce => new KeptSauce(
                                $sauce->id,
                                $sauce->name,
                                $sauce->tags,
                                (string) $sauce->notes,
                                new LatestVersion($sauce->versions_count ?? 0, $sauce->latest->question ?? [], $sauce->latest->id ?? 0),
                            ),
                        )
                        ->all(),
                ),
                $find,
                $tags,
            ),
        ]);
    }

    public function create(Request $request, Kitchen $kitchen): View|RedirectResponse
    {
        $fields = ComposeFields::from($request->query->all());
        $sheet = Answer::to($fields, $kitchen)->sheet;
        if ($sheet === null) {
            return redirect()->route('compose', $fields->toAddress());
        }

        return view('pages.keep-sauce', [
            'question' => http_build_query($fields->toAddress()),
            'heading' => Words::wanted($sheet),
            'name' => Words::sauce($sheet->question),
            'from' => SauceVersion::query()->with('sauce')->find($request->integer('version')),
        ]);
    }

    public function store(KeepSauceRequest $request, Kitchen $kitchen): RedirectResponse
    {
        $fields = $request->fields();
        abort_if(Answer::to($fields, $kitchen)->sheet === null, 422);
        $version = DB::transaction(static function () use ($request, $fields, $kitchen): SauceVersion {
            $sauce = $request->onto() ?? Sauce::query()->create($request->details());

            return $sauce->keep($fields->filled($kitchen)->toAddress());
        });

        return redirect()->route('sauces.show', $version->sauce_id)->with('kept', $version->number);
    }

    public function show(Sauce $sauce, Kitchen $kitchen): View
    {
        $fields = ComposeFields::from($sauce->load('versions')->versions->first()->question ?? []);
        $sheet = Answer::to($fields, $kitchen)->sheet;

        return view('pages.sauce', [
            'sauce' => $sauce,
            'scaled' => $sheet === null ? [] : Scaled::of($fields, $sheet->question->yield),
            'covers' => Scaled::forCovers($fields, $kitchen),
        ]);
    }

    public function update(KeepSauceRequest $request, Sauce $sauce): RedirectResponse
    {
        $sauce->update($request->details());

        return redirect()->route('sauces.show', $sauce)->with('kept', 'details');
    }

    public function favour(Request $request, Sauce $sauce): RedirectResponse
    {
        $sauce->update(['favourite' => $request->boolean('favourite')]);

        return redirect()->route('sauces.show', $sauce);
    }

    public function duplicate(Sauce $sauce): RedirectResponse
    {
        $copy = DB::transaction(function () use ($sauce): Sauce {
            $copy = Sauce::query()->create([
                'name' => mb_substr(Words::text('sauces.copy_of', name: $sauce->name), 0, 60),
                'tags' => $sauce->tags,
                'notes' => $sauce->notes,
            ]);
            $latest = $sauce->versions()->first();
            if ($latest !== null) {
                $copy->keep($latest->question);
            }

            return $copy;
        });

        return redirect()->route('sauces.show', $copy);
    }
}
