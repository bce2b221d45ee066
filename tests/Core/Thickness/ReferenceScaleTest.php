<?php

declare(strict_types=1);

use Lento\Thickness\ReferenceScale;
use Lento\Thickness\Sauce;
use Tests\Core\Thickness\Reference;

covers(ReferenceScale::class);

it('is what the larder and the law of flow make of it', function (): void {
    $parts = static fn(Sauce $sauce): array => [...$sauce->parts(), ...get_object_vars($sauce->starch)];
    foreach ([[ReferenceScale::roux(), Reference::roux()], [ReferenceScale::milk(), Reference::milkItself()]] as [$held, $made]) {
        foreach ($parts($made) as $name => $part) {
            expect($parts($held)[$name])->toEqualWithDelta($part, 1e-12, $name);
        }
    }
    expect(ReferenceScale::WATER)
        ->toEqualWithDelta(Reference::water(), 1e-15)
        ->and(ReferenceScale::MILK)
        ->toEqualWithDelta(Reference::milk(), 1e-15);
    // Where this fails on purpose: php tests/Core/Thickness/reference.php prints the new points.
    foreach (Reference::points() as $i => $point) {
        expect(ReferenceScale::POINTS[$i])->toEqualWithDelta($point, 1e-12, "at point {$i}");
    }
    expect(count(ReferenceScale::POINTS))->toBe(count(Reference::points()));
});
