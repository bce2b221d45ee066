<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\Words;
use App\Http\Middleware\CleanText;
use App\Kitchen\Kitchen;
use App\Log\LogCsv;
use App\Log\LogJson;
use App\Log\LogSearch;
use App\Log\ReadPots;
use App\Log\Refused;
use App\Log\TakeIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log as a file, out and in. */
final readonly class LogFileController
{
    /** A file larger than this is refused unread; a year of a busy kitchen has about 10 MB. */
    public const MOST_MEGABYTES = 16;

    public function out(Request $request, string $format, Kitchen $kitchen): StreamedResponse
    {
        $ids = LogSearch::from($request->query())->pots()->pluck('id')->all();
        /** @var list<int> $ids */
        $pieces = $format === 'csv' ? LogCsv::write($ids) : LogJson::write($ids, $kitchen);

        return new StreamedResponse(
            static function () use ($pieces): void {
                foreach ($pieces as $piece) {
                    echo $piece;
                }
            },
            200,
            [
                'Content-Type' => $format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json',
                'Content-Disposition' => 'attachment; filename="lento-log.' . $format . '"',
            ],
        );
    }

    public function in(Request $request, TakeIn $takeIn, Kitchen $kitchen): RedirectResponse
    {
        try {
            $file = $request->file('file');
            $name = $file instanceof UploadedFile ? CleanText::text($file->getClientOriginalName()) : '';
            $counted = $takeIn(self::read($file, $kitchen), $name);
        } catch (Refused $refused) {
            return redirect(route('log') . '#files')->withErrors(['file' => $refused->getMessage()]);
        }

        return redirect(route('log') . '#files')->with(
            'taken',
            trans_choice('log.file.taken', $counted['taken'], ['count' => $counted['taken']])
                . ($counted['here'] === 0 ? '' : ' ' . trans_choice('log.file.here', $counted['here'], ['count' => $counted['here']])),
        );
    }

    private static function read(mixed $file, Kitchen $kitchen): ReadPots
    {
        if (!$file instanceof UploadedFile || $file->getError() === UPLOAD_ERR_NO_FILE) {
            throw Refused::whole(Words::text('log.file.none'));
        }
        if ($file->getError() === UPLOAD_ERR_INI_SIZE || $file->getSize() > 1_048_576 * self::MOST_MEGABYTES) {
            throw self::tooBig();
        }
        $text = $file->isValid() ? $file->getContent() : throw Refused::whole(Words::text('log.file.unreadable'));
        // What a file is shows at its first sign: names and types are what a browser makes of them.
        $begins = ltrim(substr($text, 0, 200), "\u{FEFF} \r\n\t");

        return str_starts_with($begins, '{') || str_starts_with($begins, '[') ? LogJson::read($text, $kitchen) : LogCsv::read($text);
    }

    public static function tooBig(): Refused
    {
        return Refused::whole(Words::text('log.file.too_big', most: self::MOST_MEGABYTES));
    }
}
