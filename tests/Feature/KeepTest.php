<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\Pot;
use App\Models\Service;
use App\Models\Tub;
use App\Models\TubEvent;
use Illuminate\Support\Facades\Artisan;
use Lento\Shelf\TubState;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;

require_once __DIR__ . '/shelf.php';

it('has bare shelves where nothing is kept', function (): void {
    get('/keep')->assertOk()->assertSee('Nothing kept, nothing cooling.');
});

it('says before anything is poured whether it will be cold in time, and the least change that does', function (): void {
    $pot = donePot();
    $deep = aVessel('round tub', 200, null, 200);
    aVessel();
    get("/pots/{$pot->id}")->assertSee('Put it away');
    get("/pots/{$pot->id}/keep")->assertOk()->assertSee('There are ');
    $page = get("/pots/{$pot->id}/keep?" . http_build_query(oneRow('1.8', $deep)))
        ->assertOk()
        ->assertSee('Will not be cold in time, by UK guidance.')
        ->assertSee('5.5 cm')
        ->assertSee('This would do');
    preg_match('/href="([^"]+)">\s*\d × tray[^<]*/', (string) $page->getContent(), $found);
    get(html_entity_decode($found[1] ?? '/nothing'))->assertOk()->assertSee('Should be cold in time')->assertSee('tray');
    expect(Batch::query()->count())->toBe(0);
});

it('puts it into its vessels, and the pot has so much less', function (): void {
    $pot = donePot();
    $tray = aVessel();
    post("/pots/{$pot->id}/keep", ['celsius' => '82', 'rows' => [
        ['litres' => '1.001', 'vessel' => (string) $tray->id, 'count' => '2', 'spot' => 'fridge-uncovered'],
        ['litres' => '0.5', 'vessel' => (string) $tray->id, 'count' => '', 'spot' => 'hot-well'],
        ['litres' => '', 'vessel' => (string) $tray->id, 'count' => '', 'spot' => 'hot-well'],
    ]])->assertRedirect();
    $tubs = Tub::query()->with('batch')->orderBy('nth')->get();
    expect($tubs->pluck('ml')->all())
        ->toBe([501, 500, 500])
        ->and($tubs->pluck('state')->all())
        ->toBe([TubState::Cooling, TubState::Cooling, TubState::Hot])
        ->and($tubs[0]?->batch->name)
        ->toBe('Chicken velouté')
        ->and($pot->refresh()->course()->ladles()[0]->volume->inLitres())
        ->toEqualWithDelta(1.501, 0.001);
    get("/keep/tubs/{$tubs[0]?->id}")
        ->assertOk()
        ->assertSee('Chicken velouté is cooling')
        ->assertSee('Contains celery, cereals with gluten (wheat), milk.')
        ->assertSee('0.50 l put in at 82 °C');
    get("/pots/{$pot->id}/keep")->assertSee('There are 0.');
});

it('refuses what cannot be, names the field, and keeps what was typed', function (): void {
    $pot = donePot();
    $tray = aVessel();
    $small = aVessel('cup', 60, null, 70, 10);
    foreach (
        [
            [oneRow('9', $tray), 'Together: more than there is: '],
            [oneRow('1', $small), 'How many: too full to be carried; one of them holds 0.1 l.'],
            [oneRow('much', $tray), 'Litres: write a number from 0.01 to 300 l.'],
            [oneRow('1', $tray, 'moon'), 'Where: “moon” is not one of'],
            [oneRow('1', $tray, 'fridge', '99'), 'How many: write a number from 1 to 20.'],
            [oneRow('1', $tray, more: ['celsius' => '300']), 'Probe: write a number from -30 to 105 °C.'],
        ] as [$typed, $says]
    ) {
        get("/pots/{$pot->id}/keep?" . http_build_query($typed))->assertStatus(422)->assertSee($says);
        post("/pots/{$pot->id}/keep", $typed)->assertRedirectContains("/pots/{$pot->id}/keep?");
    }
    expect(Tub::query()->count())->toBe(0);
});

it('asks a pot that is over for what was kept of it, and no more', function (): void {
    $pot = donePot();
    happens($pot, 'done');
    happens($pot, 'finished', ['volume' => '1.9', 'spoon' => 'coats', 'cool' => '1.5', 'hold' => '0.2'])->assertSessionHasNoErrors();
    get("/log/{$pot->id}")->assertSee('1.70 l that were kept are in no tub yet.')->assertSee('Put it away');
    keptTub('1.2', pot: $pot);
    get("/pots/{$pot->id}/keep")->assertSee('There are 0.50 l.');
    keptTub('0.5', pot: $pot);
    get("/pots/{$pot->id}/keep")->assertSee('All of it has been put away.');
    get("/log/{$pot->id}")->assertDontSee('in no tub yet');
});

