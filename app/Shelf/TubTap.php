<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Format\Degrees;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnVessel;
use App\Models\Tub as TubRow;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Lento\Keeping\ReadingSense;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\Batch as KeptBatch;
use Lento\Shelf\BinReason;
use Lento\Shelf\EventKind;
use Lento\Shelf\Happened;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;
use Lento\Shelf\Tub;
use Lento\Shelf\TubState;

/** What a page says has happened to a tub: events to add, or what is wrong with it and at which field. */
final readonly class TubTap
{
    private const MOST_SPLIT = 12;

    /** ml: a hair more than there is means all of it. */
    private const SLACK = 10.0;

    /** @param array<int, OwnVessel> $vessels of the kitchen, by id */
    public function __construct(private Kitchen $kitchen, private array $vessels, private CarbonImmutable $now) {}

    /**
     * @param array<string, mixed> $said
     *
     * @return list<ShelfEvent>|FieldFault
     */
    public function read(array $said, TubRow $row, KeptBatch $batch): array|FieldFault
    {
        $text = static fn(string $field): string => is_scalar($said[$field] ?? null) ? trim((string) $said[$field]) : '';
        $tub = $batch->tubs[$row->uid] ?? null;
        $kind = $text('kind');
        if ($tub === null) {
            return FieldFault::of('kind', 'tub_gone');
        }
        if (in_array($kind, [EventKind::Undone->value, EventKind::Note->value], true)) {
            return $kind === EventKind::Note->value ? $this->note($text('text'), $tub) : $this->undone($text('undoes'), $tub);
        }
        if ($tub->state($this->now) === TubState::Gone) {
            return FieldFault::of('kind', 'tub_gone');
        }

        return match ($kind) {
            EventKind::Read->value => $this->reading($text('celsius'), $tub),
            EventKind::Moved->value => $this->moved($text('spot'), $tub),
            EventKind::Taken->value => $this->taken($text, $tub),
            EventKind::Measured->value => $this->measured($text('litres'), $tub),
            EventKind::Reheated->value => $this->reheated($text('celsius'), $tub),
            EventKind::Binned->value => $this->binned($text('reason'), $text('words'), $tub),
            'split' => $this->split($text, $tub),
            'together' => $this->together($text('to'), $tub, $batch),
            default => OneOf::of([...array_column(EventKind::cases(), 'value'), 'split', 'together'])->fault('kind', $kind),
        };
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function reading(string $typed, Tub $tub): array|FieldFault
    {
        $celsius = $this->celsius('celsius', $typed);

        return $celsius instanceof FieldFault ? $celsius : [new Happened\ReadOff($this->mark($tub), $celsius)];
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function moved(string $typed, Tub $tub): array|FieldFault
    {
        $spot = OneOf::cases(Spot::cases());
        $to = Spot::tryFrom($spot->meant($typed) ?? '');
        if ($to === null) {
            return $spot->fault('spot', $typed);
        }

        return match (true) {
            $to === $tub->spot() => [],
            // What was made hot again is not made cold again, and what is cold gets hot in a pan, to its figure.
            !$to->isHot() && $tub->reheatedAt() !== null => FieldFault::of('spot', 'cooled_twice'),
            $to->isHot() && !$tub->spot()->isHot() && $tub->state($this->now) !== TubState::Cooling => FieldFault::of(
                'spot',
                'heat_first',
                ['to' => Degrees::text($tub->lot->rules->reheatTo)],
            ),
            $to === Spot::Freezer && $tub->lot->useBy->frozenDays === 0 => FieldFault::of('spot', 'not_frozen'),
            $to === Spot::Freezer && $tub->state($this->now) !== TubState::Kept => FieldFault::of('spot', 'cold_first'),
            default => [new Happened\Moved($this->mark($tub), $to)],
        };
    }

    /**
     * @param callable(string): string $text
     *
     * @return list<ShelfEvent>|FieldFault
     */
    private function taken(callable $text, Tub $tub): array|FieldFault
    {
        $volume = $this->litres($text('litres'), $tub);
        if ($volume instanceof FieldFault) {
            return $volume;
        }
        $despite = $text('despite');
        $over = $tub->isPastUse($this->now) || $tub->trouble($this->now)?->isOver() === true;
        $fields = Fields::read(['for' => $text('for'), 'despite' => $despite], [
            'for' => ['max:' . Happened\Taken::LONGEST],
            'despite' => ['max:' . Happened\Taken::LONGEST],
        ]);
        if ($fields->faults !== []) {
            return array_values($fields->faults)[0];
        }
        $by = StoredShelf::by() === '' ? mb_substr($text('by'), 0, Mark::LONGEST_NAME) : StoredShelf::by();
        if ($over && ($despite === '' || $by === '')) {
            return FieldFault::of($despite === '' ? 'despite' : 'by', 'past_use');
        }

        return [new Happened\Taken($this->mark($tub, $by), $volume, $text('for'), $over ? $despite : '')];
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function measured(string $typed, Tub $tub): array|FieldFault
    {
        $most = $tub->vessel()->brim()->inLitres();
        $range = Number::between(0.0, round($most, 2), ' l')->needed();
        $litres = Fields::read(['litres' => $typed], ['litres' => [$range]]);

        return $litres->faults['litres'] ?? [
            new Happened\Measured($this->mark($tub), Volume::ofLitres($litres->number('litres') ?? 0.0)),
        ];
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function reheated(string $typed, Tub $tub): array|FieldFault
    {
        if ($tub->reheatedAt() !== null) {
            return FieldFault::of('celsius', 'reheated_once', ['at' => $tub->reheatedAt()->format('j M, H:i')]);
        }
        if ($tub->state($this->now) !== TubState::Kept) {
            return FieldFault::of('celsius', $tub->state($this->now) === TubState::Frozen ? 'thaw_first' : 'not_cold_yet');
        }
        if ($tub->isPastUse($this->now)) {
            return FieldFault::of('celsius', 'past_use_reheat');
        }
        $celsius = $this->celsius('celsius', $typed);

        return match (true) {
            $celsius instanceof FieldFault => $celsius,
            $celsius->kelvin < $tub->lot->rules->reheatTo->kelvin - 1e-9 => FieldFault::of('celsius', 'reheat_on', [
                'to' => Degrees::text($tub->lot->rules->reheatTo),
            ]),
            default => [new Happened\Reheated($this->mark($tub), $celsius)],
        };
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function binned(string $reason, string $words, Tub $tub): array|FieldFault
    {
        $fields = Fields::read(['reason' => $reason, 'words' => $words], [
            'reason' => [OneOf::cases(BinReason::cases())->needed()],
            'words' => ['max:' . Happened\Binned::LONGEST],
        ]);
        $why = $fields->enum('reason', BinReason::class);

        return $why === null || $fields->faults !== []
            ? array_values($fields->faults)[0]
            : [new Happened\Binned($this->mark($tub), $why, $words)];
    }

    /**
     * Into so many other vessels, evenly; the one it stood in is empty then.
     *
     * @param callable(string): string $text
     *
     * @return list<ShelfEvent>|FieldFault
     */
    private function split(callable $text, Tub $tub): array|FieldFault
    {
        $read = Fields::read(['count' => $text('count'), 'vessel' => $text('vessel'), 'spot' => $text('spot')], [
            'count' => [Number::whole(1, self::MOST_SPLIT)->needed()],
            'vessel' => [OneOf::of(array_map(strval(...), array_keys($this->vessels)))->needed()],
            'spot' => [OneOf::cases(Spot::cases())],
        ]);
        $vessel = $this->vessels[(int) $text('vessel')] ?? null;
        if ($read->faults !== [] || $vessel === null) {
            return array_values($read->faults)[0] ?? FieldFault::of('vessel', 'tub_gone');
        }
        $count = max(1, (int) $read->number('count'));
        $spot = $read->enum('spot', Spot::class) ?? $tub->spot();
        if (!$vessel->measured()->holds(Volume::ofMillilitres($tub->volume()->inMillilitres() / $count))) {
            return FieldFault::of('count', 'too_full', [
                'most' => sprintf('%.1F', floor(10.0 * $vessel->measured()->most()->inLitres()) / 10.0),
            ]);
        }
        $events = [];
        foreach (PutAway::cut($tub->volume(), $count) as $volume) {
            $to = (string) Str::uuid();
            $events[] = new Happened\PutIn(
                Mark::of((string) Str::uuid(), $to, $this->now->toDateTimeImmutable(), StoredShelf::by()),
                $vessel->measured(),
                $vessel->name,
                Volume::ofMillilitres(0.0),
                $tub->believedTemperature($this->now),
                $spot,
            );
            $events[] = new Happened\PouredOver($this->mark($tub), $to, $volume);
        }

        return $events;
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function together(string $to, Tub $tub, KeptBatch $batch): array|FieldFault
    {
        $other = $to === $tub->id() ? null : $batch->tubs[$to] ?? null;
        if ($other === null || $other->state($this->now) === TubState::Gone) {
            return FieldFault::of('to', 'other_batch');
        }
        $both = Volume::ofCubicMetres($tub->volume()->cubicMetres + $other->volume()->cubicMetres);
        $alike = $tub->state($this->now) === $other->state($this->now)
            && $tub->state($this->now) === TubState::Kept
            && $tub->useBy()?->getTimestamp() === $other->useBy()?->getTimestamp();

        return match (true) {
            !$alike => FieldFault::of('to', 'not_alike'),
            !$other->vessel()->holds($both) => FieldFault::of('to', 'too_full', [
                'most' => sprintf('%.1F', floor(10.0 * $other->vessel()->most()->inLitres()) / 10.0),
            ]),
            default => [new Happened\PouredOver($this->mark($tub), $to, $tub->volume())],
        };
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function note(string $words, Tub $tub): array|FieldFault
    {
        $fields = Fields::read(['text' => $words], ['text' => ['required', 'max:' . Happened\Noted::LONGEST]]);

        return $fields->faults['text'] ?? [new Happened\Noted($this->mark($tub), $words)];
    }

    /** @return list<ShelfEvent>|FieldFault */
    private function undone(string $token, Tub $tub): array|FieldFault
    {
        return $token === '' || strlen($token) > Mark::LONGEST_ID
            ? FieldFault::of('undoes', 'missing')
            : [new Happened\Undone($this->mark($tub), $token)];
    }

    private function litres(string $typed, Tub $tub): Volume|FieldFault
    {
        $there = $tub->volume();
        if ($typed === '') {
            return $there;
        }
        $range = Number::between(0.001, round($there->inLitres(), 3), ' l');
        $litres = TypedNumber::number($typed);

        return $litres === null || $litres <= 0.0 || 1000.0 * $litres > $there->inMillilitres() + self::SLACK
            ? $range->outside('litres')
            : Volume::ofMillilitres(min($there->inMillilitres(), 1000.0 * $litres));
    }

    private function celsius(string $field, string $typed): Temperature|FieldFault
    {
        $isFahrenheit = $this->kitchen->fahrenheit();
        $range = $isFahrenheit
            ? Number::between(ReadingSense::LEAST_CELSIUS * 1.8 + 32.0, 212.0, ' °F')
            : Number::between(ReadingSense::LEAST_CELSIUS, ReadingSense::MOST_CELSIUS, ' °C');
        $fields = Fields::read([$field => $typed], [$field => [$range->needed()]]);
        $number = $fields->number($field);

        return $number === null
            ? $fields->faults[$field]
            : ($isFahrenheit ? Temperature::ofFahrenheit($number) : Temperature::ofCelsius($number));
    }

    private function mark(Tub $tub, ?string $by = null): Mark
    {
        return Mark::of((string) Str::uuid(), $tub->id(), $this->now->toDateTimeImmutable(), $by ?? StoredShelf::by());
    }
}
