<?php

declare(strict_types=1);

use Lento\Keeping\FoodSafety;
use Lento\Keeping\ReadingDoubt;
use Lento\Keeping\Verdict;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\Batch;
use Lento\Shelf\BinReason;
use Lento\Shelf\Happened\Binned;
use Lento\Shelf\Happened\Measured;
use Lento\Shelf\Happened\Moved;
use Lento\Shelf\Happened\Noted;
use Lento\Shelf\Happened\PouredOver;
use Lento\Shelf\Happened\ReadOff;
use Lento\Shelf\Happened\Reheated;
use Lento\Shelf\Happened\Taken;
use Lento\Shelf\Happened\Undone;
use Lento\Shelf\Ledger;
use Lento\Shelf\Lot;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;
use Lento\Shelf\Trouble;
use Lento\Shelf\Tub;
use Lento\Shelf\TubState;
use Lento\Thickness\Sauce;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Room;

covers(...Room::of('Shelf', 'Shelf/Happened', 'Keeping'));

require_once __DIR__ . '/shelf.php';

function tubRead(string $tub, string $clock, float $celsius, string $id = ''): ReadOff
{
    return new ReadOff(shelfMark($id === '' ? "read-$tub-$clock" : $id, $tub, $clock), Temperature::ofCelsius($celsius));
}

function oneTub(ShelfEvent ...$events): Tub
{
    return Batch::of(shelfLot(), array_values($events))->tubs['a'] ?? throw new RuntimeException('no tub');
}

it('goes from cooling to kept by its readings, and is used by its day', function (): void {
    $tub = oneTub(shelfPutIn('a', 2.0), tubRead('a', '18:50', 52.0), tubRead('a', '20:10', 20.5), tubRead('a', '22:30', 4.8));

    expect($tub->state(shelfAt('19:00')))
        ->toBe(TubState::Kept)
        ->and($tub->verdict(shelfAt('22:31')))
        ->toBe(Verdict::Passed)
        ->and($tub->useBy()?->format('Y-m-d'))
        ->toBe('2026-12-02')
        ->and($tub->trouble(shelfAt('23:00')))
        ->toBeNull()
        ->and($tub->trouble(shelfAt('60:00')))
        ->toBe(Trouble::UseSoon)
        ->and($tub->isPastUse(shelfAt('95:59')))
        ->toBeFalse()
        ->and($tub->isPastUse(shelfAt('96:00')))
        ->toBeTrue()
        ->and($tub->trouble(shelfAt('96:00')))
        ->toBe(Trouble::PastUse);
});

it('is late when it will not be cold in time, and failed once the gate is shut, read or not', function (): void {
    $deep = oneTub(shelfPutIn('a', 10.0), tubRead('a', '18:40', 80.0), tubRead('a', '19:30', 66.0));
    $never = oneTub(shelfPutIn('a', 2.0));

    expect($deep->state(shelfAt('19:31')))
        ->toBe(TubState::Cooling)
        ->and($deep->trouble(shelfAt('19:31')))
        ->toBe(Trouble::Late)
        ->and($deep->verdict(shelfAt('21:40')))
        ->toBe(Verdict::Failed)
        ->and($deep->trouble(shelfAt('21:40')))
        ->toBe(Trouble::Failed)
        ->and($deep->trouble(shelfAt('21:40'))?->isOver())
        ->toBeTrue()
        // Nobody looked: whatever the forecast says, nothing has passed.
        ->and($never->trouble(shelfAt('19:30')))
        ->toBe(Trouble::Unread)
        ->and($never->verdict(shelfAt('20:30')))
        ->toBe(Verdict::Failed);
});

it('lets a split go on with the clock and the readings of the tub it came from', function (): void {
    $batch = Batch::of(shelfLot(), [
        shelfPutIn('a', 4.0),
        tubRead('a', '18:50', 66.0),
        tubRead('a', '19:20', 54.0),
        shelfPutIn('b', 0.0, clock: '19:25'),
        shelfPutIn('c', 0.0, clock: '19:25'),
        new PouredOver(shelfMark('p1', 'a', '19:25'), 'b', Volume::ofLitres(2.0)),
        new PouredOver(shelfMark('p2', 'a', '19:25'), 'c', Volume::ofLitres(5.0)),
        tubRead('b', '20:30', 20.0),
    ]);
    [$a, $b, $c] = array_values($batch->tubs);

    expect($a->state(shelfAt('19:26')))
        ->toBe(TubState::Gone)
        ->and([$b->volume()->inLitres(), $c->volume()->inLitres()])
        ->toBe([2.0, 2.0])
        ->and($b->gates(shelfAt('20:31'))[0]->since)
        ->toEqual(shelfAt('18:50'))
        ->and($b->gates(shelfAt('20:31'))[0]->verdict)
        ->toBe(Verdict::Passed)
        // What was not read in c is not passed by what was read in b.
        ->and($c->verdict(shelfAt('20:51')))
        ->toBe(Verdict::Failed)
        ->and($batch->ledger()->made)
        ->toBe(4000)
        ->and($batch->ledger()->addsUp())
        ->toBeTrue();
});

