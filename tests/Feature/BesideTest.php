<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Stove\Mark;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lento\Plan\Step;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;

require_once __DIR__ . '/taps.php';

const WHITE = 'sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140';
const OVER = ['kind' => 'finished', 'step' => 'finish', 'volume' => '1.9', 'spoon' => 'coats'];

/**
 * @param list<array<string, mixed>> $events
 *
 * @return TestResponse<JsonResponse>
 */
function told(Pot $pot, array $events): TestResponse
{
    /** @var TestResponse<JsonResponse> $answer */
    $answer = postJson("/pots/{$pot->id}/events/batch", ['events' => $events])->assertOk();

    return $answer;
}

/** A pot with all its steps done but the last. */
function served(): Pot
{
    $pot = started();
    told($pot, array_map(
        static fn(Step $step): array => ['token' => $pot->id . $step->id, 'kind' => 'done', 'step' => $step->id],
        array_slice($pot->plan->steps, 0, -1),
    ));

    return $pot;
}

it('knows marks by their pot: another pot’s say nothing of this one’s', function (): void {
    [$one, $other] = [started(), started()];
    $tap = ['token' => 'same', 'kind' => 'note', 'step' => $one->plan->steps[0]->id, 'text' => 'smells of nuts'];
    told($one, [$tap])->assertJsonPath('kept', ['same']);
    told($other, [$tap])->assertJsonPath('kept', ['same'])->assertJsonPath('refused', []);
    expect($one->events()->count())->toBe(1)->and($other->events()->count())->toBe(1);
    // Nor can a tap of another pot be taken back from here.
    told($one, [['token' => 'mine', 'kind' => 'note', 'step' => $one->plan->steps[0]->id, 'text' => 'mine']]);
    told($other, [['token' => 'u', 'kind' => 'undone', 'step' => $one->plan->steps[0]->id, 'undoes' => 'mine']])
        ->assertJsonPath('kept', [])
        ->assertJsonPath('refused.0.faults.0.field', 'undoes');
});

it('keeps what is sent again once, and refuses other words under the same mark', function (): void {
    $pot = started();
    $tap = ['token' => 'n', 'kind' => 'note', 'step' => $pot->plan->steps[0]->id, 'text' => 'first'];
    told($pot, [$tap, $tap])->assertJsonPath('refused', []);
    told($pot, [$tap])->assertJsonPath('kept', ['n'])->assertJsonPath('refused', []);
    told($pot, [[...$tap, 'text' => 'second']])->assertJsonPath('kept', [])->assertJsonPath('refused.0.token', 'n');
    told($pot, [[...$tap, 'token' => 'm'], [...$tap, 'token' => 'm', 'text' => 'third']])->assertJsonPath('refused.0.token', 'm');
    expect($pot->events()->count())->toBe(2);
});

it('lets the outcome that was kept first stand, until it is taken back', function (): void {
    $pot = served();
    told($pot, [[...OVER, 'token' => 'a']])->assertJsonPath('finished', true);
    told($pot, [[...OVER, 'token' => 'a']])->assertJsonPath('refused', []);
    told($pot, [[...OVER, 'token' => 'b', 'volume' => '1.2']])->assertJsonPath('refused.0.faults.0.field', 'outcome');
    expect($pot->refresh()->outcome['m3'] ?? null)->toBe(0.0019);

    told($pot, [
        ['token' => 'u', 'kind' => 'undone', 'step' => 'finish', 'undoes' => 'a'],
        [...OVER, 'token' => 'c', 'volume' => '1.2'],
    ])->assertJsonPath('kept', ['u', 'c']);
    told($pot, [['token' => 'd', 'kind' => 'taken-off', 'step' => 'finish']])->assertJsonPath('refused.0.token', 'd');
    expect($pot->refresh()->outcome['m3'] ?? null)->toBe(0.0012);
});

