<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Audit;
use App\Pages\Kitchen\AuditLine;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Who did what in this kitchen, before and after, newest first. */
final readonly class AuditController
{
    private const A_PAGE = 100;

    public function __invoke(Request $request): View
    {
        $before = $request->integer('before');
        $lines = Audit::query()
            ->latest('id')
            ->when($before > 0, static fn($query) => $query->where('id', '<', $before))
            ->limit(self::A_PAGE)
            ->get();

        return view('pages.audit', [
            'lines' => $lines->map(static fn(Audit $line): AuditLine => AuditLine::of(
                ['at' => $line->at, 'by' => $line->by, 'what' => $line->what, 'of' => $line->of, 'name' => $line->name],
                $line->before,
                $line->after,
            ))->all(),
            'older' => $lines->count() === self::A_PAGE ? $lines->last()?->id : null,
        ]);
    }
}
