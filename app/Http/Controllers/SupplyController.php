<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\KitchenWorkplace;
use App\Family\SupplyFields;
use App\Http\Responses\PageOrFragment;
use App\Kitchen\Kitchen;
use App\Pages\Family\SupplyPage;
use Illuminate\Http\Request;

/** "I have 3 l of velouté": what can become of it. The address is the question. */
final readonly class SupplyController
{
    public function __invoke(Request $request, Kitchen $kitchen): PageOrFragment
    {
        $page = SupplyPage::of(
            SupplyFields::from($request->query->all()),
            $kitchen,
            $kitchen->catalogue(),
            (new KitchenWorkplace($kitchen))->workplace(),
        );

        return new PageOrFragment(
            'pages.supply',
            ['page' => $page],
            status: $page->reading->faults === [] && $page->refusal === '' ? 200 : 422,
        );
    }
}
