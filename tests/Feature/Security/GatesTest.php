<?php

declare(strict_types=1);

use App\Http\JsonShape;
use App\Models\Pot;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;

use function Pest\Laravel\call;
use function Pest\Laravel\flushHeaders;
use function Pest\Laravel\from;
use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\seed;
use function Pest\Laravel\withHeaders;

use Symfony\Component\HttpFoundation\Response;
use Tests\Security\Fuzz;
use Tests\Security\Hostile;

/**
 * @param array<string, string> $headers
 *
 * @return TestResponse<Response>
 */
function sentTo(string $path, string $body, array $headers = []): TestResponse
{
    return call(
        'POST',
        $path,
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', ...$headers],
        content: $body,
    );
}

it('refuses a body larger than its address takes, before anything reads it', function (string $path, int $bytes, int $status): void {
    sentTo($path, '"' . str_repeat('x', $bytes - 2) . '"')->assertStatus($status);
})->with([
    ['/api/v1/readings', 1_048_577, 413],
    ['/api/v1/readings', 1_048_576, 401],
    ['/pots/1/events/batch', 1_048_577, 413],
    ['/pots/free', 65_537, 413],
    ['/', 65_537, 413],
]);

it('refuses a body that says it is larger, or says no number', function (string $said): void {
    sentTo('/api/v1/readings', '{}', ['HTTP_CONTENT_LENGTH' => $said])->assertStatus(413);
})->with(['99999999', '-1', 'many', '1e9']);

it('refuses JSON too wide or too deep', function (string $body): void {
    sentTo('/api/v1/readings', $body)->assertStatus(413);
})->with([
    'wide' => '[' . str_repeat('[1],', 200_000) . '[1]]',
    'deep' => str_repeat('[', 17) . str_repeat(']', 17),
    'deep without an end' => str_repeat('{"a":', 40),
    'keys' => '{' . str_repeat('"a":1,', 20_001) . '"b":1}',
]);

it('does not take brackets in a text for parts', function (): void {
    $shape = JsonShape::of('{"text":"[[[[,,,,{{{{\\"[[","list":[1,[2]]}');
    expect($shape->depth)->toBe(3)->and($shape->parts)->toBe(5)->and($shape->isReasonable())->toBeTrue()
        ->and(JsonShape::of('')->depth)->toBe(0)
        ->and(JsonShape::of('"no end [')->depth)->toBe(0);
});

it('answers to no name that the kitchen has not given it', function (string $host, int $status): void {
    Config::set('lento.hosts', 'galley.local, 192.168.1.20');
    Config::set('app.url', 'https://lento.marigold');
    $answer = call('GET', "http://{$host}/log");
    expect($answer->getStatusCode())->toBe($status);
    $status === 200 || $answer->assertDontSee('csrf');
})->with([
    ['localhost', 200],
    ['127.0.0.1:8420', 200],
    ['galley.local', 200],
    ['GALLEY.local:8443', 200],
    ['192.168.1.20', 200],
    ['lento.marigold', 200],
    ['evil.example', 421],
    ['galley.local.evil.example', 421],
    ['localhost.evil.example:8420', 421],
]);

it('sends nobody back to another site', function (): void {
    $answer = withHeaders(['Referer' => 'http://evil.example/trap'])->post('/pots/free', ['name' => str_repeat('x', 61)]);
    expect((string) $answer->headers->get('Location'))->not->toContain('evil.example');
    $answer = from(url('/stove'))->post('/pots/free', ['name' => str_repeat('x', 61)]);
    $answer->assertRedirect(url('/stove'));
});

it('serves nothing of its storage, and lets no other site’s page read it', function (): void {
    expect(array_filter(
        array_map(static fn($route): string => $route->uri(), Route::getRoutes()->getRoutes()),
        static fn(string $uri): bool => str_starts_with($uri, 'storage'),
    ))->toBe([]);
    withHeaders(['Origin' => 'http://evil.example'])->get('/pulse')->assertHeaderMissing('Access-Control-Allow-Origin');
});

it('has pages of its own for what cannot be answered', function (int $status, Closure $ask): void {
    $answer = $ask();
    $answer instanceof TestResponse || throw new LogicException();
    $answer->assertStatus($status)->assertSee('To the stove')->assertSee('id="page"', false)->assertHeader('Content-Security-Policy');
})->with([
    [404, fn() => get('/nowhere')],
    [404, fn() => get('/pots/99')],
    [405, fn() => get('/pots/free')],
    [413, fn() => post('/pots/free', ['name' => str_repeat('x', 70_000)], ['CONTENT_LENGTH' => '70005'])],
]);

