<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\PutAway\Archive;
use App\PutAway\PointingAt;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Services, kept sauces, own sauces and pots of the log: put away, and taken out again. */
final readonly class ArchiveController
{
    private const LIST_OF = ['services' => 'family', 'sauces' => 'sauces.index', 'own' => 'family.tree', 'pots' => 'log'];

    public function index(): View
    {
        return view('pages.archive', ['archived' => Archive::all()]);
    }

    public function store(string $kind, int $id): RedirectResponse
    {
        $row = Archive::find($kind, $id);
        $row->archive();

        return redirect()->route(self::LIST_OF[$kind])->with('archived', [$kind, $id, Archive::name($row), PointingAt::it($kind, $id)]);
    }

    public function takeOut(string $kind, int $id): RedirectResponse
    {
        Archive::find($kind, $id)->unarchive();

        return redirect()->route('archive')->with('saved', true);
    }
}
