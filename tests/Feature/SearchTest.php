<?php

declare(strict_types=1);

use App\Models\Sauce;
use App\Search\Wanted;
use Lento\Compose\Base;

use function Pest\Laravel\get;
use function Pest\Laravel\withHeaders;

require_once __DIR__ . '/shelf.php';

it('finds a sauce by its plain and its French name, with or without accents, the name before what is told', function (): void {
    get('/search?q=bechamel')->assertOk()->assertSeeInOrder(['Béchamel', 'base']);
    get('/search?q=mornay')->assertOk()->assertSee('/family/mornay', false);
    get('/search?q=VELOUT%C3%89')->assertOk()->assertSee('sauce=veloute', false);
});

it('finds what is composed for a dish', function (string $dish, string $question): void {
    get('/search?q=' . urlencode($dish))->assertOk()->assertSee($question);
})->with([['lasagne', 'thickness=gratin'], ['poached fish', 'liquid=fish-stock'], ['souffle', 'thickness=binding']]);

it('names only questions that Compose answers, and places that are there', function (): void {
    foreach (row(__('search.uses')) as $use) {
        get('/compose?amount=2&diameter=240&height=200&' . text(row($use)['question']))->assertOk();
    }
    foreach (row(__('search.places')) as $place) {
        expect(route(text(row($place)['route'])))->toStartWith('http');
    }
    expect(Base::cases())->not->toBe([]);
});

it('finds what is kept, what is on and what stands on the shelf', function (): void {
    $tub = keptTub();
    $sauce = Sauce::query()->create(['name' => 'Captain’s white', 'tags' => ['ferry'], 'notes' => null]);
    $sauce->versions()->create(['number' => 1, 'question' => ['sauce' => 'bechamel', 'amount' => '2']]);
    get('/search?q=ferry')->assertOk()->assertSee('Captain’s white')->assertSee('saved');
    get('/search?q=velout')
        ->assertOk()
        ->assertSee("/keep/tubs/{$tub->id}", false)
        ->assertSee("/pots/{$tub->batch->pot_id}", false);
});

it('says when nothing goes by that name, and asks for nothing by none', function (): void {
    get('/search?q=xyzzy')->assertOk()->assertSee('Nothing here goes by “xyzzy”.');
    get('/search')->assertOk()->assertSee('Sauces by either of their names');
    get('/search?q[]=a')->assertOk();
    get('/search?q=' . urlencode("%_!'\"\\ \xff"))->assertOk();
});

it('answers with the list alone while somebody types', function (): void {
    withHeaders(['HX-Request' => 'true', 'HX-Request-Type' => 'partial'])
        ->get('/search?q=gravy')
        ->assertOk()
        ->assertDontSee('<html', false)
        ->assertHeader('HX-Push-Url', '/search?q=gravy');
});

it('ranks a name that begins so before one that holds it, and that before what is only told of it', function (): void {
    $wanted = Wanted::of(' Crème,  ');
    expect($wanted->words)->toBe(['creme'])
        ->and($wanted->rank('Creme sauce'))->toBe(0)
        ->and($wanted->rank('Sauce crème'))->toBe(1)
        ->and($wanted->rank('White', 'with crème'))->toBe(2)
        ->and($wanted->rank('White'))->toBeNull()
        ->and(Wanted::of('')->rank('White'))->toBeNull()
        ->and(mb_strlen(Wanted::of(str_repeat('a', 500))->typed))->toBe(Wanted::LONGEST);
});