it('passes a gate by readings alone, and keeps it then', function (): void {
    $tub = keptTub();
    travel(20)->minutes();
    atTub($tub, 'read', ['celsius' => '61,5'])->assertRedirect("/keep/tubs/{$tub->id}");
    get("/keep/tubs/{$tub->id}")->assertSee('61.5 °C')->assertSee('is cooling');
    travel(60)->minutes();
    atTub($tub, 'read', ['celsius' => '7.8']);
    expect($tub->refresh()->state)->toBe(TubState::Kept)->and($tub->celsius)->toEqualWithDelta(7.8, 1e-9);
    get('/keep')->assertSee('use by')->assertSee('kept');
});

it('says that it is late, what can be done, and when it goes', function (): void {
    $pot = donePot();
    post("/pots/{$pot->id}/keep", oneRow('1.8', aVessel('round tub', 200, null, 200)));
    aVessel();
    $tub = Tub::query()->firstOrFail();
    travel(25)->minutes();
    atTub($tub, 'read', ['celsius' => '76']);
    get("/keep/tubs/{$tub->id}")
        ->assertSee('is cooling late')
        ->assertSee('If nothing is done: bin at')
        ->assertSee('as it stands')
        ->assertSee('name="kind" value="split"', false);
    atTub($tub, 'split', ['count' => '2', 'vessel' => (string) aVessel()->id, 'spot' => 'fridge-uncovered'])->assertRedirect();
    expect($tub->refresh()->state)->toBe(TubState::Gone)
        ->and(Tub::query()->there()->pluck('ml')->all())->toBe([900, 900]);
    // Another tablet splits it too: there is nothing in it any more.
    atTub($tub, 'split', ['count' => '3', 'vessel' => (string) aVessel()->id]);
    expect(errorAt('kind'))->toContain('empty, or gone')->and(Tub::query()->count())->toBe(3);
    // Poured over, its clock runs on.
    travel(100)->minutes();
    get('/keep')->assertSee('was not cold in time')->assertSee('Bin it');
});

it('doubts a probe in the air, and takes a reading of the wrong tub back', function (): void {
    $tub = keptTub();
    travel(2)->minutes();
    atTub($tub, 'read', ['celsius' => '9']);
    get("/keep/tubs/{$tub->id}")->assertSee('not believed: in the air?');
    atTub($tub, 'undone', ['undoes' => saidOfTub($tub)->token])->assertRedirect("/keep/tubs/{$tub->id}");
    get("/keep/tubs/{$tub->id}")->assertDontSee('in the air?')->assertSee('taken back');
    expect($tub->refresh()->celsius)->toBeNull();
    $other = keptTub('0.3', pot: Pot::query()->firstOrFail());
    atTub($other, 'undone', ['undoes' => saidOfTub($other)->token])->assertRedirect('/keep');
    foreach (['' => 'Probe: write', '200' => 'Probe: write a number from -30 to 105 °C.', 'warm' => 'Probe: write'] as $typed => $says) {
        atTub($tub, 'read', ['celsius' => (string) $typed])->assertSessionHasErrors('celsius');
        expect(errorAt('celsius'))->toContain($says);
    }
});

it('freezes and thaws what is cold, and nothing else', function (): void {
    $tub = keptTub();
    atTub($tub, 'moved', ['spot' => 'freezer']);
    expect(errorAt('spot'))->toContain('only cold');
    coldNow($tub);
    $day = $tub->refresh()->use_by;
    atTub($tub, 'moved', ['spot' => 'freezer']);
    expect($tub->refresh()->state)->toBe(TubState::Frozen)->and($tub->use_by > $day)->toBeTrue();
    travel(10)->days();
    atTub($tub, 'reheated', ['celsius' => '80']);
    expect(errorAt('celsius'))->toContain('thaw it');
    atTub($tub, 'moved', ['spot' => 'fridge']);
    expect(substr((string) $tub->refresh()->use_by, 0, 10))->toBe(now()->addDay()->format('Y-m-d'));
    atTub($tub, 'moved', ['spot' => 'hot-well']);
    expect(errorAt('spot'))->toContain('only reheated');
});