it('counts what was taken, measured and binned to the millilitre', function (): void {
    $tub = oneTub(
        shelfPutIn('a', 2.5),
        new Taken(shelfMark('t', 'a', '19:00'), Volume::ofLitres(0.7), 'Fish, 20:15'),
        new Measured(shelfMark('m', 'a', '19:10'), Volume::ofLitres(1.75)),
        new Taken(shelfMark('t2', 'a', '19:20'), Volume::ofLitres(9.0)),
    );
    $binned = oneTub(
        shelfPutIn('a', 2.5),
        new Binned(shelfMark('b', 'a', '19:00'), BinReason::Quality, 'split'),
        new Noted(shelfMark('n', 'a', '19:01'), 'a pity'),
    );

    expect($tub->ledger())
        ->toEqual(Ledger::nothing()->madeMore(2500)->served(700)->lost(50)->served(1750))
        ->and($tub->openedAt())
        ->toEqual(shelfAt('19:00'))
        ->and($tub->goneAt())
        ->toEqual(shelfAt('19:20'))
        ->and($binned->ledger()->binned)
        ->toBe(2500)
        ->and($binned->binned()?->reason)
        ->toBe(BinReason::Quality)
        ->and($binned->state(shelfAt('19:05')))
        ->toBe(TubState::Gone);
});

it('takes back what was said of the wrong tub', function (): void {
    $undone = new Undone(shelfMark('u', 'a', '19:00'), 'oops');
    $again = new Undone(shelfMark('u2', 'a', '19:01'), 'u');
    $events = [shelfPutIn('a', 2.0), tubRead('a', '18:23', 12.0, 'oops')];

    expect(oneTub(...$events)->readings()[0]->doubt)
        ->toBe(ReadingDoubt::InAir)
        ->and(oneTub(...[...$events, $undone])->readings())
        ->toBe([])
        ->and(oneTub(...[...$events, $undone, $again])->readings())
        ->toHaveCount(1)
        ->and(
            oneTub(
                shelfPutIn('a', 2.0),
                new Binned(shelfMark('b', 'a', '19:00'), BinReason::Other),
                new Undone(shelfMark('u', 'a', '19:01'), 'b'),
            )->state(shelfAt('19:02')),
        )
        ->toBe(TubState::Cooling);
});

it('is held hot within its window, for its time, and looked at', function (): void {
    $hot = static fn(ShelfEvent ...$more): Tub => oneTub(shelfPutIn('a', 1.0, Spot::HotWell, '19:00', 70.0), ...array_values($more));
    $yolk = new Lot(
        shelfAt('18:00'),
        Sauce::nothing(),
        Temperature::ofCelsius(75.0),
        FoodSafety::ukGuidance(),
        shelfLot()->useBy,
    );
    $delicate = Batch::of($yolk, [
        shelfPutIn('a', 1.0, Spot::HotWell, '19:00', 70.0),
        tubRead('a', '19:20', 78.0),
    ])->tubs['a'];

    expect($hot()->state(shelfAt('19:10')))
        ->toBe(TubState::Hot)
        ->and($hot()->trouble(shelfAt('19:29')))
        ->toBeNull()
        ->and($hot()->looksNext(shelfAt('19:10')))
        ->toEqual(shelfAt('19:30'))
        ->and($hot()->trouble(shelfAt('19:31')))
        ->toBe(Trouble::Unread)
        ->and($hot(tubRead('a', '19:30', 55.0))->trouble(shelfAt('19:31')))
        ->toBe(Trouble::TooCold)
        ->and($hot(tubRead('a', '19:30', 65.0))->trouble(shelfAt('19:59')))
        ->toBeNull()
        ->and($hot()->hotUntil())
        ->toEqual(shelfAt('21:00'))
        ->and($hot()->trouble(shelfAt('21:01')))
        ->toBe(Trouble::TooLong)
        ->and($delicate->hotUntil())
        ->toEqual(shelfAt('20:00'))
        ->and($delicate->trouble(shelfAt('19:21')))
        ->toBe(Trouble::TooHot)
        ->and($delicate->useBy())
        ->toBeNull();
});

