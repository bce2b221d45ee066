<?php

declare(strict_types=1);

use App\Watch\Counters;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\File;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\withToken;

require_once __DIR__ . '/../taps.php';

// What is seen from outside: figures, the lines of the log, what is installed.

beforeEach(function (): void {
    File::delete(storage_path('framework/requests.json'));
});

it('tells figures to whoever says the token, and nobody else', function (): void {
    get('/metrics')->assertUnauthorized();
    config(['lento.metrics_token' => 'a-token']);
    get('/metrics')->assertUnauthorized();
    withToken('another')->get('/metrics')->assertUnauthorized();
    $pot = started();
    happens($pot, 'note', ['text' => 'secret words']);
    $told = withToken('a-token')->get('/metrics')->assertOk()->assertHeader('Content-Type', 'text/plain; version=0.0.4; charset=utf-8');
    $text = (string) $told->getContent();
    expect($text)
        ->toContain('lento_pots_on 1')
        ->toContain('lento_requests_total{kind="tap",status="3xx"} 1')
        ->toContain('lento_request_seconds_bucket{kind="tap",le="+Inf"} 1')
        ->not->toContain('secret words')
        ->not->toContain($pot->name);
    // Each line is one of the format's: a comment, or a name, its labels and a number.
    foreach (explode("\n", trim($text)) as $line) {
        expect($line)->toMatch('/\A(# (HELP|TYPE) [a-z_]+ .+|[a-z_]+(\{[a-z]+="[^"]*"(,[a-z]+="[^"]*")*\})? [0-9.e+-]+)\z/');
    }
});

it('slows down who guesses its token', function (): void {
    config(['lento.metrics_token' => 'a-token', 'lento.rates.wrong_tokens' => 2]);
    expect([
        withToken('x')->get('/metrics')->getStatusCode(),
        withToken('y')->get('/metrics')->getStatusCode(),
        withToken('a-token')->get('/metrics')->getStatusCode(),
    ])->toBe([401, 401, 429]);
});

it('counts from many hands at once', function (): void {
    $counters = new Counters(storage_path('framework/requests.json'));
    $counters->count('tap', 200, 0.04);
    $counters->count('tap', 503, 3.0);
    $all = $counters->all();
    expect($all['answered']['tap'])->toBe(['2xx' => 1, '5xx' => 1])
        ->and($all['within']['tap'])->toMatchArray(['0.025' => 0, '0.05' => 1, '2.5' => 1]);
    File::put(storage_path('framework/requests.json'), 'half a lin');
    $counters->count('tap', 200, 0.01);
    expect($counters->all()['answered']['tap'])->toBe(['2xx' => 1]);
});

it('gives each request a number, and its line says the route and nothing that was typed', function (): void {
    config([
        'logging.default' => 'nowhere',
        'logging.channels.nowhere' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ]);
    $lines = [];
    Event::listen(MessageLogged::class, static function (MessageLogged $line) use (&$lines): void {
        $lines[] = $line;
    });
    $number = get('/log?words=my+secret+stock')->assertOk()->headers->get('X-Request-Id');
    expect($number)->toMatch('/\A[0-9a-f]{16}\z/')->and(get('/log')->headers->get('X-Request-Id'))->not->toBe($number);
    post('/pots/free', ['name' => 'my secret stock']);
    $lines = array_values(array_filter($lines, static fn(MessageLogged $line): bool => $line->message === 'request'));
    expect(array_map(static fn(MessageLogged $line): mixed => $line->context['route'], $lines))->toBe(['log', 'log', 'pots/free'])
        ->and(json_encode(array_map(static fn(MessageLogged $line): array => $line->context, $lines)))->not->toContain('secret');
});

it('writes a bill of what is installed', function (): void {
    exec('php -d pcov.enabled=0 ' . base_path('bin/sbom.php'), $lines, $status);
    $bill = json_decode(implode("\n", $lines), true);
    $names = array_column(row(row($bill)['components'] ?? []), 'name');
    expect($status)->toBe(0)
        ->and(data_get($bill, 'bomFormat'))->toBe('CycloneDX')
        ->and($names)->toContain('laravel/framework')
        ->and($names)->toContain('htmx.org');
    foreach (row(row($bill)['components'] ?? []) as $component) {
        expect(text(data_get($component, 'purl')))->toMatch('#\Apkg:(composer|npm)/.+@.+\z#');
    }
});

it('prints the code that opens a kitchen, until somebody has', function (): void {
    Artisan::call('lento:first-run');
    expect(trim(Artisan::output()))->toMatch('/\A[A-Z2-9]{4}-[A-Z2-9]{4}\z/');
    App\Models\Account::query()->create(['login' => 'ines', 'password' => 'copper ladle', 'epoch' => 1]);
    Artisan::call('lento:first-run');
    expect(trim(Artisan::output()))->toBe('');
    App\Doors\FirstRun::isOver();
});
