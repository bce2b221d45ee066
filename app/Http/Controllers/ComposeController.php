<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageOrFragment;
use App\Models\KeptSauce;
use App\Pages\ComposePage;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Lento\Quantity\MeasureSystem;

final readonly class ComposeController
{
    private const MOST_KEPT = 30;

    private const LAST_GOOD = 'compose.good';

    public function __construct(private MeasureSystem $measures) {}

    public function __invoke(Request $request): PageOrFragment|RedirectResponse
    {
        $session = $request->session();
        $last = $session->get(self::LAST_GOOD);
        $good = is_array($last) ? ComposeFields::from($last) : ComposeFields::first();
        if (!$request->query->has('sauce')) {
            return redirect()->route('compose', $good->toAddress());
        }
        $fields = ComposeFields::from($request->query->all());
        $answer = Answer::to($fields, $this->measures);
        $kept = $this->kept();
        if ($answer->sheet !== null) {
            $session->put(self::LAST_GOOD, $fields->toAddress());

            return new PageOrFragment('pages.compose', ['page' => ComposePage::of($fields, $fields, $answer->sheet, [], $kept, $this->measures)], headers: $this->address($request, $fields));
        }
        $shown = Answer::to($good, $this->measures)->sheet;

        return new PageOrFragment('pages.compose', ['page' => ComposePage::of($fields, $good, $shown, $answer->faults, $kept, $this->measures)], status: 422);
    }

    /** @return array<string, string> the clean address of an answer for htmx to push; on Back it asks for the whole page, and nothing must be pushed */
    private function address(Request $request, ComposeFields $fields): array
    {
        return $request->header('HX-Request-Type') === 'partial' ? ['HX-Push-Url' => route('compose', $fields->toAddress(), absolute: false)] : [];
    }

    /** @return list<array{name: string, question: array<string, string>}> the latest first */
    private function kept(): array
    {
        $sauces = KeptSauce::query()->latest()->limit(self::MOST_KEPT)->get(['name', 'question']);

        return array_values($sauces->map(static fn(KeptSauce $sauce): array => ['name' => $sauce->name, 'question' => $sauce->question])->all());
    }
}
