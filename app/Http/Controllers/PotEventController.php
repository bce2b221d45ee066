<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kitchen\Kitchen;
use App\Models\Pot;
use App\Models\StoredEvents;
use App\Records\EventCodec;
use App\Stove\Beside;
use App\Stove\EventReader;
use App\Stove\OutcomeReader;
use App\Stove\RecordEvents;
use App\Stove\Tap;
use App\Typed\FieldFault;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;
use Lento\Course\Outcome;

/** What has happened to a pot: one event from a form, or all that a tablet has held while its line was down. */
final readonly class PotEventController
{
    private const MOST_AT_ONCE = 500;

    public function __construct(private RecordEvents $record) {}

    /** One tap, from a form: back to the pot, or to the field at which something is wrong. */
    public function store(Pot $pot, Request $request): RedirectResponse
    {
        [, $faults] = $this->take($pot, [$request->post()]);
        $faults = $faults[0] ?? [];
        if ($faults !== []) {
            return redirect()
                ->route('pots.show', $pot)
                ->withInput()
                ->withErrors(
                    array_combine(
                        array_column($faults, 'field'),
                        array_map(static fn(FieldFault $fault): string => $fault->message(), $faults),
                    ),
                );
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
            return new JsonResponse(
                ['message' => FieldFault::of('events', 'too_many', ['most' => (string) self::MOST_AT_ONCE])->message()],
                422,
            );
        }
        [$kept, $faults] = $this->take($pot, array_values($events));
        $refused = [];
        foreach ($faults as $i => $wrong) {
            $said = array_values($events)[$i];
            $refused[] = [
                'token' => is_array($said) && is_string($said['token'] ?? null) ? $said['token'] : '',
                'faults' => array_map(
                    static fn(FieldFault $fault): array => ['field' => $fault->field, 'message' => $fault->message()],
                    $wrong,
                ),
            ];
        }

        return new JsonResponse([
            'kept' => $kept,
            'refused' => $refused,
            'finished' => $pot->refresh()->finished_at !== null,
            'latest' => StoredEvents::latest(),
            'now' => CarbonImmutable::now()->getTimestampMs(),
        ]);
    }

    /**
     * @param list<mixed> $all in the order they happened
     *
     * @return array{list<string>, array<int, non-empty-list<FieldFault>>} tokens that are kept, and by their place in the list what was
     * wrong with the others
     */
    private function take(Pot $pot, array $all): array
    {
        [$taps, $faults, $reader] = [[], [], new EventReader(static fn(): Kitchen => app(Kitchen::class))];
        foreach ($all as $i => $said) {
            /** @var array<string, mixed> $said */
            $said = is_array($said) ? $said : [];
            $tap = self::read($said, $pot, $reader);
            if ($tap instanceof Tap) {
                $taps[$i] = $tap;
            } else {
                $faults[$i] = $tap;
            }
        }
        if ($taps !== []) {
            [$taps, $faults] = DB::transaction(function () use ($pot, $taps, $faults): array {
                $beside = Beside::faults($pot, $taps);
                $taps = array_diff_key($taps, $beside);
                if ($taps !== []) {
                    ($this->record)($pot, array_values($taps), CarbonImmutable::now());
                }

                return [$taps, $faults + $beside];
            });
        }
        ksort($faults);

        return [array_map(static fn(Tap $tap): string => $tap->id, array_values($taps)), $faults];
    }

    /**
     * @param array<string, mixed> $said
     *
     * @return Tap|non-empty-list<FieldFault>
     */
    private static function read(array $said, Pot $pot, EventReader $reader): Tap|array
    {
        $tap = $reader->read($said, $pot->plan);
        if (!$tap instanceof Tap) {
            return [$tap];
        }
        if ($tap->kind !== EventKind::Finished->value) {
            return $tap;
        }
        $outcome = OutcomeReader::read($said, OutcomeReader::kilogramsPerLitre($pot->plan));

        return $outcome instanceof Outcome
            ? Tap::of($tap->id, $tap->kind, $tap->step, $tap->atMs, ['outcome' => EventCodec::outcome($outcome)])
            : $outcome;
    }
}
