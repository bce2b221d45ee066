<?php

declare(strict_types=1);

use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\LarderEntry;
use App\Models\Pan;
use App\Models\Pot;
use App\Records\PlanCodec;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;
use Lento\Compose\Base;
use Lento\Plan\StepKind;
use Lento\Pot\HobKind;
use Lento\Pot\PanBase;
use Lento\Stove\PotWatch;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/schemas.php';
require_once __DIR__ . '/services.php';
require_once __DIR__ . '/taps.php';

// What was promised of a pot when it was put on is kept, whatever the kitchen does afterwards.

/** What the page says of the pot, without the rail around it and the list of the places that there are. */
function saidOf(Pot $pot): string
{
    app()->forgetScopedInstances();
    preg_match('~<article class="stove.*?</article>~s', (string) get("/pots/{$pot->id}")->assertOk()->getContent(), $article);

    return preg_replace(
        '~<details class="(where-who|note-key else-key)".*?</details>|name="(_token|token)" value="[^"]*"~s',
        '',
        $article[0] ?? '',
    ) ?? '';
}

/** @return array<string, mixed> everything that is reckoned of it */
function foreseenOf(Pot $pot): array
{
    $watch = PotWatch::of($pot->refresh()->plan, $pot->course(), CarbonImmutable::now());

    return [
        'plan' => DB::table('pots')->where('id', $pot->id)->value('plan'),
        'sauce' => serialize($watch?->sauce),
        'roux' => serialize($watch?->roux),
    ];
}

/** The kitchen moves up a mountain, buys other stock, cooks by other schools, throws its pans away and speaks another language. */
function kitchenTurnedUpsideDown(Pan $pan, Hob $hob): void
{
    setting([
        'altitude' => '3200',
        'learn' => 'yes',
        'milk' => 'cold',
        'cookout' => 'long',
        'pour' => 'all-at-once',
        'oven' => '160',
        'portion' => '90',
    ]);
    LarderEntry::query()
        ->where('name', 'Stock from paste')
        ->update(['salt_percent' => 1.6]);
    LarderEntry::query()
        ->where('like', 'butter')
        ->update(['fat_percent' => 72]);
    KitchenFormula::query()->create(['base' => Base::Veloute, 'changes' => ['thickness' => 'gratin', 'ratio' => '1.6', 'minutes' => '90']]);
    $pan->delete();
    $hob->delete();
    App::setLocale('fi');
    app()->forgetScopedInstances();
}

it('changes nothing of a running pot when the kitchen changes', function (StepKind $at): void {
    travelTo(CarbonImmutable::parse('2026-11-24 17:00'));
    setting(['altitude' => '0']);
    LarderEntry::query()->create(['like' => 'butter', 'fat_percent' => 82]);
    $own = LarderEntry::query()->create(['like' => 'chicken-stock', 'name' => 'Stock from paste', 'salt_percent' => 1.1]);
    $pan = Pan::query()->create(['name' => '24 cm', 'diameter_mm' => 240, 'height_mm' => 140, 'base' => PanBase::Thick, 'mass_g' => 2100]);
    $hob = Hob::query()->create(['name' => 'Strong', 'kind' => HobKind::Gas, 'power_w' => 4000, 'levels' => 6]);
    app()->forgetScopedInstances();
    $pot = started("sauce=veloute&liquid=own-{$own->id}&amount=2&pan={$pan->id}&hob={$hob->id}&finish=liaison");
    cookUntil($pot, $at);
    travel(4)->minutes();
    happens($pot, 'read', ['choice' => 'temperature', 'temperature' => '84']);
    [$said, $foreseen] = [saidOf($pot), foreseenOf($pot)];

    kitchenTurnedUpsideDown($pan, $hob);
    expect(foreseenOf($pot))->toBe($foreseen)->and($said)->not->toBe('');
    // In the cook's own language again, the page says what it said.
    App::setLocale('en');
    expect(saidOf($pot))->toBe($said);
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '1.9', 'spoon' => 'coats'])->assertRedirect("/log/{$pot->id}");
    get("/log/{$pot->id}")->assertOk()->assertSee('2.00 l');
})->with([[StepKind::Colour], [StepKind::Pour], [StepKind::Simmer], [StepKind::Correct], [StepKind::Season], [StepKind::Enrich]]);

it('changes nothing of a derivative that is on when its house makes it otherwise', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-24 17:00'));
    setting(['altitude' => '0']);
    $service = serviceOf([['sauce' => 'allemande', 'litres' => '2']]);
    cooks($service, 'veloute@chicken-stock');
    cookUntil(branchPot($service, 'veloute@chicken-stock'), StepKind::Keep);
    cooks($service, 'allemande@chicken-stock');
    $pot = branchPot($service, 'allemande@chicken-stock');
    cookUntil($pot, StepKind::Enrich);
    travel(2)->minutes();
    [$said, $foreseen] = [saidOf($pot), foreseenOf($pot)];
    $service->update(['fields' => ['name' => 'Other', 'wishes' => []]]);
    kitchenTurnedUpsideDown(
        Pan::query()->create(['name' => 'x', 'diameter_mm' => 240, 'height_mm' => 140, 'base' => PanBase::Thin]),
        Hob::query()->create(['name' => 'x', 'kind' => HobKind::Gas, 'power_w' => 4000, 'levels' => 6]),
    );
    App::setLocale('en');
    expect(foreseenOf($pot))->toBe($foreseen)->and(saidOf($pot))->toBe($said)->and($said)->toContain('egg yolks');
});

