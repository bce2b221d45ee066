<?php

declare(strict_types=1);

use App\Models\Pot;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;

require_once __DIR__ . '/taps.php';

it('offers what a tested pot can become, with its own thickness, and not before it has boiled', function (): void {
    $pot = started('sauce=bechamel&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Pour);
    get("/pots/{$pot->id}/make")->assertRedirect("/pots/{$pot->id}");
    get("/pots/{$pot->id}")->assertDontSee('Make something of this pot');
    cookUntil($pot, StepKind::Test);
    get("/pots/{$pot->id}")->assertSee('Make something of this pot');
    get("/pots/{$pot->id}/make?sauce=mornay&litres=1.2")
        ->assertOk()
        ->assertSee('There are 2.')
        ->assertSeeInOrder(['Takes of it', 'Makes', '1.20 l', 'hard cheese', 'Contains', 'Start the Mornay'], false);
});

it('ladles off for another pan, and the base knows', function (): void {
    $pot = started('sauce=bechamel&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Keep);
    post("/pots/{$pot->id}/make", ['sauce' => 'mornay', 'litres' => '1.2'])->assertRedirect('/pots/' . ($pot->id + 1));
    $made = Pot::query()->findOrFail($pot->id + 1);
    expect($made->name)->toContain('Mornay')
        ->and($made->plan->promise?->volume->inLitres())->toEqualWithDelta(1.2, 0.001)
        ->and($pot->refresh()->finished_at)->toBeNull()
        ->and($pot->course()->ladles()[0]->volume->inLitres())->toBeGreaterThan(0.9)->toBeLessThan(1.5);
    get("/pots/{$pot->id}")->assertOk()->assertSee('for Mornay');
    cookUntil($made, StepKind::Keep);
    get("/pots/{$made->id}")->assertOk();
});

it('closes the base where all of it is ladled off', function (): void {
    $pot = started('sauce=bechamel&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Season);
    post("/pots/{$pot->id}/make", ['sauce' => 'mornay'])->assertRedirect('/pots/' . ($pot->id + 1));
    expect($pot->refresh()->finished_at)->not->toBeNull();
});

it('goes on in the same pan, and closes the base', function (): void {
    $pot = started('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Keep);
    post("/pots/{$pot->id}/make", ['sauce' => 'supreme', 'pan' => 'same'])->assertRedirect('/pots/' . ($pot->id + 1));
    $made = Pot::query()->findOrFail($pot->id + 1);
    expect($pot->refresh()->finished_at)->not->toBeNull()
        ->and($made->plan->cooking?->place->pan->diameter->inCentimetres())->toEqualWithDelta(24.0, 1e-9);
    get("/log/{$pot->id}")->assertOk();
});

it('takes a thin base for what it is', function (): void {
    $pot = started('sauce=bechamel&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Test);
    happens($pot, 'read', ['choice' => 'spoon', 'spoon' => 'veils']);
    $page = (string) get("/pots/{$pot->id}/make?sauce=mornay")->assertOk()->getContent();
    preg_match('/There are ([\d.]+) l of it, (\d+) g\/l: (\w+)/', $page, $stands);
    expect((int) ($stands[2] ?? 0))->toBeLessThan(53)->toBeGreaterThan(30);
});

it('makes it of what was cooled, the next day, and takes what was kept', function (): void {
    $pot = started('sauce=bechamel&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '1.9', 'spoon' => 'coats', 'cool' => '0.9']);
    travel(20)->hours();
    get("/log/{$pot->id}")->assertSee('Make something of it');
    get("/pots/{$pot->id}/make?sauce=mornay")->assertOk()->assertSee('There are 0.90 l');
    get("/pots/{$pot->id}/make?sauce=mornay&litres=2")->assertOk()->assertSee('there are 0.90 l')->assertDontSee('Start the');
    post("/pots/{$pot->id}/make", ['sauce' => 'mornay'])->assertRedirect('/pots/' . ($pot->id + 1));
});

it('answers nonsense at its field', function (): void {
    $pot = started('sauce=bechamel&amount=2&diameter=240&height=140');
    cookUntil($pot, StepKind::Test);
    get("/pots/{$pot->id}/make?sauce=mornay&litres=lots")
        ->assertStatus(422)
        ->assertSee('write a number from 0.05')
        ->assertSee('value="lots"', false);
    get("/pots/{$pot->id}/make?sauce=ketchup&litres[]=1&pan=9")->assertOk();
    post("/pots/{$pot->id}/make", ['sauce' => 'mornay', 'litres' => '-1'])->assertRedirectContains("/pots/{$pot->id}/make");
    get('/pots/999/make')->assertNotFound();
});

it('guides what is made of a pot by words alone, its own amounts at each step', function (string $base, string $sauce): void {
    $pot = started("sauce={$base}&amount=2&diameter=240&height=140");
    cookUntil($pot, StepKind::Keep);
    post("/pots/{$pot->id}/make", ['sauce' => $sauce, 'litres' => '1.2'])->assertRedirect('/pots/' . ($pot->id + 1));
    $made = Pot::query()->findOrFail($pot->id + 1);
    foreach ($made->plan->steps as $index => $step) {
        $page = (string) get("/pots/{$made->id}")->assertOk()->getContent();
        expect(strip_tags($page))->not->toMatch('/\b(steps|ingredients|family|stove|units)\.[a-z]/')->not->toMatch('/\s:[a-z]/');
        $now = strip_tags(explode('class="below"', $page)[0]);
        // What is corrected after the test goes by what the pot has become.
        $asked = $step->kind === StepKind::Correct && $made->plan->steps[$index - 1]->kind === StepKind::Test;
        foreach ($asked ? [] : (new App\Pages\Stove\WeighList($made->plan))->of($step) as $line) {
            // Salt is reckoned for what is in the pot by then.
            expect($now)->toContain($step->kind === StepKind::Season && $line['ingredient'] === 'salt' ? 'in the pot:' : $line['weight']);
        }
        foreach ($step->additions as $addition) {
            happens($made, 'poured', ['pour' => $addition->id]);
        }
        if ($index < count($made->plan->steps) - 1) {
            happens($made, 'done');
        }
    }
})->with(
    [
        ['bechamel', 'mornay'],
        ['bechamel', 'soubise'],
        ['veloute', 'allemande'],
        ['demi-glace', 'peppercorn-cream'],
        ['pan-gravy', 'gravy-cider'],
        ['tomato', 'provencale'],
    ],
);
