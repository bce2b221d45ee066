<?php

declare(strict_types=1);

use App\Models\Link;
use App\People\Here;
use Illuminate\Support\Facades\Process;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

require_once __DIR__ . '/People/people.php';
require_once __DIR__ . '/services.php';

const FROM_HERE = '/sheet?sauce=bechamel&liquid=milk&amount=1&thickness=coating&diameter=240&height=140';

it('gives a page a short address with its QR code, the same one each time, and leads there', function (string $path): void {
    $shown = post('/elsewhere', ['path' => $path])->assertRedirectContains('/elsewhere/')->headers->get('Location');
    post('/elsewhere', ['path' => $path])->assertRedirect((string) $shown);
    $link = Link::query()->sole();
    expect($link->code)->toMatch('/\A[A-HJ-NP-Z2-9]{6}\z/')->and(strlen(route('elsewhere.go', $link->code)))->toBeLessThan(40);
    get((string) $shown)->assertOk()->assertSee('/e/' . $link->code)->assertSee('class="qr"', false)->assertSee(e($path), false);
    get('/e/' . $link->code)->assertRedirect($path);
    get('/e/' . strtolower($link->code))->assertRedirect($path);
})->with([FROM_HERE, '/stove', '/compose?sauce=tomato&amount=3', '/family/tree', '/keep/record?day=2026-11-29']);

it('leads nowhere but to pages of its own', function (mixed $path): void {
    post('/elsewhere', ['path' => $path])->assertSessionHasErrors('path');
    expect(Link::query()->count())->toBe(0);
})->with([
    '', 'stove', '//elsewhere.example/', '/\\elsewhere.example', 'https://elsewhere.example/stove', "/stove\nX: y", '/no-such-page',
    'javascript:alert(1)', '/pots', [['/stove']],
    str_repeat('/stove?', 400),
]);

it('knows no code of another kitchen, and none that is not there', function (): void {
    post('/elsewhere', ['path' => '/stove']);
    $link = Link::query()->sole();
    $other = anotherKitchen();
    Link::query()->withoutGlobalScopes()->whereKey($link->id)->update(['galley_id' => $other->id]);
    get('/e/' . $link->code)->assertNotFound();
    get('/elsewhere/' . $link->code)->assertNotFound();
    get('/e/AAAAAA')->assertNotFound();
    expect(app(Here::class)->galleyId())->not->toBe($other->id);
});

it('makes a PDF of a sheet, a slip, the pass sheet and the shopping, in one tap, of real text', function (): void {
    $service = supperOf72();
    $papers = [
        [FROM_HERE, '/sheet.pdf?', '1 litre of béchamel that coats'],
        [FROM_HERE . '&paper=slip', '/sheet.pdf?', '1 litre of béchamel that coats'],
        ["/services/{$service->id}/pass", "/services/{$service->id}/pass.pdf", 'Pass sheet: Supper'],
        ["/services/{$service->id}/shopping", "/services/{$service->id}/shopping.pdf", 'Shopping and set-out: Supper'],
    ];
    foreach ($papers as [$page, $address, $says]) {
        preg_match('/href="([^"]+)">PDF</', (string) get($page)->assertOk()->getContent(), $link);
        $pdf = get(html_entity_decode($link[1] ?? ''))->assertOk()->assertHeader('Content-Type', 'application/pdf');
        expect($link[1] ?? '')->toContain($address);
        $text = Process::input((string) $pdf->getContent())->run(['pdftotext', '-layout', '-', '-'])->output();
        expect(preg_replace('/\s+/', ' ', $text))->toContain($says)->toContain('Lento never certifies safety')
            // A sign that the fonts do not have would be left out of an amount.
            ->not->toMatch('/[⅓⅔≥]/u');
    }
    get('/sheet.pdf?sauce=bechamel&amount=lots')->assertRedirectContains('/compose');
});

it('writes a third of a cup out in a PDF', function (): void {
    $question = 'sauce=tomato&amount=3';
    $says = (string) preg_replace('/\s+/', ' ', (string) get('/sheet?' . $question)->getContent());
    expect($says)->toMatch('/[⅓⅔] cup/u');
    $text = Process::input((string) get('/sheet.pdf?' . $question)->getContent())->run(['pdftotext', '-layout', '-', '-'])->output();
    // A whole and a part stay two numbers: 71/3 cups would be ten times as much.
    expect($text)->not->toMatch('~\d\d/3~');
    $sheets = array_map(static fn(int $litres): string => 'sauce=tomato&amount=' . $litres, range(1, 9));
    $with = array_values(array_filter($sheets, static fn(string $one): bool
        => preg_match('/\d[⅓⅔] cup/u', (string) get('/sheet?' . $one)->getContent()) === 1))[0] ?? '';
    expect($with)->not->toBe('');
    $text = Process::input((string) get('/sheet.pdf?' . $with)->getContent())->run(['pdftotext', '-layout', '-', '-'])->output();
    expect($text)->toMatch('~\d [12]/3 cup~')->not->toMatch('~\d\d/3~');
});
