<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Words;
use App\Models\Pot;

/** The pots that are on, the one that wants a hand first. Asked for once a page, however many parts of it want to know. */
final class PotsOn
{
    /** @var list<Ticket>|null */
    private ?array $tickets = null;

    /** @return list<Ticket> */
    public function tickets(): array
    {
        return $this->tickets ??= $this->read();
    }

    /** @return list<Ticket> */
    private function read(): array
    {
        $tickets = Pot::query()->whereNull('finished_at')->with('events')->oldest('started_at')->limit(20)->get()->map(static function (Pot $pot): Ticket {
            $course = $pot->course();

            return new Ticket($pot->id, $pot->name, Words::text('steps.' . $course->step()->kind->value . '.name'), $course->timerEnds(), $course->timerSeconds());
        })->values()->all();
        usort($tickets, static fn(Ticket $a, Ticket $b): int => ($a->ends?->getTimestamp() ?? 0) <=> ($b->ends?->getTimestamp() ?? 0));

        return $tickets;
    }
}
