<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\Tub;
use App\Models\TubEvent;
use App\Models\Vessel;
use Illuminate\Testing\TestResponse;
use Lento\Plan\StepKind;

use function Pest\Laravel\post;
use function Pest\Laravel\travel;

require_once __DIR__ . '/taps.php';

// What the tests of the shelf do over and over: vessels, a pot that is done, a tub in the fridge, a tap at it.

function aVessel(string $name = 'tray', int $long = 530, ?int $wide = 325, int $high = 65, int $owned = 4): Vessel
{
    return Vessel::query()->firstOrCreate(
        ['name' => $name],
        ['length_mm' => $long, 'width_mm' => $wide, 'height_mm' => $high, 'owned' => $owned],
    );
}

/** A velouté that is done, still on the stove. */
function donePot(string $question = 'sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140'): Pot
{
    $pot = started($question);
    cookUntil($pot, StepKind::Keep);

    return $pot;
}

/**
 * @param array<string, mixed> $more
 *
 * @return array<string, mixed>
 */
function oneRow(string $litres, Vessel $vessel, string $spot = 'fridge', string $count = '1', array $more = []): array
{
    $row = ['litres' => $litres, 'vessel' => (string) $vessel->id, 'count' => $count, 'spot' => $spot];

    return ['celsius' => '85', 'rows' => [$row], ...$more];
}

/** So much of it in a tray, somewhere. */
function keptTub(string $litres = '1.2', string $spot = 'fridge-uncovered', ?Pot $pot = null): Tub
{
    $pot ??= donePot();
    post("/pots/{$pot->id}/keep", oneRow($litres, aVessel(), $spot))->assertRedirect()->assertSessionHasNoErrors();

    return Tub::query()->latest('id')->firstOrFail();
}

/**
 * @param array<string, mixed> $fields
 *
 * @return TestResponse<Illuminate\Http\Response>
 */
function atTub(Tub $tub, string $kind, array $fields = []): TestResponse
{
    return post("/keep/tubs/{$tub->id}", ['kind' => $kind, ...$fields]);
}

/** What was said of a batch, the last first. */
function saidOfTub(Tub $tub): TubEvent
{
    return TubEvent::query()->where('batch_id', $tub->batch_id)->latest('id')->firstOrFail();
}

/** Read hot, then cold, an hour and a quarter later: kept. */
function coldNow(Tub $tub, bool $moved = true): void
{
    if ($moved) {
        travel(75)->minutes();
    }
    atTub($tub, 'read', ['celsius' => '6'])->assertSessionHasNoErrors();
}
