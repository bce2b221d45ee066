<?php

declare(strict_types=1);

use App\Formats\PracticeJson;
use App\Records\DeedCodec;
use App\Records\Unreadable;
use Lento\Compose\Base;
use Lento\Course\Reading;
use Lento\Exception\LentoException;
use Lento\Heat\HobHeat;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Lid;
use Lento\Pot\SimmerLevel;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Practice\Look;
use Lento\Practice\Played;
use Lento\Practice\PracticePot;
use Lento\Practice\Where;
use Lento\Quantity\Mass;
use Lento\Roux\Shade;
use Tests\Core\Practice\Kitchens;

it('writes a deed down and reads the very same', function (Deed $deed): void {
    expect(DeedCodec::decode(DeedCodec::encode($deed))->equals($deed))->toBeTrue()
        ->and(DeedCodec::all([json_decode((string) json_encode(DeedCodec::encode($deed)), true)])[0]->equals($deed))->toBeTrue();
})->with([
    'a flame' => [Deed::heat(12, HobHeat::MediumHigh)],
    'off' => [Deed::heat(13, null)],
    'a simmer' => [Deed::hold(14, SimmerLevel::Brisk)],
    'the edge' => [Deed::stir(15, 0.5, Where::Edge)],
    'left alone' => [Deed::stir(16, 0.0)],
    'butter' => [Deed::add(17, 'butter', Mass::ofGrams(122.5))],
    'a whisk' => [Deed::whisk(18, 25)],
    'a lid' => [Deed::lid(19, Lid::Covered)],
    'done' => [Deed::of(20, DeedKind::Done)],
    'a dip' => [Deed::of(21, DeedKind::Dip)],
]);

it('reads no deed that is none', function (array $row): void {
    $refused = false;
    try {
        DeedCodec::all([$row]);
    } catch (LentoException|Unreadable) {
        $refused = true;
    }
    expect($refused)->toBeTrue();
})->with([
    [[]], [['at' => 1]], [['kind' => 'heat']], [['at' => -1, 'kind' => 'done']], [['at' => 1.5, 'kind' => 'done']],
    [['at' => 1, 'kind' => 'boil']], [['at' => 1, 'kind' => 'heat', 'way' => 'hot']], [['at' => 1, 'kind' => 'hold']],
    [['at' => 1, 'kind' => 'add', 'what' => 'butter']], [['at' => 1, 'kind' => 'stir', 'amount' => 2.0]],
    [['at' => 99_999, 'kind' => 'done']], [['at' => 1, 'kind' => 'lid', 'way' => 'half']],
]);

it('tells one row a look, its shares in the order that is told with them, words only where they change', function (): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $pot = new PracticePot($exercise);
    $played = $pot->after([Deed::heat(0, HobHeat::Medium), Deed::add(0, 'butter', Mass::ofGrams(70.0))]);
    $looks = $pot->ahead(0, 600, $played);
    $told = PracticeJson::of($looks, $exercise->plan);
    $words = array_map(static fn(array $row): array => array_slice($row, 1), $told['words']);
    expect($told['looks'])->toHaveCount(count($looks))
        ->and($told['looks'][0])->toHaveCount(3 + count(Look::NAMES))
        ->and(count($told['words']))->toBeGreaterThan(2)->toBeLessThan(count($looks))
        ->and($told['turns'])->not->toBe([]);
    for ($i = 1; $i < count($words); $i++) {
        expect($words[$i])->not->toBe($words[$i - 1]);
    }
    expect($pot->until(600, Played::from($pot->begun()))->second())->toBe(600);
});

it('carries the error of an eye with its reading, and believes a wild eye less', function (): void {
    $read = Reading::colour(Shade::of(1.4))->byAnEye(0.6);
    $house = KitchenFactors::house();
    $factors = static fn(?float $error): float => $house->afterColour(Shade::of(1.4), Shade::of(1.0), $error)->browning->value;
    expect($read->error)->toBe(0.6)
        ->and(Reading::colour(Shade::of(1.4))->error)->toBeNull()
        ->and(Reading::colour(Shade::of(1.4))->byAnEye(99.0)->error)->toBe(2.0)
        ->and(Reading::colour(Shade::of(1.4))->byAnEye(NAN)->error)->toBe(2.0)
        ->and($factors(0.6))->toBeLessThan($factors(null))
        ->and($factors(0.05))->toBeGreaterThan($factors(null))
        ->and($factors(0.6))->toBeGreaterThan(1.0);
});