it('begins to cool when it leaves the hot well, as hot as it was last read there', function (): void {
    $tub = oneTub(
        shelfPutIn('a', 1.5, Spot::HotWell, '19:00', 70.0),
        tubRead('a', '20:00', 62.0),
        new Moved(shelfMark('m', 'a', '20:05'), Spot::FridgeUncovered),
    );
    $gate = $tub->gates(shelfAt('20:30'))[0];

    expect($tub->state(shelfAt('20:06')))
        ->toBe(TubState::Cooling)
        ->and($gate->since)
        ->toEqual(shelfAt('20:00'))
        ->and($tub->outlook()?->temperature(shelfAt('20:06'))->inCelsius())
        ->toBeGreaterThan(60.0)
        ->and($tub->looksNext(shelfAt('20:06')))
        ->not->toBeNull();
});

it('keeps longer frozen, and a day once it is thawed', function (): void {
    $events = [shelfPutIn('a', 1.5), tubRead('a', '19:30', 20.0), tubRead('a', '22:30', 4.0)];
    $frozen = [...$events, new Moved(shelfMark('f', 'a', '23:00'), Spot::Freezer)];
    $thawed = [...$frozen, new Moved(shelfMark('t', 'a', '270:00'), Spot::Fridge)];

    expect(oneTub(...$frozen)->state(shelfAt('23:01')))
        ->toBe(TubState::Frozen)
        ->and(oneTub(...$frozen)->useBy()?->format('Y-m-d'))
        ->toBe('2027-02-27')
        ->and(oneTub(...$thawed)->useBy()?->format('Y-m-d'))
        ->toBe('2026-12-11');
});

it('is reheated once, and hot from then on', function (): void {
    $tub = oneTub(
        shelfPutIn('a', 1.5),
        tubRead('a', '19:30', 20.0),
        tubRead('a', '22:30', 4.0),
        new Reheated(shelfMark('r', 'a', '40:00'), Temperature::ofCelsius(76.0)),
    );

    expect($tub->reheatedAt())
        ->toEqual(shelfAt('40:00'))
        ->and($tub->state(shelfAt('40:10')))
        ->toBe(TubState::Hot)
        ->and($tub->hotUntil())
        ->toEqual(shelfAt('42:00'))
        ->and($tub->verdict(shelfAt('40:10')))
        ->toBe(Verdict::Passed);
});

it('adds up to the millilitre whatever is done to it, in whatever order it is heard', function (): void {
    for ($seed = 1; $seed <= 150; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $events = [];
        $tubs = ['a'];
        $made = 0;
        $events[] = shelfPutIn('a', $random->getInt(1, 9000) / 1000.0);
        for ($k = 0; $k < 25; $k++) {
            $tub = $tubs[$random->getInt(0, count($tubs) - 1)];
            $mark = shelfMark("e$k", $tub, sprintf('%d:%02d', 18 + intdiv($k, 2), 30 + 20 * ($k % 2)));
            $volume = Volume::ofMillilitres((float) $random->getInt(0, 3000) + $random->getInt(0, 99) / 100.0);
            switch ($random->getInt(0, 8)) {
                case 0:
                    $id = 't' . $k;
                    $tubs[] = $id;
                    $events[] = shelfPutIn($id, $random->getInt(0, 1) * $random->getInt(1, 4000) / 1000.0, clock: $mark->at->format('H:i'));
                    break;
                case 1:
                case 2:
                    $events[] = new PouredOver($mark, $tubs[$random->getInt(0, count($tubs) - 1)], $volume);
                    break;
                case 3:
                case 4:
                    $events[] = new Taken($mark, $volume);
                    break;
                case 5:
                    $events[] = new Measured($mark, $volume);
                    break;
                case 6:
                    $events[] = new Binned($mark, BinReason::Other);
                    break;
                case 7:
                    $events[] = new Undone($mark, $events[$random->getInt(0, count($events) - 1)]->id);
                    break;
                default:
                    $events[] = tubRead($tub, $mark->at->format('H:i'), (float) $random->getInt(0, 90), "e$k");
            }
        }
        $batch = Batch::of(shelfLot(), $events);
        $ledger = $batch->ledger();
        foreach (Batch::counting($events) as $event) {
            $made += $event instanceof Lento\Shelf\Happened\PutIn ? (int) round($event->volume->inMillilitres()) : 0;
        }
        $kept = array_sum(array_map(static fn(Tub $tub): float => $tub->volume()->inMillilitres(), $batch->tubs));

        expect($ledger->addsUp())->toBeTrue()
            ->and($ledger->made)->toBe($made)
            ->and((int) round($kept))->toBe($ledger->kept)
            ->and(min([0, ...array_map(static fn(Tub $tub): int => $tub->ledger()->kept, $batch->tubs)]))->toBe(0)
            ->and(Batch::of(shelfLot(), $random->shuffleArray($events))->ledger()->addsUp())->toBeTrue();
    }
});