it('keeps a plan as its schema says, and reads it back as it was', function (string $question): void {
    $plan = started($question)->plan;
    $kept = (string) json_encode(PlanCodec::encode($plan), JSON_PRESERVE_ZERO_FRACTION);
    expect(fitsSchema($kept, 'plan'))->toBeTrue()
        ->and(fitsSchema(str_replace('"v":1', '"v":2', $kept), 'plan'))->toBeFalse()
        ->and(serialize(PlanCodec::decode(json_decode($kept, true))))->toBe(serialize($plan));
})->with([
    ...array_map(static fn(Base $base): array => ['sauce=' . $base->value . '&amount=2&diameter=280&height=160'], Base::cases()),
    ['sauce=espagnole&amount=2&place=oven&aromatics=apart&strain=blended&browned=yes&salting=in-the-middle&parts=red-wine:60'],
    ['sauce=veloute&amount=2&browned=yes&finish=liaison&given=roux&have_roux=300'],
    ['sauce=bechamel&amount=2&milk=cold&cookout=brief&browned=yes&flour=gradually'],
]);

it('foresees, reads, rescues and compares a derivative as itself', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-24 17:00'));
    $service = supperOf72();
    cooks($service, 'espagnole@brown-stock');
    cookUntil(branchPot($service, 'espagnole@brown-stock'), StepKind::Keep);
    cooks($service, 'demi-glace@brown-stock');
    $pot = branchPot($service, 'demi-glace@brown-stock');
    cookUntil($pot, StepKind::Reduce);
    travel(3)->minutes();
    $page = get("/pots/{$pot->id}")->assertOk()->assertSee('mm notch in about')->assertSee('g/l');
    expect((string) $page->getContent())->toContain('id="curve-says"');
    happens($pot, 'read', ['choice' => 'depth', 'depth' => '60'])->assertSessionHasNoErrors();
    $watch = static fn(): ?PotWatch => PotWatch::of($pot->refresh()->plan, $pot->course(), CarbonImmutable::now());
    expect($watch()?->sauce)->not->toBeNull();
    travel(30)->minutes();
    $boiledDown = $watch()?->sauce?->reckoning->sauce->millilitres();
    expect($boiledDown)->toBeLessThan($pot->plan->cooking?->sauces->start->millilitres() ?? 0.0);
    app()->forgetScopedInstances();
    get("/rescue/too-thick?pot={$pot->id}")->assertOk()->assertSee('About Demi-glace')->assertSee('brown stock');
    app()->forgetScopedInstances();
    post('/rescue/too-thick', ['pot' => (string) $pot->id, 'token' => 'r1'])->assertRedirect("/pots/{$pot->id}");
    expect($watch()?->sauce?->reckoning->sauce->millilitres())->toBeGreaterThan($boiledDown ?? 1e9);
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '2.5', 'spoon' => 'coats'])->assertRedirect("/log/{$pot->id}");
    get("/log/{$pot->id}")->assertOk()->assertSee('than planned')->assertSee('id="level-says"', false);
});

it('lets a pot that was taken off by mistake go on beside the one that was put on for it', function (): void {
    $service = supperOf72();
    cooks($service, 'onion-gravy@brown-stock');
    $first = branchPot($service, 'onion-gravy@brown-stock');
    happens($first, 'taken-off');
    cooks($service, 'onion-gravy@brown-stock');
    $second = branchPot($service, 'onion-gravy@brown-stock');
    happens($first, 'undone', ['undoes' => (string) $first->refresh()->course()->undoable()?->id])->assertSessionHasNoErrors();
    expect($first->refresh()->finished_at)->toBeNull()
        ->and($first->branch)->toBeNull()
        ->and(branchPot($service, 'onion-gravy@brown-stock')->id)->toBe($second->id);
    app()->forgetScopedInstances();
    get("/pots/{$first->id}")->assertOk();
    get("/services/{$service->id}")->assertOk();
});

it('records every ladle off a base, a second one for the same sauce too', function (): void {
    $service = supperOf72();
    cooks($service, 'veloute@fish-stock');
    $base = branchPot($service, 'veloute@fish-stock');
    cookUntil($base, StepKind::Keep);
    cooks($service, 'aurore@fish-stock');
    $first = branchPot($service, 'aurore@fish-stock');
    happens($first, 'taken-off');
    travel(2)->minutes();
    cooks($service, 'aurore@fish-stock');
    $second = branchPot($service, 'aurore@fish-stock');
    $ladles = $base->refresh()->course()->ladles();
    expect($second->id)->not->toBe($first->id)->and($ladles)->toHaveCount(2)
        ->and(array_map(static fn($ladle): string => $ladle->branch, $ladles))->toBe(['aurore@fish-stock', 'aurore@fish-stock']);
    get("/log")->assertOk();
    get("/pots/{$base->id}")->assertOk()->assertSee('2.15 l ladled off for aurore, tomato and butter');
});

it('does not write the plan anew with every tap: it stands to the byte as it was put there', function (): void {
    $pot = started();
    $stands = (string) json_encode(json_decode(text($pot->getRawOriginal('plan')), true), JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION);
    DB::table('pots')->where('id', $pot->id)->update(['plan' => $stands]);
    cookUntil($pot, StepKind::Simmer);
    happens($pot, 'read', ['what' => 'depth', 'value' => '60']);
    expect(DB::table('pots')->where('id', $pot->id)->value('plan'))->toBe($stands)->and($pot->refresh()->course()->events)->not->toBe([]);
});