it('is reheated once, to its figure, and not cooled again', function (): void {
    $tub = keptTub();
    atTub($tub, 'moved', ['spot' => 'ice-bath']);
    get("/keep/tubs/{$tub->id}")->assertSee('Stir it')->assertDontSee('Reheat it');
    coldNow($tub);
    post('/kitchen/hobs', ['name' => 'Back', 'kind' => 'gas', 'power_w' => '3000', 'levels' => '6']);
    app()->forgetScopedInstances();
    get("/keep/tubs/{$tub->id}")->assertSee('Hot it is coating again')->assertSee('on Back: about');
    atTub($tub, 'reheated', ['celsius' => '70']);
    expect(errorAt('celsius'))->toBe('Probe: heat it on, to 75 °C in the middle.');
    atTub($tub, 'reheated', ['celsius' => '76'])->assertSessionHasNoErrors();
    expect($tub->refresh()->state)->toBe(TubState::Hot);
    atTub($tub, 'reheated', ['celsius' => '76']);
    expect(errorAt('celsius'))->toContain('reheated once already');
    atTub($tub, 'moved', ['spot' => 'fridge']);
    expect(errorAt('spot'))->toContain('not cooled after that');
    get("/keep/tubs/{$tub->id}")->assertSee('63 °C or hotter, at most 2 h')->assertSee('Lid on: loses');
});

it('takes from it in litres, and past its day only with a name and a reason', function (): void {
    $tub = keptTub();
    coldNow($tub);
    atTub($tub, 'taken', ['litres' => '5']);
    expect(errorAt('litres'))->toContain('from 0.001 to 1.2 l');
    atTub($tub, 'taken', ['litres' => '0.4', 'for' => 'crew supper'])->assertSessionHasNoErrors();
    expect($tub->refresh()->ml)->toBe(800)->and($tub->served_ml)->toBe(400);
    travel(5)->days();
    get('/keep')->assertSee('past its day');
    get("/keep/tubs/{$tub->id}/make")->assertRedirect("/keep/tubs/{$tub->id}");
    atTub($tub, 'taken', ['litres' => '0.2', 'by' => 'Petra Lund']);
    expect(errorAt('despite'))->toContain('only with a cook’s name and a reason');
    atTub($tub, 'taken', ['litres' => '0.2', 'by' => 'Petra Lund', 'despite' => 'boiled for the dogs'])->assertSessionHasNoErrors();
    expect($tub->refresh()->ml)->toBe(600);
    get("/keep/tubs/{$tub->id}")->assertSee('though its time was over: boiled for the dogs');
});

it('measures, puts together what is alike, and bins with a reason', function (): void {
    $pot = donePot();
    post("/pots/{$pot->id}/keep", oneRow('1.2', aVessel(), 'fridge-uncovered', '2'));
    [$one, $two] = Tub::query()->orderBy('nth')->get()->all();
    atTub($one, 'together', ['to' => $two->uid]);
    expect(errorAt('to'))->toContain('only what is cold');
    coldNow($one);
    coldNow($two, moved: false);
    $other = keptTub('0.3', pot: $pot);
    atTub($one, 'together', ['to' => $other->uid]);
    expect(errorAt('to'))->toContain('each batch keeps its own date');
    atTub($one, 'measured', ['litres' => '0.55']);
    atTub($one, 'together', ['to' => $two->uid])->assertSessionHasNoErrors();
    expect([$one->refresh()->ml, $two->refresh()->ml, $one->lost_ml])->toBe([0, 1150, 50]);
    atTub($two, 'binned', ['reason' => 'because']);
    expect(errorAt('reason'))->toContain('is not one of');
    atTub($two, 'binned', ['reason' => 'quality', 'words' => 'it split']);
    $all = Tub::query()->where('batch_id', $one->batch_id)->get();
    $sum = static fn(string $what): int => (int) number($all->sum($what));
    expect($sum('made_ml'))->toBe($sum('served_ml') + $sum('ml') + $sum('binned_ml') + $sum('lost_ml'))
        ->and($two->refresh()->bin_reason)->toBe('quality');
    atTub($two, 'read', ['celsius' => '5']);
    expect(errorAt('kind'))->toContain('empty, or gone');
});

