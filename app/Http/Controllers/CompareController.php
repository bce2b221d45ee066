<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageOrFragment;
use App\Http\Responses\TypedAddress;
use App\Kitchen\Kitchen;
use App\Pages\Compose\ComparePage;
use App\Questions\ComposeFields;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Two to four questions side by side. */
final readonly class CompareController
{
    private const LONGEST = 4000;

    public function __invoke(Request $request, Kitchen $kitchen): PageOrFragment
    {
        $asked = $request->query('q');
        $changes = $request->query('set');
        $questions = [];
        foreach (array_slice(is_array($asked) ? array_values($asked) : [], 0, ComparePage::MOST) as $i => $one) {
            if (is_string($one)) {
                $set = is_array($changes) && is_array($changes[$i] ?? null)
                    ? array_intersect_key($changes[$i], array_flip(ComparePage::CHANGES))
                    : [];
                // Another pan brings its own size.
                $set += isset($set['pan']) && $set['pan'] !== '' ? ['diameter' => '', 'height' => ''] : [];
                $questions[] = ComposeFields::from([...HeaderUtils::parseQuery(mb_substr($one, 0, self::LONGEST)), ...$set]);
            }
        }
        $first = $questions[0] ?? ComposeFields::first($kitchen);
        $page = new ComparePage([$first, $questions[1] ?? $first, ...array_slice($questions, 2)], $kitchen);

        return new PageOrFragment(
            'pages.compare',
            ['page' => $page],
            headers: TypedAddress::of($request, route('compare', ['q' => $page->addresses()], absolute: false)),
        );
    }
}
