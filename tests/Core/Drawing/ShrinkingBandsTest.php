<?php

declare(strict_types=1);

use Lento\Drawing\ShrinkingBands;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

it('stands one post a pot, each band around its middle, higher for more', function (): void {
    $d = ShrinkingBands::of([[0.68, 1.0, 1.47], [0.9, 1.1, 1.35], [1.0, 1.12, 1.25]]);
    expect($d->posts)->toHaveCount(3);
    foreach ($d->posts as $i => $post) {
        expect($post['high'])
            ->toBeLessThan($post['middle'])
            ->and($post['middle'])
            ->toBeLessThan($post['low'])
            ->and($post['pot'])
            ->toBe($i)
            ->and($post['x'])
            ->toBeLessThan($d->width)
            ->and($post['low'])
            ->toBeLessThanOrEqual(ShrinkingBands::floor() + 1e-9);
    }
    expect($d->posts[1]['middle'])->toBeLessThan($d->house)->and($d->posts[0]['middle'])->toEqualWithDelta($d->house, 1e-9)
        ->and(array_column($d->ticks, 1))->toContain('0 %', '+40 %');
});