it('becomes a derivative with the thickness that it has, and is ladled from', function (): void {
    $tub = keptTub();
    coldNow($tub);
    get("/keep/tubs/{$tub->id}")->assertSee('Make something of it');
    get("/keep/tubs/{$tub->id}/make?sauce=supreme&litres=0.5")->assertOk()->assertSee('0.50 l');
    post("/keep/tubs/{$tub->id}/make", ['sauce' => 'supreme', 'litres' => '0.5'])->assertRedirect();
    $made = Pot::query()->latest('id')->firstOrFail();
    expect($made->sauce)->toBe('supreme')->and($tub->refresh()->ml)->toBeLessThan(1000);
    get("/keep/tubs/{$tub->id}")->assertSee('taken for suprême');
});

it('tells Family, Score and Compose what there is, and goes into a service', function (): void {
    $tub = keptTub();
    coldNow($tub);
    get('/compose?sauce=veloute&liquid=chicken-stock&amount=2')->assertSee('There is some already')->assertSee('1.20 l Chicken velouté');
    get('/family/have?base=veloute&liquid=chicken-stock&litres=1')->assertSee('1.20 l Chicken velouté');
    $service = Service::query()->create(['fields' => ['name' => 'Supper', 'wishes' => []]]);
    get("/services/{$service->id}")->assertDontSee('To be used by tomorrow')->assertSee('Take all of it out of the cold');
    travel(2)->days();
    get("/services/{$service->id}")->assertSee('To be used by tomorrow');
    post("/services/{$service->id}", ['name' => 'Supper', 'shelf' => (string) $tub->id])->assertRedirect();
    expect($service->refresh()->fields['have'])
        ->toBe([['sauce' => 'veloute', 'liquid' => 'chicken-stock', 'litres' => '1.2']])
        ->and($tub->refresh()->ml)
        ->toBe(0);
    post("/services/{$service->id}", ['name' => 'Supper', 'shelf' => (string) $tub->id]);
    expect(TubEvent::query()->where('kind', 'taken')->count())->toBe(1);
});

it('goes by the kitchen’s own numbers, and by those that were in force when it was made', function (): void {
    $before = keptTub();
    post('/kitchen/keeping', ['hold' => '65', 'from' => '65', 'to' => '10', 'hours' => '2', 'reheat' => '80', 'keep' => '4',
        'as_of' => 'Our plan, 1 March', 'days_stock' => '2', 'frozen_stock' => '20'])->assertSessionHasNoErrors();
    $after = keptTub('0.5', pot: Pot::query()->firstOrFail());
    get("/keep/tubs/{$after->id}")->assertSee('Gates by our own')->assertSee('Our plan, 1 March')->assertSee('10 °C');
    get("/keep/tubs/{$before->id}")->assertSee('Gates by UK guidance');
    expect(substr((string) $after->refresh()->use_by, 0, 10))->toBe(now()->addDays(2)->format('Y-m-d'));
    post('/kitchen/keeping', ['hold' => '20', 'from' => '60', 'to' => '70', 'hours' => '2', 'reheat' => '80', 'keep' => '4'])
        ->assertSessionHasErrors(['hold', 'to']);
    post('/kitchen/vessels', ['name' => 'bath', 'length_mm' => '5000', 'height_mm' => '1'])
        ->assertSessionHasErrors(['length_mm', 'height_mm']);
    post('/kitchen/vessels', ['name' => 'half tray', 'length_mm' => '325', 'width_mm' => '265', 'height_mm' => '65', 'owned' => '2'])
        ->assertSessionHasNoErrors();
    get('/kitchen/vessels')->assertSee('325 × 265 × 65 mm, holds 5.3 l, 2 of them');
    post('/kitchen/vessels', ['size' => '1/6-150', 'owned' => '6'])->assertSessionHasNoErrors();
    post('/kitchen/vessels', ['size' => '7/8-150'])->assertSessionHasErrors('size');
    get('/kitchen/vessels')->assertSee('1/6, 150 deep')->assertSee('150 × 140 × 150 mm, holds 2.9 l, 6 of them');
});

it('writes anew how its tubs stand, from what happened to them', function (): void {
    $tub = keptTub();
    coldNow($tub);
    $before = $tub->refresh()->getAttributes();
    Artisan::call('lento:rebuild');
    expect(Artisan::output())->toContain('1 batches, 0 changed');
    Tub::query()->whereKey($tub->id)->update(['ml' => 5, 'state' => 'gone']);
    Artisan::call('lento:rebuild', ['--dry-run' => true]);
    expect(Artisan::output())->toContain('1 batches, 1 would change')->and($tub->refresh()->ml)->toBe(5);
    Artisan::call('lento:rebuild');
    expect(array_diff_key($tub->refresh()->getAttributes(), ['updated_at' => 0]))->toBe(array_diff_key($before, ['updated_at' => 0]));
});
