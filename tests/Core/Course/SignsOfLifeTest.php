<?php

declare(strict_types=1);

use Lento\Course\Course;
use Lento\Course\Happened\Noted;
use Lento\Course\SignsOfLife;
use Lento\Course\Stamp;
use Lento\Plan\Plan;

/** A free pot put on at noon, with a note at each of these hours after. */
function noted(float ...$hours): Course
{
    $noon = new DateTimeImmutable('2026-11-01T12:00:00Z');
    $steps = Plan::free()->steps;
    $events = array_map(
        static fn(float $hour): Noted => new Noted(
            Stamp::of('n' . $hour, $steps[0]->id, $noon->modify(sprintf('+%d seconds', (int) (3600.0 * $hour)))),
            'x',
        ),
        $hours,
    );

    return Course::of($steps, $noon, $events);
}

/** h after noon */
function hour(DateTimeImmutable $at): float
{
    return ($at->getTimestamp() - (new DateTimeImmutable('2026-11-01T12:00:00Z'))->getTimestamp()) / 3600.0;
}

it('asks after twelve hours, and reckons for a day after the last hand', function (): void {
    $signs = SignsOfLife::of(noted(1.0, 5.0));
    $at = static fn(float $hour): DateTimeImmutable => (new DateTimeImmutable('2026-11-01T12:00:00Z'))
        ->modify(sprintf('+%d seconds', (int) (3600.0 * $hour)));
    expect(hour($signs->last))->toBe(5.0)
        ->and($signs->mayBeForgotten($at(17.0)))->toBeFalse()
        ->and($signs->mayBeForgotten($at(17.1)))->toBeTrue()
        ->and(hour($signs->until))->toBe(29.0)
        ->and($signs->isBroken($at(29.0)))->toBeFalse()
        ->and($signs->isBroken($at(29.1)))->toBeTrue()
        ->and(hour(SignsOfLife::askedBefore($at(20.0))))->toBe(8.0);
});

it('does not reckon over a silence of more than a day, whatever is said after it', function (): void {
    $signs = SignsOfLife::of(noted(1.0, 40.0, 41.0));
    expect(hour($signs->until))->toBe(25.0)->and(hour($signs->last))->toBe(41.0);
    expect(hour(SignsOfLife::of(noted())->until))->toBe(24.0);
    expect(count(noted(1.0, 40.0, 41.0)->until($signs->until)->events))->toBe(1);
});
