<?php

declare(strict_types=1);

use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Tests\Core\Room;

covers(...Room::of('Assay'));

it('notices a line that says one amount twice and disagrees with itself', function (string $line, ?float $first, ?float $second): void {
    $recipe = (new Reader(Larder::house()))->read("100 g flour\n2 l brown stock\n" . $line);
    $read = $recipe->lines[2];
    expect($recipe->unread)
        ->toBe([])
        ->and($read->number)
        ->toBe(2)
        ->and($read->ingredient)
        ->toBe('butter')
        ->and($read->mass->inGrams())
        ->toEqualWithDelta($first ?? 0.0, 0.5)
        ->and($read->saidAgain?->inGrams())
        ->toEqualWithDelta($second, $second === null ? 0.0 : 1.0);
    $warned = array_values(
        array_filter(
            Assay::of($recipe, Larder::house())->warnings,
            fn(Warning $warning): bool => $warning->code === WarningCode::AmountsDisagree,
        ),
    );
    expect(count($warned))->toBe($second === null ? 0 : 1);
})->with([
    ['300 g (8 oz) butter', 300.0, 226.8],
    ['225 g (8 oz) butter', 225.0, null],
    ['225 g / 8 oz butter', 225.0, null],
    ['300 g / 8 oz butter', 300.0, 226.8],
    ['1 cup (8 oz) butter', 226.9, null],
    ['250 g (cold, cubed) butter', 250.0, null],
    ['2 sticks (8 oz) butter', 226.8, null],
    ['2 sticks (1 lb) butter', 226.8, 453.6],
    ['250 g (1/0 oz) butter', 250.0, null],
    ['250 g (2 handfuls) butter', 250.0, null],
]);

it('takes a cook’s word for what a line means, and keeps the number of every line', function (): void {
    $text = "60 g butter\n\n60 g flour\nroux: blond\n1 l cashew milk\n3 twigs";
    $reader = new Reader(Larder::house());
    $recipe = $reader->read($text);
    expect($recipe->unreadAt)->toBe([3 => '1 l cashew milk', 4 => '3 twigs'])->and($recipe->unread)->toBe(['1 l cashew milk', '3 twigs']);
    $right = $reader->read($text, [3 => 'whole-milk', 0 => 'lard']);
    expect(array_map(fn($line): array => [$line->number, $line->ingredient], $right->lines))
        ->toBe([[0, 'lard'], [1, 'plain-flour'], [3, 'whole-milk']])
        ->and($right->lines[2]->mass->inGrams())
        ->toEqualWithDelta(1030.0, 1.0)
        ->and($right->unreadAt)
        ->toBe([4 => '3 twigs']);
});

it('refuses a recipe that no pan holds', function (): void {
    $recipe = (new Reader(Larder::house()))->read("100 kg flour\n100 kg butter\n900 kg milk");
    expect(fn() => Assay::of($recipe, Larder::house()))->toThrow(OutOfRange::class);
});