it('weighs no more than eight endings in one sending', function (): void {
    $ends = array_map(static fn(int $i): array => [...OVER, 'token' => "e{$i}"], range(1, 500));
    expect(told(started(), $ends)->json('kept'))->toBe(['e1', 'e2', 'e3', 'e4', 'e5', 'e6', 'e7', 'e8']);
});

it('takes nothing back of another pot', function (): void {
    [$one, $other] = [served(), started()];
    told($one, [[...OVER, 'token' => 'a']]);
    told($other, [['token' => 'u', 'kind' => 'undone', 'step' => 'finish', 'undoes' => 'a']])->assertJsonPath('refused.0.token', 'u');
    expect($one->refresh()->finished_at)->not->toBeNull();
});

it('lets no tablet take the place of a reading that is to come', function (): void {
    $pot = started();
    $tap = ['token' => Mark::DEVICE . "1-{$pot->id}-176000", 'kind' => 'note', 'step' => $pot->plan->steps[0]->id, 'text' => 'mine'];
    told($pot, [$tap])->assertJsonPath('kept', [])->assertJsonPath('refused.0.faults.0.field', 'token');
    expect($pot->events()->count())->toBe(0);
});

it('makes one thing of a form that is sent twice', function (string $page, string $action, string $table, array $said): void {
    $once = ['once' => 'a-mark', ...$said];
    $rows = DB::table($table)->count();
    expect(get($page)->assertOk()->getContent())->toContain('name="once"');
    $first = post($action, $once)->assertRedirect()->assertSessionHasNoErrors();
    post($action, $once)->assertRedirect(text($first->headers->get('Location')));
    expect(DB::table($table)->count())->toBe($rows + 1);
    post($action, [...$once, 'once' => 'another'])->assertRedirect();
    expect(DB::table('forms_sent')->count())->toBe(2)->and(DB::table($table)->count())->toBe($rows + 2);
})->with([
    'a pot without a sheet' => ['/stove/new', '/pots/free', 'pots', ['name' => 'Jus']],
    'a pot' => ['/compose?' . WHITE, '/pots', 'pots', ['question' => WHITE]],
    'a service' => ['/family', '/services', 'services', []],
    'a sauce of the tree' => ['/family/mornay', '/family/mornay/cook', 'services', ['liquid' => '', 'litres' => '1']],
    'an own sauce' => ['/family/mornay', '/family/mornay/own', 'own_derivatives', ['name' => 'Marigold', 'changes' => 'more cheese']],
    'a kept sauce' => [
        '/sauces/keep?' . WHITE,
        '/sauces',
        'sauces',
        ['question' => WHITE, 'name' => 'House'],
    ],
]);

it('tells a device’s token again to whoever tapped twice', function (): void {
    $device = ['once' => 'a-mark', 'name' => 'Probe', 'kind' => 'probe', 'place' => 'hob-1'];
    post('/kitchen/devices', $device)->assertSessionHasNoErrors();
    $token = toldToken();
    post('/kitchen/devices', $device)->assertSessionHasNoErrors();
    expect(DB::table('devices')->where('name', 'Probe')->count())->toBe(1)
        ->and($token)->toBeString()
        ->and(toldToken())->toBe($token);
});

it('remembers nothing of a form that was refused, and forgets the others after a week', function (): void {
    post('/kitchen/pans', ['once' => 'a', 'name' => 'Wide', 'diameter_mm' => 'nine'])->assertSessionHasErrors('diameter_mm');
    expect(DB::table('forms_sent')->count())->toBe(0);
    post('/pots/free', ['once' => 'a', 'name' => 'Jus'])->assertSessionHasNoErrors();
    DB::table('forms_sent')->update(['sent_at' => CarbonImmutable::now()->subDays(8)]);
    post('/pots/free', ['once' => 'b', 'name' => 'Jus'])->assertSessionHasNoErrors();
    expect(DB::table('forms_sent')->count())->toBe(1);
});
