<?php

declare(strict_types=1);

use Tests\Architecture\Rooms;

const ROOMS_ROOT = __DIR__ . '/../..';

it('has no two rooms that know one another, however far round', function (string $folder, string $namespace): void {
    $rooms = Rooms::of(ROOMS_ROOT . '/' . $folder, $namespace);
    expect(count($rooms->knows))->toBeGreaterThan(10)->and($rooms->cycles())->toBe([]);
})->with([['core', 'Lento'], ['app', 'App']]);

it('goes from the door to the database, and never back', function (): void {
    $knows = Rooms::of(ROOMS_ROOT . '/app', 'App')->knows;
    $order = [['Http', 'Console', 'Providers'], ['Pages'], ['Format', 'Kitchen', 'Stove', 'Family', 'Log'], ['Models']];
    foreach ($order as $i => $rooms) {
        $above = array_merge([], ...array_slice($order, 0, $i));
        foreach ($rooms as $room) {
            expect(array_intersect($knows[$room] ?? [], $above))->toBe([]);
        }
    }
});

it('notices a knot', function (): void {
    $folder = sys_get_temp_dir() . '/lento-rooms-' . getmypid();
    try {
        foreach (['Here' => 'There', 'There' => 'Yonder', 'Yonder' => 'Here'] as $room => $other) {
            mkdir("{$folder}/{$room}", recursive: true);
            file_put_contents(
                "{$folder}/{$room}/A.php",
                "<?php namespace X\\{$room}; final class A { public function b(): \\X\\{$other}\\A { return new \\X\\{$other}\\A(); } }",
            );
        }
        expect(Rooms::of($folder, 'X')->cycles())->toBe(['Here → There → Yonder → Here']);
    } finally {
        (new Illuminate\Filesystem\Filesystem())->deleteDirectory($folder);
    }
});

it('is drawn in docs/architecture.md as it is', function (): void {
    $text = (string) file_get_contents(ROOMS_ROOT . '/docs/architecture.md');
    expect(Rooms::drawnInto($text))->toBe($text);
});
