<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\QrCode;
use App\Http\Requests\ElsewhereRequest;
use App\Models\Link;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The page one is at, opened elsewhere: by a short address or its QR code. */
final readonly class ElsewhereController
{
    public function store(ElsewhereRequest $request): RedirectResponse
    {
        return redirect()->route('elsewhere.show', Link::to($request->path())->code);
    }

    public function show(string $code): View
    {
        $link = self::of($code);
        $address = route('elsewhere.go', $link->code);

        return view('pages.elsewhere', ['link' => $link, 'address' => $address, 'qr' => QrCode::of($address)]);
    }

    public function go(string $code): RedirectResponse
    {
        return redirect(self::of($code)->path);
    }

    /** However it was typed. */
    private static function of(string $code): Link
    {
        return Link::query()->where('code', strtoupper($code))->firstOrFail();
    }
}
