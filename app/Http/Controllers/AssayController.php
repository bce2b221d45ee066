<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\RefusalWords;
use App\Format\Words;
use App\Formats\RecipeLd;
use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Pages\Assay\AssayPage;
use App\Pages\Assay\ReadRecipe;
use Illuminate\Http\Request;
use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Thickness\ThicknessClass;

/** Somebody else's recipe: will this be thick enough? */
final readonly class AssayController
{
    private const LONGEST = 4000;

    public function __invoke(Request $request, Kitchen $kitchen): PageOrFragment
    {
        $typed = $request->query('recipe');
        $text = mb_substr(mb_scrub(is_string($typed) ? $typed : ''), 0, self::LONGEST);
        // Linked data is read as its plain lines, and shown so.
        $text = RecipeLd::isMeant($text) ? RecipeLd::in($text)[0]->text ?? $text : $text;
        $as = $this->putRight($request);
        $larder = $kitchen->larder();
        $recipe = (new Reader($larder))->read($text, $as);
        [$assay, $refusal] = [null, null];
        try {
            $assay = $recipe->lines === [] && $recipe->unread === [] ? null : Assay::of($recipe, $larder);
        } catch (Missing $missing) {
            $refusal = Words::text($missing->what === 'liquid' ? 'faults.no_liquid' : 'faults.no_thickener');
        } catch (OutOfRange $refused) {
            $refusal = Words::text('assay.refused', reason: RefusalWords::of($refused));
        }
        $asked = $request->query('to');
        $to = ThicknessClass::tryFrom(is_string($asked) ? $asked : '');
        $page = new AssayPage(
            $text,
            $as,
            new ReadRecipe($recipe, $assay, $refusal),
            $to !== null && in_array($to, ThicknessClass::askable(), true) ? $to : ThicknessClass::Coating,
            $kitchen,
        );

        $address = route('assay', ['recipe' => $text, ...($as === [] ? [] : ['as' => $as]), 'to' => $page->to->value], absolute: false);

        return new PageOrFragment(
            'pages.assay',
            ['page' => $page],
            headers: $request->header('HX-Request-Type') === 'partial' ? ['HX-Push-Url' => $address] : [],
        );
    }

    /** @return array<int, string> lines the cook has put right, to what the larder knows */
    private function putRight(Request $request): array
    {
        $typed = $request->query('as');
        $as = [];
        foreach (is_array($typed) ? $typed : [] as $line => $id) {
            if (is_int($line) && is_string($id) && in_array($id, [...Kitchen::known(), 'cornflour', Reader::LEFT_OUT], true)) {
                $as[$line] = $id;
            }
        }

        return $as;
    }
}
