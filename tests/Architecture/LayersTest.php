<?php

declare(strict_types=1);

arch('the core knows PHP and itself')
    ->expect('Lento')
    ->toOnlyUse(['Lento']);
arch('nothing hidden goes into the core')
    ->expect('Lento')
    ->not->toUse([
        'time',
        'microtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'getenv',
        'file_get_contents',
        'env',
        'config',
        'app',
        'now',
    ]);
arch('the core is final and readonly')
    ->expect('Lento')
    ->classes()
    ->toBeFinal()
    ->ignoring(['Lento\Exception', 'Lento\Course\Event', 'Lento\Shelf\ShelfEvent']);
// Millions of placings in a second would be as many copies: what searches for a plan is written on, and is thrown away with its search.
arch('core values never change')
    ->expect('Lento')
    ->classes()
    ->toBeReadonly()
    ->ignoring(['Lento\Exception', 'Lento\Score\Search']);
arch('only the planner knows how a plan is searched for')
    ->expect('Lento\Score\Search')
    ->toOnlyBeUsedIn(['Lento\Score\Search', 'Lento\Score\Planner']);
arch('a plan of a service knows no database, pot or question')
    ->expect('Lento\Score')
    ->not->toUse(['Lento\Compose', 'Lento\Assay', 'Lento\Course', 'Lento\Simulation', 'Lento\Stove', 'Lento\Family']);
arch('quantities stand alone')
    ->expect('Lento\Quantity')
    ->toOnlyUse(['Lento\Quantity', 'Lento\Exception']);
arch('numerics know numbers only')
    ->expect('Lento\Numerics')
    ->toOnlyUse(['Lento\Numerics', 'Lento\Exception']);
arch('heat knows numbers only')
    ->expect('Lento\Heat')
    ->toOnlyUse(['Lento\Heat', 'Lento\Exception']);
arch('drawings know numbers only')
    ->expect('Lento\Drawing')
    ->toOnlyUse(['Lento\Drawing']);
arch('the larder knows quantities only')
    ->expect('Lento\Larder')
    ->toOnlyUse(['Lento\Larder', 'Lento\Quantity', 'Lento\Heat', 'Lento\Exception']);
arch('a roux does not know the sauce')
    ->expect('Lento\Roux')
    ->not->toUse(['Lento\Thickness', 'Lento\Pot', 'Lento\Compose', 'Lento\Pour']);
arch('thickness does not know the pot')
    ->expect('Lento\Thickness')
    ->not->toUse(['Lento\Pot', 'Lento\Compose', 'Lento\Pour']);
arch('finishing, rescuing, keeping and learning do not know the question')
    ->expect(['Lento\Finish', 'Lento\Rescue', 'Lento\Keeping', 'Lento\Learning', 'Lento\Forecast'])
    ->not->toUse(['Lento\Compose', 'Lento\Assay', 'Lento\Course', 'Lento\Simulation']);
arch('nothing but the family knows the family')->expect('Lento')->not->toUse('Lento\Family')->ignoring('Lento\Family');
arch('a family knows no pot that is on')
    ->expect('Lento\Family')
    ->not->toUse(['Lento\Course', 'Lento\Stove', 'Lento\Simulation', 'Lento\Assay']);
arch('a simulated pot does not know the question')
    ->expect('Lento\Simulation')
    ->not->toUse(['Lento\Compose', 'Lento\Assay', 'Lento\Course']);
arch('a forecast does not know how pots are kept or rescued')
    ->expect('Lento\Forecast')
    ->not->toUse(['Lento\Rescue', 'Lento\Finish', 'Lento\Keeping', 'Lento\Pot']);
arch('the pot does not know the question')
    ->expect('Lento\Pot')
    ->not->toUse(['Lento\Compose', 'Lento\Assay', 'Lento\Course']);
arch('pages hold no rows')
    ->expect('App\Pages')
    ->not->toUse(['App\Models', 'Illuminate\Database']);
arch('formats and words hold no rows')
    ->expect(['App\Format', 'App\Formats', 'App\Questions'])
    ->not->toUse(['App\Models']);
arch('only the loader takes the kitchen from the database')
    ->expect('App\Kitchen')
    ->not->toUse(['App\Models'])
    ->ignoring('App\Kitchen\LoadKitchen');
arch('strict everywhere')
    ->expect(['Lento', 'App'])
    ->toUseStrictTypes();
arch()->preset()->php();
arch()->preset()->security();

it('reads no clock by itself in the core, and remembers nothing from one question to the next', function (): void {
    // PHP's own classes are invisible to the rules above: look at the text.
    $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__ . '/../../core')), '/\.php\z/');
    $seen = 0;
    foreach ($files as $file) {
        $seen++;
        // The house's larder is built once and never changes: it is a constant that takes half a millisecond to write down.
        $text = str_replace('static $house = null;', '', (string) file_get_contents((string) $file), $constants);
        expect($constants)->toBe(basename((string) $file) === 'Larder.php' ? 1 : 0)
            ->and($text)->not->toMatch(
                '/new\s+\\\\?DateTime(Immutable)?\(\s*\)|Illuminate|Carbon|\bnow\(|\bstatic\s+(\??[\w\\|]+\s+)?\$/',
            );
    }
    expect($seen)->toBeGreaterThan(60);
});
