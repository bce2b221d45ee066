<?php

declare(strict_types=1);

namespace App\Score;

use App\Family\ServiceFields;
use App\Format\Words;
use App\Formats\Json;
use App\Models\Score;
use App\Models\Service;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;

/** What a cook has been told to do, over all services that are not long over, as one calendar (RFC 5545). */
final readonly class CookCalendar
{
    /** Days for which what was is still in it, so that a calendar which is read seldom shows how a week went. */
    private const DAYS_BACK = 14;

    public static function of(string $cook, CarbonImmutable $now): string
    {
        $title = Words::text('score.calendar_of', cook: $cook);
        $calendar = new VCalendar(['PRODID' => '-//Lento//Score//EN', 'NAME' => $title, 'X-WR-CALNAME' => $title]);
        $utc = new DateTimeZone('UTC');
        $services = Service::query()->atHand()->get()->keyBy('id');
        foreach (Score::query()->whereNotNull('hands')->orderBy('id')->get(['service_id', 'hands']) as $row) {
            $service = $services[$row->service_id] ?? null;
            if ($service === null) {
                continue;
            }
            foreach ($row->hands ?? [] as $told) {
                $hand = ToldHand::read(Json::of($told));
                if ($hand->cook !== $cook || $hand->isALook || $hand->at < $now->subDays(self::DAYS_BACK)) {
                    continue;
                }
                $calendar->add('VEVENT', [
                    'UID' => ScoreCalendar::uid($row->service_id, $hand->at, $hand->task),
                    'DTSTAMP' => $now->setTimezone($utc),
                    'DTSTART' => $hand->at->setTimezone($utc),
                    'DTEND' => $hand->at->addMinutes($hand->minutes)->setTimezone($utc),
                    'SUMMARY' => "{$hand->what}, {$hand->name}",
                    'CATEGORIES' => ServiceFields::from($service->fields)->name,
                ]);
            }
        }

        return $calendar->serialize();
    }
}
