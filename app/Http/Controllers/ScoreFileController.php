<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\InstanceJson;
use App\Formats\ScoreJson;
use App\Kitchen\Kitchen;
use App\Models\Service;
use App\Score\KeepScore;
use App\Score\ScoreCalendar;
use App\Score\ScoreReading;
use App\Score\ScoreTable;
use App\Score\ServiceScore;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lento\Score\Answer;

/** The score of a service for other programs: a calendar, a table, or all of it. */
final readonly class ScoreFileController
{
    public const FORMATS = ['ics', 'csv', 'json'];

    private const TYPES = ['ics' => 'text/calendar', 'csv' => 'text/csv', 'json' => 'application/json'];

    public function __invoke(Service $service, string $format, Request $request, Kitchen $kitchen, KeepScore $keep): Response
    {
        $now = CarbonImmutable::now();
        $score = ServiceScore::of($service, $kitchen, $now);
        $shown = $score->instance === null ? null : $keep->shown($score);
        abort_if(!$shown?->answer instanceof Answer, 404);
        $reading = new ScoreReading($score, $shown->instance, $shown->answer, $kitchen);
        $cook = $request->string('cook')->toString();
        $text = match ($format) {
            'ics' => ScoreCalendar::of(
                $reading,
                $score->service->fields->name,
                $now,
                in_array($cook, $reading->cooks, true) ? $cook : null,
            ),
            'csv' => ScoreTable::of($reading),
            default => json_encode(
                ['service' => InstanceJson::of($shown->instance), ...ScoreJson::of($shown->answer)],
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
        };

        return new Response($text, 200, [
            'Content-Type' => self::TYPES[$format] . '; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"lento-score-{$service->id}.{$format}\"",
            'Cache-Control' => 'no-store',
        ]);
    }
}