it('keeps what was typed where the page had been open too long', function (): void {
    Route::post('/late', fn() => abort(419))->middleware('web');
    withHeaders(['Referer' => url('/pots/1')])
        ->post('/late', ['_token' => 'old', 'text' => 'less nutmeg <b>', 'seen' => ['a' => 'b'], 'wishes' => [['covers' => '72']]])
        ->assertStatus(419)
        ->assertSee('less nutmeg &lt;b&gt;', false)
        ->assertSee('name="wishes[0][covers]" value="72"', false)
        ->assertSee('name="seen[a]"', false)
        ->assertDontSee('<dt>seen', false)
        ->assertSee('action="/late"', false);
    // Another site's words are not put into a cook's mouth.
    withHeaders(['Referer' => 'http://evil.example/'])->post('/late', ['text' => 'burn it'])->assertStatus(419)->assertDontSee('burn it');
    withHeaders(['Referer' => url('/pots/1'), 'Sec-Fetch-Site' => 'cross-site'])
        ->post('/late', ['text' => 'burn it'])
        ->assertDontSee('burn it');
});

it('says that it was busy where others wrote for too long, and is itself where the database is gone', function (): void {
    Route::post('/busy', static function (): void {
        $busy = new PDOException('database is locked');
        $busy->errorInfo = ['HY000', 5, 'database is locked'];
        throw new Illuminate\Database\QueryException('sqlite', 'insert', [], $busy);
    })->middleware('web');
    withHeaders(['Referer' => url('/stove')])->post('/busy', ['text' => 'a note'])
        ->assertStatus(503)->assertHeader('Retry-After', '2')->assertSee('a note')->assertSee('Send it again');
    // A transaction that cannot begin is no query of the framework's.
    Route::post('/begin', static function (): void {
        $busy = new PDOException('database is locked');
        $busy->errorInfo = ['HY000', 5, 'database is locked'];
        throw $busy;
    })->middleware('web');
    post('/begin')->assertStatus(503);
    withHeaders(['Accept' => 'application/json'])->post('/busy')->assertStatus(503)->assertHeader('Retry-After', '2');
    Route::get('/gone', static function (): void {
        DB::statement('drop table settings');
        throw new RuntimeException('gone');
    })->middleware('web');
    flushHeaders();
    get('/gone')->assertStatus(500)->assertSee('That went wrong')->assertDontSee('RuntimeException');
});

it('takes text as text, in one spelling, and a list only where a page has one', function (string $typed, string $kept): void {
    post('/pots/free', ['name' => $typed])->assertRedirect();
    expect(Pot::query()->latest('id')->firstOrFail()->name)->toBe($kept);
})->with([
    'bytes that are no text' => ["Bones \xff\xfe", 'Bones ??'],
    'a letter and its accent apart' => ["Veloute\u{0301}", 'Velouté'],
    'what turns the writing round' => ["Stock\u{202E}kcotS", 'StockkcotS'],
    'what cannot be typed' => ["a\0b\x07c", 'abc'],
    'as it should be' => ['Fish bones, 3 kg', 'Fish bones, 3 kg'],
]);

it('never falls over', function (int $seed): void {
    seed(DatabaseSeeder::class);
    $fuzz = new Fuzz(app(Kernel::class), new Hostile($seed));
    [$found, $asked] = [[], 0];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        for ($i = 0; $i < 6; $i++) {
            $found[] = $fuzz->ask($route);
            app()->forgetScopedInstances();
            $asked++;
        }
    }
    expect(array_values(array_filter($found)))->toBe([])->and($asked)->toBeGreaterThan(250);
})->with([1, 2]);

it('notices what falls over', function (): void {
    $route = Route::get('/falls', static fn() => throw new RuntimeException('over'));
    expect((new Fuzz(app(Kernel::class), new Hostile(1)))->ask($route))->toContain('GET falls RuntimeException over at GatesTest.php');
});

it('knows no row whose number no engine has', function (): void {
    $asked = 0;
    foreach (Route::getRoutes()->getRoutes() as $route) {
        preg_match_all('/\{(pot|other|service|member|tablet|import|id|galley)\}/', $route->uri(), $names);
        foreach ($names[0] as $name) {
            $uri = str_replace($name, '99999999999999999999', $route->uri());
            $uri = (string) preg_replace(['/\{section\}/', '/\{kind\}/', '/\{\w+\}/'], ['pans', 'sauces', '1'], $uri);
            $answer = in_array('GET', $route->methods(), true) ? get('/' . $uri) : post('/' . $uri);
            expect($answer->getStatusCode())->toBe(404, $uri);
            $asked++;
        }
    }
    expect($asked)->toBeGreaterThan(20);
});
