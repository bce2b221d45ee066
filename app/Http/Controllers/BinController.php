<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\PutAway\Bin;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;

/** What was thrown away, and the way back out. */
final readonly class BinController
{
    public function index(): View
    {
        return view('pages.bin', ['thrown' => Bin::all()]);
    }

    public function putBack(string $kind, int $id): RedirectResponse
    {
        try {
            Bin::putBack($kind, $id) ?? abort(404);
        } catch (UniqueConstraintViolationException) {
            return redirect()->route('bin')->withErrors(['bin' => __('bin.name_taken')]);
        }

        return redirect()->route('bin')->with('saved', true);
    }
}
