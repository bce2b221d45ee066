<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\KitchenWorkplace;
use App\Family\WorkedOut;
use App\Kitchen\Kitchen;
use App\Models\Service;
use App\Pages\Family\ScalingPage;
use App\Pages\Family\ShoppingPage;
use App\Questions\Typed;
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
        return view('pages.pass', ['page' => WorkedOut::page($service, $kitchen)]);
    }

    public function shopping(Service $service, Kitchen $kitchen): View
    {
        $page = WorkedOut::page($service, $kitchen);

        return view('pages.shopping', ['page' => new ShoppingPage($page, $page->flow === null ? null : Shopping::for($page->flow, $kitchen->larder()))]);
    }

    public function scaling(Service $service, Request $request, Kitchen $kitchen): View
    {
        $page = WorkedOut::page($service, $kitchen);
        $typed = $request->string('factor', '2')->trim()->substr(0, 20)->toString();
        $factor = Typed::number($typed);
        $wrong = $factor === null || $factor < self::LEAST_FACTOR || $factor > self::MOST_FACTOR;
        [$scaling, $refusal] = [null, ''];
        try {
            $scaling = $wrong || $page->flow === null ? null : Scaling::by($factor, $page->flow, $page->catalogue, (new KitchenWorkplace($kitchen))->workplace());
        } catch (LentoException $refused) {
            $refusal = $refused->getMessage();
        }

        return view('pages.scaling', ['page' => new ScalingPage($page, $scaling, $typed, $wrong ? [Typed::plain(self::LEAST_FACTOR), Typed::plain(self::MOST_FACTOR)] : null, $refusal)]);
    }
}
