<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\KitchenWorkplace;
use App\Family\WorkedOut;
use App\Format\RefusalWords;
use App\Http\Responses\Pdf;
use App\Kitchen\Kitchen;
use App\Models\Service;
use App\Pages\Family\ScalingPage;
use App\Pages\Family\ServicePage;
use App\Pages\Family\ShoppingPage;
use App\Typed\TypedNumber;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Lento\Exception\LentoException;
use Lento\Family\Scaling;
use Lento\Family\Shopping;

/** What is printed of a service: the pass sheet, the shopping and set-out; and what another size would change. */
final readonly class ServicePaperController
{
    private const LEAST_FACTOR = 0.1;

    private const MOST_FACTOR = 20.0;

    public function pass(Service $service, Kitchen $kitchen): View
    {
        return view('pages.pass', ['page' => ServicePage::of(WorkedOut::of($service, $kitchen), $kitchen)]);
    }

    public function passPdf(Service $service, Kitchen $kitchen): Pdf
    {
        $page = ServicePage::of(WorkedOut::of($service, $kitchen), $kitchen);

        return new Pdf('pdf.paper', ['page' => $page, 'of' => 'pass'], Pdf::A4, 'pass-sheet');
    }

    public function shopping(Service $service, Kitchen $kitchen): View
    {
        return view('pages.shopping', ['page' => self::shoppingPage($service, $kitchen)]);
    }

    public function shoppingPdf(Service $service, Kitchen $kitchen): Pdf
    {
        return new Pdf('pdf.paper', ['page' => self::shoppingPage($service, $kitchen), 'of' => 'shopping'], Pdf::A4, 'shopping');
    }

    private static function shoppingPage(Service $service, Kitchen $kitchen): ShoppingPage
    {
        $page = ServicePage::of(WorkedOut::of($service, $kitchen), $kitchen);

        return new ShoppingPage($page, $page->flow === null ? null : Shopping::for($page->flow, $kitchen->larder()));
    }

    public function scaling(Service $service, Request $request, Kitchen $kitchen): View
    {
        $page = ServicePage::of(WorkedOut::of($service, $kitchen), $kitchen);
        $typed = $request->string('factor', '2')->trim()->substr(0, 20)->toString();
        $factor = TypedNumber::number($typed);
        $wrong = $factor === null || $factor < self::LEAST_FACTOR || $factor > self::MOST_FACTOR;
        [$scaling, $refusal] = [null, ''];
        try {
            $scaling = $wrong || $page->flow === null
                ? null
                : Scaling::by($factor, $page->flow, $page->catalogue, (new KitchenWorkplace($kitchen))->workplace());
        } catch (LentoException $refused) {
            $refusal = RefusalWords::of($refused);
        }

        return view('pages.scaling', [
            'page' => new ScalingPage(
                $page,
                $scaling,
                $typed,
                $wrong ? [TypedNumber::plain(self::LEAST_FACTOR), TypedNumber::plain(self::MOST_FACTOR)] : null,
                $refusal,
            ),
        ]);
    }
}
