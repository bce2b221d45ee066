<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Questions\Fault;
use App\Stove\ClosePot;
use App\Stove\EventReader;
use App\Stove\OutcomeReader;
use App\Stove\RecordEvents;
use App\Stove\StoredEvent;
use App\Stove\StoredEvents;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Lento\Course\EventKind;

/** What has happened to a pot: one event from a form, or all that a tablet has held while its line was down. */
final readonly class PotEventController
{
    private const MOST_AT_ONCE = 500;

    public function __construct(private RecordEvents $record, private ClosePot $close, private Kitchen $kitchen) {}

    /** One tap, from a form: back to the pot, or to the field at which something is wrong. */
    public function store(Pot $pot, Request $request): RedirectResponse
    {
        [, $faults] = $this->take($pot, [$request->post()]);
        $faults = $faults[0] ?? [];
        if ($faults !== []) {
            return redirect()->route('pots.show', $pot)->withInput()->withErrors(array_combine(array_column($faults, 'field'), array_map(static fn(Fault $fault): string => $fault->message(), $faults)));
        }

        return redirect()->route($pot->refresh()->finished_at === null ? 'pots.show' : 'log.show', $pot);
    }

    /**
     * Many at once, each with the id its tablet gave it: which are kept, and which were refused and why.
     *
     * What is refused is said once and not sent again; what is kept already is kept once.
     */
    public function batch(Pot $pot, Request $request): JsonResponse
    {
        $events = $request->json('events');
        if (!is_array($events) || $events === [] || count($events) > self::MOST_AT_ONCE) {
            return new JsonResponse(['message' => (new Fault('events', 'too_many', ['most' => (string) self::MOST_AT_ONCE]))->message()], 422);
        }
        [$kept, $faults] = $this->take($pot, array_values($events));
        $refused = [];
        foreach ($faults as $i => $wrong) {
            $said = array_values($events)[$i];
            $refused[] = ['token' => is_array($said) && is_string($said['token'] ?? null) ? $said['token'] : '', 'faults' => array_map(static fn(Fault $fault): array => ['field' => $fault->field, 'message' => $fault->message()], $wrong)];
        }

        return new JsonResponse(['kept' => $kept, 'refused' => $refused, 'finished' => $pot->refresh()->finished_at !== null, 'latest' => StoredEvents::latest(), 'now' => CarbonImmutable::now()->getTimestampMs()]);
    }

    /**
     * @param list<mixed> $all in the order they happened
     *
     * @return array{list<string>, array<int, non-empty-list<Fault>>} tokens that are kept, and by their place in the list what was wrong with the others
     */
    private function take(Pot $pot, array $all): array
    {
        [$events, $faults, $outcome, $now] = [[], [], null, CarbonImmutable::now()];
        $lesson = null;
        foreach ($all as $i => $said) {
            /** @var array<string, mixed> $said */
            $said = is_array($said) ? $said : [];
            $event = (new EventReader($this->kitchen))->read($said);
            if (!$event instanceof StoredEvent) {
                $faults[$i] = [$event];
            } elseif ($event->kind !== EventKind::Finished) {
                $events[] = $event;
            } else {
                ['outcome' => $read, 'faults' => $wrong] = OutcomeReader::read($said, $this->close->kilogramsPerLitre($pot));
                if ($wrong !== []) {
                    $faults[$i] = $wrong;
                } else {
                    [$events, $outcome, $lesson] = [[...$events, $event], $this->close->outcome($pot, $read, $now), $this->close->lesson($pot, $read, $now)];
                }
            }
        }
        if ($events !== []) {
            ($this->record)($pot, $events, $now, $outcome, $lesson);
        }

        return [array_map(static fn(StoredEvent $event): string => $event->token, $events), $faults];
    }
}
