<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Score\Band;
use Lento\Score\Begun;
use Lento\Score\Change;
use Lento\Score\ChangeKind;
use Lento\Score\Figure;
use Lento\Score\Interval;
use Lento\Score\Lag;
use Lento\Score\Ring;
use Lento\Score\Service;
use Lento\Score\Shelf;
use Lento\Score\Store;
use Lento\Score\StoreKind;
use Lento\Score\Times;
use Lento\Score\Visits;
use Lento\Score\Wants;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

const THREE_DAYS = 4320;

/** Each number up to where it may go, and one beyond. */
it('takes each number as far as it may go, and refuses the next', function (Closure $make, int $least, int $most): void {
    /** @var Closure(int): object $make */
    expect($make($least))->toBeObject()->and($make($most))->toBeObject()
        ->and(static fn(): object => $make($least - 1))->toThrow(OutOfRange::class)
        ->and(static fn(): object => $make($most + 1))->toThrow(OutOfRange::class);
})->with([
    'likely' => [static fn(int $n): Band => Band::exactly($n), 1, THREE_DAYS],
    'low' => [static fn(int $n): Band => new Band(20, $n, 30), 0, 20],
    'high' => [static fn(int $n): Band => new Band(20, 10, $n), 20, THREE_DAYS],
    'minutes of what was begun' => [static fn(int $n): Begun => new Begun('a', 0, $n, true), 1, THREE_DAYS],
    'minute of a change' => [static fn(int $n): Change => new Change(ChangeKind::Start, 'a', $n), -THREE_DAYS, THREE_DAYS],
    'end of a change' => [static fn(int $n): Change => new Change(ChangeKind::Away, 'a', 10, $n), 10, THREE_DAYS],
    'least wait' => [static fn(int $n): Lag => new Lag('a', 'b', $n), -THREE_DAYS, THREE_DAYS],
    'most wait' => [static fn(int $n): Lag => new Lag('a', 'b', 0, $n), -THREE_DAYS, THREE_DAYS],
    'pan of a ring' => [static fn(int $n): Ring => new Ring('a', $n, 2), 0, 2000],
    'power of a ring' => [static fn(int $n): Ring => new Ring('a', 200, $n), 1, 3],
    'spare' => [static fn(int $n): Service => new Service(100, $n), 0, THREE_DAYS],
    'weight' => [static fn(int $n): Service => new Service(100, 0, $n), 1, 1000],
    'held as one likes' => [static fn(int $n): Service => new Service(100, holdLike: $n), 0, THREE_DAYS],
    'held at most' => [static fn(int $n): Service => new Service(100, holdMax: $n), 0, THREE_DAYS],
    'oven' => [static fn(int $n): Shelf => new Shelf([], $n), 0, 1000],
    'hot well' => [static fn(int $n): Shelf => new Shelf([], 1, $n), 0, 1000],
    'slots' => [static fn(int $n): Store => new Store('a', StoreKind::Oven, $n), 0, 1000],
    'clock' => [static fn(int $n): Times => new Times($n, 0, 100), 0, 1439],
    'now' => [static fn(int $n): Times => new Times(0, $n, THREE_DAYS), -THREE_DAYS, THREE_DAYS],
    'horizon' => [static fn(int $n): Times => new Times(0, 50, $n), 50, THREE_DAYS],
    'horizon of what is over' => [static fn(int $n): Times => new Times(0, -50, $n), 1, THREE_DAYS],
    'every' => [static fn(int $n): Visits => new Visits($n, 1), 2, THREE_DAYS],
    'slack' => [static fn(int $n): Visits => new Visits(10, $n), 0, THREE_DAYS],
    'minutes of a look' => [static fn(int $n): Visits => new Visits(10, 1, $n), 1, 60],
    'looks made' => [static fn(int $n): Visits => new Visits(10, 1, 1, $n), 0, THREE_DAYS],
    'pan that is wanted' => [static fn(int $n): Wants => new Wants($n), 0, 2000],
    'power that is wanted' => [static fn(int $n): Wants => new Wants(200, $n), 1, 3],
    'serving' => [static fn(int $n): object => Services::changed([['sauces', 0, 'serve_at', $n]]), 0, 300],
]);

it('has an end that is not before its beginning, and meets what it meets', function (): void {
    $one = new Interval(10, 20);
    expect(static fn(): Interval => new Interval(10, 9))->toThrow(OutOfRange::class)
        ->and(new Interval(10, 10))->toBeInstanceOf(Interval::class)
        ->and($one->meets(20, 30))->toBeFalse()->and($one->meets(19, 30))->toBeTrue()
        ->and($one->meets(0, 10))->toBeFalse()->and($one->meets(0, 11))->toBeTrue();
    $ring = new Ring('front', 240, 2, [$one]);
    expect($ring->isOut(20, 30))->toBeFalse()->and($ring->isOut(5, 11))->toBeTrue()
        ->and($ring->takes(240, 2))->toBeTrue()->and($ring->takes(241, 2))->toBeFalse()->and($ring->takes(240, 3))->toBeFalse();
});

it('knows which waits tie, stretch and hold', function (): void {
    expect((new Lag('a', 'b', 0, 15))->ties())->toBeTrue()->and((new Lag('a', 'b', 0, 16))->ties())->toBeFalse()
        ->and((new Lag('a', 'b', 0))->ties())->toBeFalse()->and((new Lag('a', 'b', 0))->stretches())->toBeTrue()
        ->and((new Lag('a', 'b', 5, 5))->stretches())->toBeFalse()->and((new Lag('a', 'b', 5, 6))->stretches())->toBeTrue()
        ->and((new Service(100, 12))->due())->toBe(88);
});

it('says how long what comes next may be waited for', function (Figure $one, Figure $next, int $minutes): void {
    expect($one->waitsFor($next))->toBe($minutes);
})->with([
    'set out, and anything' => [Figure::SetOut, Figure::Roux, 90],
    'a roux on its way to the oven' => [Figure::Roux, Figure::Bake, 1],
    'out of the oven' => [Figure::Bake, Figure::LetDown, 1],
    'a hot roux let down' => [Figure::Roux, Figure::LetDown, 0],
    'a hot roux, and the liquid' => [Figure::Roux, Figure::Pour, 4],
    'let down' => [Figure::LetDown, Figure::Pour, 8],
    'poured' => [Figure::Pour, Figure::Boil, 0],
    'at the boil' => [Figure::Boil, Figure::Simmer, 0],
    'skimmed' => [Figure::Skim, Figure::Simmer, 0],
    'skimmed, and something goes in' => [Figure::Skim, Figure::Enrich, 2],
    'browned, and the flour' => [Figure::Brown, Figure::Roux, 1],
    'browned' => [Figure::Brown, Figure::Pour, 4],
    'infused' => [Figure::Infuse, Figure::Pour, 25],
    'warmed' => [Figure::Warm, Figure::Pour, 25],
    'apart' => [Figure::Apart, Figure::Enrich, 60],
    'simmered' => [Figure::Simmer, Figure::Finish, 8],
    'ladled' => [Figure::Ladle, Figure::Enrich, 2],
    'stirred in' => [Figure::Enrich, Figure::Finish, 4],
]);
