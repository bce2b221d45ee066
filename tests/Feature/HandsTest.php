<?php

declare(strict_types=1);

use App\Kitchen\Kitchen;
use App\Models\Hob;
use App\Score\KeepScore;
use App\Score\ServiceScore;
use Carbon\CarbonImmutable;
use Lento\Score\Answer;
use Lento\Score\Instance;
use Lento\Score\Store;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/scores.php';

beforeEach(function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 09:00'));
    twoCooks();
});

function scoredIn(): Instance
{
    app()->forgetScopedInstances();

    return ServiceScore::of(toBeScored(), app(Kitchen::class), CarbonImmutable::now())->instance ?? throw new LogicException('no plan');
}

it('plans within the hours of each cook', function (): void {
    post(route('kitchen.store', 'hands'), ['hands' => [
        ['name' => 'Ines Vark', 'from' => '16:00', 'until' => '', 'liaison' => 'yes'],
        ['name' => 'Petra Lund', 'from' => '18:30', 'until' => '02:00'],
    ]])->assertSessionHasNoErrors();
    $cooks = scoredIn()->galley->cooks;
    expect($cooks[0]->isAway(959, 960))->toBeTrue()->and($cooks[0]->isAway(960, 1440))->toBeFalse()
        ->and($cooks[1]->isAway(1109, 1110))->toBeTrue()->and($cooks[1]->isAway(1110, 1560))->toBeFalse()
        ->and($cooks[1]->isAway(1560, 1561))->toBeTrue()
        ->and($cooks[0]->can('liaison'))->toBeTrue()->and($cooks[1]->can('liaison'))->toBeFalse();
    $service = toBeScored();
    $shown = (new KeepScore())->shown(ServiceScore::of($service, app(Kitchen::class), CarbonImmutable::now()));
    $starts = $shown->answer instanceof Answer ? $shown->answer->solution->tasks : [];
    expect($starts)->not->toBe([]);
    foreach ($starts as $placed) {
        expect($placed->cook === 'Petra Lund' && $placed->start < 1110)->toBeFalse();
    }
    get('/kitchen')->assertSee('value="18:30"', false)->assertSee('binds with yolk and cream');
});

it('refuses hours that are no time, at their field, and keeps what was typed', function (): void {
    post(route('kitchen.store', 'hands'), ['hands' => [['name' => 'Ines Vark', 'from' => 'noon']]])
        ->assertSessionHasErrors('hands.0.from');
    get('/kitchen')->assertSee('value="noon"', false)->assertSee('write a time as 19:30');
});

it('counts places in the oven and the hot well, and pans that a ring takes', function (): void {
    post('/kitchen/settings', [
        'name' => 'Galley', 'cooks' => 'Ines Vark', 'measures' => 'metric', 'degrees' => 'c', 'altitude' => '0',
        'preset' => 'uk-guidance', 'currency' => '€', 'portion' => '55', 'oven_places' => '2', 'hot_places' => '3',
    ])->assertSessionHasNoErrors();
    post(route('kitchen.store', 'hobs'), ['name' => 'Back', 'kind' => 'gas', 'power_w' => '3000', 'levels' => '6', 'widest_mm' => '200'])
        ->assertSessionHasNoErrors();
    $instance = scoredIn();
    $slots = array_column(array_map(static fn(Store $one): array => [$one->id, $one->slots], $instance->galley->stores), 1, 0);
    expect($slots['oven'])->toBe(2)->and($slots['hot-well'])->toBe(3)
        ->and($instance->galley->rings[0]->widestPan)->toBe(200);
    get('/kitchen')->assertSee('pans up to 200 mm');
    post(route('kitchen.store', 'hobs'), ['name' => 'Side', 'kind' => 'gas', 'power_w' => '3000', 'levels' => '6', 'widest_mm' => '3'])
        ->assertSessionHasErrors('widest_mm');
    expect(Hob::query()->count())->toBe(1);
});

it('says that no ring takes the pan', function (): void {
    post(route('kitchen.store', 'hobs'), ['name' => 'Tiny', 'kind' => 'gas', 'power_w' => '3000', 'levels' => '6', 'widest_mm' => '100']);
    get(route('score', toBeScored()))->assertSee('no ring for it')->assertSee('the widest takes 100 mm');
});
