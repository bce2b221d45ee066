<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\ScoreWords;
use App\Format\Words;
use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Models\Service;
use App\Pages\Score\ScoreAsked;
use App\Pages\Score\ScorePage;
use App\People\Here;
use App\Score\AskedChange;
use App\Score\ChangeWords;
use App\Score\KeepScore;
use App\Score\Said;
use App\Score\ServiceScore;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Lento\Score\Change;
use Lento\Score\Impossible;

/** A whole service in time. */
final readonly class ScoreController
{
    public function __construct(private KeepScore $keep) {}

    /** Of the last service; where there has been none, the way to begin one. */
    public function index(): RedirectResponse|View
    {
        $last = Service::query()->atHand()->latest('id')->first();

        return $last === null ? view('pages.score-none') : redirect()->route('score', $last);
    }

    public function show(Service $service, Request $request, Kitchen $kitchen): PageOrFragment
    {
        return $this->page($service, $request, $kitchen);
    }

    /** A little further towards the best. */
    public function better(Service $service, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $score = self::score($service, $kitchen);
        if ($score->instance !== null) {
            $this->keep->better($score);
        }

        return $this->pageOrBack($service, $request, $kitchen);
    }

    /** It is good enough. */
    public function stop(Service $service, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        KeepScore::stop($service->id);

        return $this->pageOrBack($service, $request, $kitchen);
    }

    /** What moves is taken over. */
    public function take(Service $service, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $score = self::score($service, $kitchen);
        if ($score->instance !== null) {
            $this->keep->take($score);
        }

        return $this->pageOrBack($service, $request, $kitchen);
    }

    /** Somebody says something of it: a time, a cook, a ring, a serving; or several at once, as an offer has it. */
    public function say(Service $service, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $score = self::score($service, $kitchen);
        $changes = [];
        foreach (self::typed($request) as $typed) {
            $asked = AskedChange::read($typed, $score);
            if ($asked->change === null) {
                return $this->page($service, $request, $kitchen, $asked->fault);
            }
            $meanwhile = self::saidMeanwhile($request, $asked->change, $score);
            if ($meanwhile !== null) {
                return $this->page($service, $request, $kitchen, Words::text(
                    'score.fault.said',
                    by: $meanwhile->by === '' ? Words::text('score.somebody') : $meanwhile->by,
                    what: $score->instance === null
                        ? ''
                        : ChangeWords::of($meanwhile->change, $score->instance, $score->day, $kitchen),
                ));
            }
            $changes[] = $asked->change;
        }
        if ($changes === []) {
            return $this->page($service, $request, $kitchen, Words::text('score.fault.gone'));
        }
        $why = $this->keep->say($score, $changes, mb_substr(app(Here::class)->presence()->name, 0, 60));
        if ($why === null) {
            return $this->page($service, $request, $kitchen, Words::text('score.fault.meanwhile'));
        }
        if ($why !== [] && $score->instance !== null) {
            $says = array_map(static fn(Impossible $one): string => ScoreWords::impossible($one, $score->instance), $why);

            return $this->page($service, $request, $kitchen, Words::text('score.fault.impossible', why: implode(' ', $says)));
        }

        return $this->pageOrBack($service, $request, $kitchen);
    }

    /** What was said last is taken back, or the one that is named. */
    public function unsay(Service $service, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $score = self::score($service, $kitchen);
        $place = $request->integer('place');
        $named = $score->said[$place] ?? null;
        if ($request->filled('mark') && $named?->mark() !== $request->string('mark')->toString()) {
            return $this->page($service, $request, $kitchen, Words::text('score.fault.meanwhile'));
        }
        if ($score->instance !== null) {
            $this->keep->unsay($score, $request->filled('place') ? $place : null);
        }

        return $this->pageOrBack($service, $request, $kitchen);
    }

    /** What somebody else has said of the very same since this page was drawn: nobody's word is written over unseen. */
    private static function saidMeanwhile(Request $request, Change $change, ServiceScore $score): ?Said
    {
        if (!$request->has('saw')) {
            return null;
        }
        $saw = explode(' ', $request->string('saw')->toString());
        foreach ($score->said as $said) {
            if ($change->replaces($said->change) && !in_array($said->mark(), $saw, true)) {
                return $said;
            }
        }

        return null;
    }

    /** @return list<array<string, string>> changes as they were typed */
    private static function typed(Request $request): array
    {
        $rows = $request->input('changes');
        $row = self::texts($request->post());
        // Who goes and which ring fails are picked from one list: "away Ines Vark", "out ring-2".
        $picked = explode(' ', $row['of'] ?? '', 2);
        if (($row['kind'] ?? '') === 'fails') {
            $row = ['kind' => $picked[0], 'of' => $picked[1] ?? '', ...array_diff_key($row, ['kind' => 1, 'of' => 1])];
        }

        return is_array($rows)
            ? array_map(static fn(mixed $one): array => self::texts(is_array($one) ? $one : []), array_values($rows))
            : [$row];
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<string, string>
     */
    private static function texts(array $row): array
    {
        $texts = [];
        foreach (['kind', 'of', 'at', 'until', 'to'] as $field) {
            $texts += is_string($row[$field] ?? null) ? [$field => $row[$field]] : [];
        }

        return $texts;
    }

    private function pageOrBack(Service $service, Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        return $request->header('HX-Request-Type') === 'partial'
            ? $this->page($service, $request, $kitchen)
            : redirect()->route('score', $service);
    }

    private function page(Service $service, Request $request, Kitchen $kitchen, string $fault = ''): PageOrFragment
    {
        $score = self::score($service, $kitchen);
        $shown = $score->instance === null ? null : $this->keep->shown($score);

        return new PageOrFragment('pages.score', ['page' => new ScorePage(
            $score,
            $shown,
            $kitchen,
            ScoreAsked::read($request, $fault),
            KeepScore::left($score),
            $shown !== null && $request->boolean('offers') ? $this->keep->offers($shown) : [],
        )], $fault === '' ? 200 : 422);
    }

    private static function score(Service $service, Kitchen $kitchen): ServiceScore
    {
        return ServiceScore::of($service, $kitchen, CarbonImmutable::now());
    }
}
