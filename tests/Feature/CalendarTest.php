<?php

declare(strict_types=1);

use App\Models\Calendar;
use App\Score\KeepScore;
use Carbon\CarbonImmutable;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travelTo;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;

require_once __DIR__ . '/scores.php';

beforeEach(function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 09:00'));
    twoCooks();
});

/** Asks for an address as the Kitchen page does, and reads it off the page that tells it once. */
function calendarAddress(string $cook): string
{
    post(route('kitchen.calendar'), ['cook' => $cook])->assertRedirect();
    preg_match('#http\S+/api/v1/calendars/\w{40}\.ics#', (string) get('/kitchen')->getContent(), $found);

    return $found[0] ?? '';
}

it('gives each cook a calendar of what they were told, under an address of its own', function (): void {
    $service = toBeScored();
    for ($round = 0; $round < KeepScore::ROUNDS; $round++) {
        post(route('score.better', $service));
    }
    $address = calendarAddress('Petra Lund');
    expect($address)->not->toBe('')->and((string) get('/kitchen')->getContent())->not->toContain($address);
    $answer = get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
    $calendar = Reader::read((string) $answer->getContent());
    $mine = Reader::read((string) get(route('score.file', [$service, 'ics', 'cook' => 'Petra Lund']))->getContent());
    $events = static function (mixed $of): array {
        $rows = [];
        foreach ($of instanceof VCalendar ? $of->select('VEVENT') : [] as $one) {
            /** @var VEvent $one */
            $rows[] = $one->serialize();
        }

        // When it was made, what it is called and where it is are said each in its own way.
        return array_map(static function (string $row): string {
            preg_match_all('/^(?:UID|DTSTART|DTEND):.*$/m', $row, $lines);

            return implode(' ', $lines[0]);
        }, $rows);
    };
    expect($calendar->validate())->toBe([])
        ->and(count($events($calendar)))->toBeGreaterThan(3)
        ->and($events($calendar))->toEqualCanonicalizing($events($mine));
});

it('ends an address with a new one, and by hand', function (): void {
    $old = calendarAddress('Petra Lund');
    $new = calendarAddress('Petra Lund');
    get($old)->assertNotFound();
    get($new)->assertOk();
    post(route('kitchen.calendar'), ['cook' => 'Petra Lund', 'end' => '1'])->assertRedirect();
    get($new)->assertNotFound();
    expect(Calendar::query()->count())->toBe(0);
    get('/kitchen')->assertSee('Petra Lund has no calendar address');
});

it('answers nobody without a token, and nobody who guesses', function (): void {
    post(route('kitchen.calendar'), ['cook' => 'Ole'])->assertNotFound();
    config(['lento.rates.wrong_tokens' => 3]);
    foreach (range(1, 3) as $try) {
        get('/api/v1/calendars/' . str_repeat((string) $try, 40) . '.ics')->assertNotFound();
    }
    get('/api/v1/calendars/' . str_repeat('x', 40) . '.ics')->assertStatus(429);
});
