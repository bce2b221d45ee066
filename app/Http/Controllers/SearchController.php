<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageOrFragment;
use App\Http\Responses\TypedAddress;
use App\Kitchen\Kitchen;
use App\Search\Everything;
use App\Search\Wanted;
use Illuminate\Http\Request;

/** One search over all that has a name. */
final readonly class SearchController
{
    public function __invoke(Request $request, Kitchen $kitchen): PageOrFragment
    {
        $typed = $request->query('q');
        $wanted = Wanted::of(is_string($typed) ? $typed : '');

        return new PageOrFragment(
            'pages.search',
            ['wanted' => $wanted, 'found' => (new Everything($kitchen))->for($wanted)],
            headers: TypedAddress::of($request, route('search', ['q' => $wanted->typed], absolute: false)),
        );
    }
}
