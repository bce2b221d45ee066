<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\Pdf;
use App\Pages\Keep\LabelsPage;
use App\Shelf\Shelves;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Labels to be printed: by the browser, or as a PDF. */
final readonly class LabelController
{
    public function __invoke(Request $request): View
    {
        return view('pages.labels', ['page' => self::page($request)]);
    }

    public function pdf(Request $request): Responsable
    {
        $page = self::page($request);
        abort_if($page->labels === [], 404);

        return new Pdf('pdf.labels', ['page' => $page], $page->layout === 'roll' ? Pdf::LABEL : Pdf::A4, 'labels');
    }

    private static function page(Request $request): LabelsPage
    {
        $asked = $request->string('tubs')->limit(2000, '')->toString();

        return LabelsPage::of(Shelves::asked($asked, LabelsPage::MOST), $asked, $request->string('layout')->toString());
    }
}
