<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Station;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Models\StoredEvents;
use App\Records\Moment;
use App\Records\PlanCodec;
use Carbon\CarbonImmutable;
use Lento\Course\Call;
use Lento\Course\CallKind;
use Lento\Course\Course;
use Lento\Course\SignsOfLife;
use Lento\Plan\Step;
use stdClass;

/**
 * The pots that are on, the one that wants a hand first. Asked for once a page, however many parts of it want to know.
 *
 * @phpstan-type OnTheRail array{id: int, name: string, steps: non-empty-list<Step>, started_at: CarbonImmutable, place: string,
 *     cook: string, service: int, branch: string}
 */
final class PotsOn
{
    private const MOST = 40;

    /** @var list<Ticket>|null */
    private ?array $tickets = null;

    public function __construct(private readonly Kitchen $kitchen) {}

    /** @return list<Ticket> */
    public function tickets(): array
    {
        return $this->tickets ??= $this->read();
    }

    /** @return list<Ticket> */
    private function read(): array
    {
        $asked = Moment::ms(SignsOfLife::askedBefore(CarbonImmutable::now()));
        $pots = Pot::query()
            ->whereNull('finished_at')
            ->where('touched_at_ms', '>=', $asked)
            ->orderBy('calls_at_ms')
            ->limit(self::MOST)
            ->toBase()
            ->get(['id', 'name', 'place', 'cook', 'started_at', 'service_id', 'branch', 'plan->steps as steps'])
            ->all();
        $pots = array_map(self::onTheRail(...), $pots);
        $events = StoredEvents::coursesOf(array_column($pots, 'id'));
        [$called, $stations] = [[], Station::all($this->kitchen)];
        foreach ($pots as $pot) {
            $course = Course::of($pot['steps'], $pot['started_at'], $events[$pot['id']], $pot['place'], $pot['cook']);
            $call = $course->nextCall();
            if ($call !== null) {
                $called[] = [$call, self::ticket($pot, $course, $call, $stations[$course->place] ?? null)];
            }
        }
        usort($called, static fn(array $a, array $b): int => $a[0]->at <=> $b[0]->at);

        return [...array_column($called, 1), ...$this->askedAbout($asked, $stations)];
    }

    /**
     * Those that nobody has had a hand on for long come last, and ask whether they are on at all.
     *
     * @param array<string, Station> $stations
     *
     * @return list<Ticket>
     */
    private function askedAbout(int $asked, array $stations): array
    {
        return array_values(
            Pot::query()
                ->whereNull('finished_at')
                ->where('touched_at_ms', '<', $asked)
                ->orderByDesc('touched_at_ms')
                ->limit(self::MOST)
                ->get(['id', 'name', 'place', 'cook'])
                ->map(static fn(Pot $pot): Ticket => new Ticket(
                    new TicketPot(
                        $pot->id,
                        $pot->name,
                        ($stations[$pot->place] ?? null)->name ?? '',
                        ($stations[$pot->place] ?? null)->mark ?? '',
                        $pot->cook ?? '',
                    ),
                    Words::text('stove.still_on.rail'),
                    CallKind::Look,
                    null,
                    0.0,
                ))
                ->all(),
        );
    }

    /**
     * No more of a pot than its ticket needs: a rail of twenty stands on every page.
     *
     * @return OnTheRail
     */
    private static function onTheRail(stdClass $row): array
    {
        $text = static fn(mixed $value): string => is_string($value) ? $value : '';

        return [
            'id' => is_numeric($row->id) ? (int) $row->id : 0,
            'name' => $text($row->name),
            'steps' => PlanCodec::outline(json_decode($text($row->steps), true, 32)),
            'started_at' => CarbonImmutable::parse($text($row->started_at)),
            'place' => $text($row->place),
            'cook' => $text($row->cook),
            'service' => is_numeric($row->service_id) ? (int) $row->service_id : 0,
            'branch' => $text($row->branch),
        ];
    }

    /** @param OnTheRail $pot */
    private static function ticket(array $pot, Course $course, Call $call, ?Station $place): Ticket
    {
        $tends = !in_array($call->kind, [CallKind::Hands, CallKind::Timer], true);

        return new Ticket(
            new TicketPot(
                $pot['id'],
                $pot['name'],
                $place->name ?? '',
                $place->mark ?? '',
                $course->cook,
                $pot['service'] === 0 ? null : new PotOfService($pot['service'], $pot['branch'], $course->current),
            ),
            Words::text($tends ? 'stove.call.' . $call->kind->value : 'steps.' . $course->step()->kind->value . '.name'),
            $call->kind,
            $call->kind === CallKind::Hands ? null : $call->at,
            (float) max(1, $call->at->getTimestamp() - $course->since()->getTimestamp()),
        );
    }
}
