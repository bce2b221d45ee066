<?php

declare(strict_types=1);

use App\Models\Pan;
use App\Models\Pot;
use Lento\Plan\StepKind;
use Lento\Pot\PanBase;
use Lento\Stove\PotWatch;

use function Pest\Laravel\get;
use function Pest\Laravel\travel;

require_once __DIR__ . '/taps.php';

// What no step asked for is told in two taps, and reckoned with.

function nowOf(Pot $pot): PotWatch
{
    $pot->refresh();

    return PotWatch::of($pot->plan, $pot->course(), now()->toImmutable()) ?? throw new RuntimeException('nothing');
}

/**
 * @param array<array-key, mixed> $row
 *
 * @return array<string, string>
 */
function saying(array $row): array
{
    $said = [];
    foreach ($row as $name => $value) {
        $said[(string) $name] = text($value);
    }

    return $said;
}

function atItsSimmer(): Pot
{
    $pot = started('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Simmer);

    return $pot;
}

it('reckons with what was put in, by weight or by volume', function (string $unit, string $amount, float $grams): void {
    $pot = atItsSimmer();
    $before = nowOf($pot)->sauce?->reckoning->sauce->grams() ?? 0.0;
    happens($pot, 'added', ['of' => 'double-cream', 'amount' => $amount, 'unit' => $unit]);
    $after = nowOf($pot)->sauce?->reckoning->sauce;
    expect(($after?->grams() ?? 0.0) - $before)->toEqualWithDelta($grams, 1.0)->and($after?->fatGrams)->toBeGreaterThan(100.0);
    get("/pots/{$pot->id}")->assertSee('double cream put in');
})->with([['g', '300', 300.0], ['ml', '300', 294.6]]);

it('says what is wrong with it', /** @param array<string, string> $fields */
    function (string $kind, array $fields, string $field): void {
        $pot = atItsSimmer();
        happens($pot, $kind, saying($fields))->assertSessionHasErrors($field);
    })->with([
        ['added', ['of' => 'unobtainium', 'amount' => '1'], 'of'],
        ['added', ['of' => 'butter', 'amount' => 'lots'], 'amount'],
        ['added', ['of' => 'butter', 'amount' => '-3'], 'amount'],
        ['changed-pan', ['pan' => '99'], 'pan'],
        ['stopped-pouring', ['litres' => '999'], 'litres'],
        ['read', ['choice' => 'trail', 'trail' => 'sings'], 'trail'],
        ['read', ['choice' => 'ribbon', 'ribbon' => 'x'], 'ribbon'],
    ]);

it('stops pouring where the cook stops, and has less in the pot', function (): void {
    $pot = started('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Pour);
    happens($pot, 'poured', ['pour' => $pot->course()->nextAddition()->id ?? '']);
    $page = (string) get("/pots/{$pot->id}")->assertSee('Stop pouring here')->getContent();
    preg_match('/name="litres" value="([\d.]+)"/', $page, $left);
    happens($pot, 'stopped-pouring', ['litres' => $left[1] ?? '']);
    expect((float) ($left[1] ?? 0))->toBeGreaterThan(1.0)->and($pot->refresh()->course()->nextAddition())->toBeNull();
    cookUntil($pot, StepKind::Simmer);
    expect(nowOf($pot)->sauce?->reckoning->volume()->inLitres())->toBeLessThan(1.0);
});

it('goes on in another pan, at another depth', function (): void {
    $wide = Pan::query()->create(['name' => 'wide', 'diameter_mm' => 320, 'height_mm' => 120, 'base' => PanBase::Medium]);
    $pot = atItsSimmer();
    $before = nowOf($pot)->sauce?->reckoning;
    happens($pot, 'changed-pan', ['pan' => (string) $wide->id])->assertSessionHasNoErrors();
    $after = nowOf($pot);
    expect($after->sauce?->reckoning->volume()->inLitres())->toEqualWithDelta($before?->volume()->inLitres() ?? 0.0, 1e-4)
        ->and($after->sauce?->reckoning->depth()->inMillimetres())->toBeLessThan(0.7 * ($before?->depth()->inMillimetres() ?? 0.0))
        ->and($after->cooking->place->pan->diameter->inCentimetres())->toEqualWithDelta(32.0, 1e-9);
    get("/pots/{$pot->id}")->assertOk()->assertSee('32 cm pan');
    happens($pot, 'undone', ['undoes' => $pot->course()->undoable()->id ?? '']);
    expect(nowOf($pot)->cooking->place->pan->diameter->inCentimetres())->toEqualWithDelta(24.0, 1e-9);
});

it('asks about a level that rises, and never takes it for less steam', function (): void {
    $pot = atItsSimmer();
    travel(5)->minutes();
    happens($pot, 'read', ['choice' => 'depth', 'depth' => '46']);
    $learnt = nowOf($pot)->sauce?->reckoning->kitchen->evaporation->value;
    travel(5)->minutes();
    happens($pot, 'read', ['choice' => 'depth', 'depth' => '56']);
    expect(nowOf($pot)->sauce?->reckoning->kitchen->evaporation->value)->toBe($learnt);
    $page = (string) get("/pots/{$pot->id}")->assertSee('higher than it can be. Did something go in?')->getContent();
    preg_match('/name="at" value="(\d+)"/', $page, $at);
    $level = nowOf($pot)->sauce?->reckoning->volume()->inLitres();
    happens($pot, 'added', ['of' => 'chicken-stock', 'amount' => '450', 'unit' => 'ml', 'at' => $at[1] ?? '']);
    // It had been in when the level was read: the level stays what it is.
    expect(nowOf($pot)->sauce?->reckoning->volume()->inLitres())->toEqualWithDelta($level ?? 0.0, 0.01);
    get("/pots/{$pot->id}")->assertDontSee('Did something go in?');
});

it('reads trail and ribbon on the spoon’s scale', /** @param array<string, string> $reading */
    function (array $reading, float $least, float $most): void {
        $pot = atItsSimmer();
        travel(30)->minutes();
        cookUntil($pot, StepKind::Test);
        happens($pot, 'read', saying($reading))->assertSessionHasNoErrors();
        $grams = nowOf($pot)->sauce?->thickness->band->likely;
        expect($grams)->toBeGreaterThan($least)->toBeLessThan($most);
    })->with([
        [['choice' => 'trail', 'trail' => 'stays-open'], 62.0, 110.0],
        [['choice' => 'trail', 'trail' => 'closes-slowly'], 50.0, 72.0],
        [['choice' => 'trail', 'trail' => 'closes-at-once'], 30.0, 58.0],
        [['choice' => 'ribbon', 'ribbon' => 'holds'], 58.0, 130.0],
        [['choice' => 'ribbon', 'ribbon' => 'sinks'], 30.0, 62.0],
    ]);

it('salts by two helpings, and tastes again where something went in after', function (): void {
    $pot = started('sauce=veloute&amount=2&diameter=240&height=140&finish=cream');
    cookUntil($pot, StepKind::Season);
    get("/pots/{$pot->id}")->assertSee('First half: ');
    happens($pot, 'poured', ['pour' => $pot->course()->nextAddition()->id ?? '']);
    get("/pots/{$pot->id}")->assertSee('Taste, then ');
    happens($pot, 'poured', ['pour' => $pot->refresh()->course()->nextAddition()->id ?? '']);
    $said = array_map(static fn($step): string => $step->variant, array_filter(
        $pot->plan->steps,
        static fn($step): bool => $step->kind === StepKind::Season,
    ));
    expect(array_values($said))->toBe(['', 'again']);
});
