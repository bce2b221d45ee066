<?php

declare(strict_types=1);

use function Pest\Laravel\get;

it('has a page for every place, with a drawing of its own that says what it shows', function (): void {
    /** @var array<string, array{lead: string, how: non-empty-list<string>, drawing: string}> $places */
    $places = __('guide.places');
    $drawings = [];
    foreach ($places as $place => $told) {
        $page = get('/guide/' . $place)->assertOk()->assertSee($told['lead'])->assertSee($told['how'][count($told['how']) - 1]);
        preg_match('/<svg class="guide-drawing"[^>]*aria-label="([^"]+)">(.+?)<\/svg>/s', (string) $page->getContent(), $svg);
        expect(html_entity_decode($svg[1] ?? '', ENT_QUOTES))->toBe($told['drawing']);
        $drawings[] = $svg[2] ?? '';
        // Few words: what is longer is not read at a stove.
        expect(str_word_count(implode(' ', $told['how'])))->toBeLessThan(130);
    }
    expect($drawings)->toHaveCount(10)->and(array_unique($drawings))->toHaveCount(10);
    get('/guide/nowhere')->assertNotFound();
});

it('is opened by ? at the page one is at, and by its link where there is no JavaScript', function (string $page, string $guide): void {
    expect((string) get($page)->assertOk()->getContent())
        ->toMatch('~<a class="plain" href="[^"]*' . $guide . '" data-keys-open data-key="\?">~');
})->with([
    ['/compose?sauce=veloute&amount=2', '/guide/compose'], ['/family/tree', '/guide/family'], ['/stove', '/guide/stove'],
    ['/keep', '/guide/keep'], ['/log', '/guide/log'], ['/rescue', '/guide/rescue'], ['/kitchen', '/guide/kitchen'],
    ['/assay', '/guide/assay'], ['/practice', '/guide/practice'], ['/search', '/guide/words'],
]);

it('gives its page alone to whoever asks for it over another', function (): void {
    get('/guide/stove', ['HX-Request-Type' => 'partial'])->assertOk()->assertSee('guide-page')->assertDontSee('<html', false);
});

it('tells the words of the trade, and they are found', function (): void {
    get('/guide/words')->assertOk()->assertSeeInOrder(['roux', 'beurre manié', 'slack point']);
    get('/search?q=cartouche')->assertOk()->assertSee('A greased disc of paper')->assertSee('/guide/words#cartouche');
});
