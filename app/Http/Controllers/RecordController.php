<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\RecordOut;
use App\Http\Responses\Pdf;
use App\Pages\Keep\RecordPage;
use App\Shelf\DayRecord;
use App\Shelf\StoredShelf;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\Response;

/** The record of what was kept, day by day: shown, printed, carried out, sealed. */
final readonly class RecordController
{
    public const FORMATS = ['csv', 'json', 'pdf'];

    public function __invoke(Request $request): View
    {
        return view('pages.record', ['page' => self::page($request)]);
    }

    public function file(Request $request, string $format): Response
    {
        $page = self::page($request);
        $name = 'lento-record-' . $page->record->day->format('Y-m-d');
        if ($format === 'pdf') {
            return (new Pdf('pdf.record', ['page' => $page], Pdf::A4, $name))->toResponse($request);
        }
        $body = $format === 'csv'
            ? RecordOut::csv($page->record)
            : json_encode(
                RecordOut::json($page->record, CarbonImmutable::now()),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            );

        return new \Illuminate\Http\Response($body, 200, [
            'Content-Type' => $format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json',
            'Content-Disposition' => 'attachment; filename="' . $name . '.' . $format . '"',
        ]);
    }

    public function seal(Request $request): RedirectResponse
    {
        $page = self::page($request);
        if ($page->isPast()) {
            $page->record->seal(StoredShelf::by(), CarbonImmutable::now());
        }

        return redirect()->route('keep.record', ['day' => $page->record->day->format('Y-m-d')]);
    }

    /** Today, where the day is none. */
    private static function page(Request $request): RecordPage
    {
        $asked = $request->string('day')->toString();
        $day = preg_match('/\A\d{4}-\d{2}-\d{2}\z/', $asked) === 1 && checkdate(
            (int) substr($asked, 5, 2),
            (int) substr($asked, 8, 2),
            (int) substr($asked, 0, 4),
        ) && $asked > '1971' && $asked < '2200' ? CarbonImmutable::parse($asked) : CarbonImmutable::now();

        return new RecordPage(DayRecord::of($day), CarbonImmutable::now());
    }
}
