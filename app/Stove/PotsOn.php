<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Models\Pot;
use Lento\Course\Call;
use Lento\Course\CallKind;
use Lento\Course\Course;

/** The pots that are on, the one that wants a hand first. Asked for once a page, however many parts of it want to know. */
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
        $pots = Pot::query()->whereNull('finished_at')->oldest('started_at')->limit(self::MOST)->get();
        $events = StoredEvents::coursesOf(array_values($pots->map(static fn(Pot $pot): int => $pot->id)->all()));
        [$called, $places] = [[], Place::all($this->kitchen)];
        foreach ($pots as $pot) {
            $course = Course::of($pot->steps, $pot->started_at, $events[$pot->id], $pot->place, $pot->cook ?? '');
            $call = $course->nextCall();
            if ($call !== null) {
                $called[] = [$call, self::ticket($pot, $course, $call, $places[$course->place] ?? null)];
            }
        }
        usort($called, static fn(array $a, array $b): int => $a[0]->at <=> $b[0]->at);

        return array_column($called, 1);
    }

    private static function ticket(Pot $pot, Course $course, Call $call, ?Place $place): Ticket
    {
        $tends = !in_array($call->kind, [CallKind::Hands, CallKind::Timer], true);

        return new Ticket(
            $pot->id,
            $pot->name,
            $place->name ?? '',
            $place->mark ?? '',
            $course->cook,
            Words::text($tends ? 'stove.call.' . $call->kind->value : 'steps.' . $course->step()->kind->value . '.name'),
            $call->kind,
            $call->kind === CallKind::Hands ? null : $call->at,
            (float) max(1, $call->at->getTimestamp() - $course->since()->getTimestamp()),
        );
    }
}
