<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeZone;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\FollowUp;
use Lento\Course\Happened;
use Lento\Course\KeptAs;
use Lento\Course\Outcome;
use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Course\Stamp;
use Lento\Course\Taste;
use Lento\Heat\HobHeat;
use Lento\Plan\TendingKind;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\RemedyKind;
use Lento\Roux\Colour;
use Lento\Thickness\SpoonWord;

/**
 * What an event says, by the same names in the row, in the log file and in what is read from a tablet; docs/formats/event.schema.json.
 *
 * In SI. A kind that this Lento does not know is kept with all it says.
 */
final readonly class EventCodec
{
    public const VERSION = 2;

    /** @return array<string, mixed> its kind's own fields */
    public static function fields(Event $event): array
    {
        return array_filter(
            match (true) {
                $event instanceof Happened\Done => ['to' => $event->to],
                $event instanceof Happened\Poured, $event instanceof Happened\Unpoured => ['addition' => $event->addition],
                $event instanceof Happened\MoreTime => ['s' => $event->time->seconds],
                $event instanceof Happened\Tended => ['visit' => $event->tending->value],
                $event instanceof Happened\HeatSet => ['heat' => $event->heat->value],
                $event instanceof Happened\ReadOff => [
                    'reading' => $event->reading->kind->value,
                    'si' => $event->reading->inSi(),
                    'error' => $event->reading->error,
                ],
                $event instanceof Happened\Tasted => ['taste' => $event->taste->value],
                $event instanceof Happened\ToppedUp => ['m3' => $event->liquid->cubicMetres],
                $event instanceof Happened\Added => [
                    'of' => $event->ingredient,
                    'kg' => $event->mass->kilograms,
                    'joins' => SauceCodec::sauce($event->joins),
                ],
                $event instanceof Happened\StoppedPouring => ['m3' => $event->left->cubicMetres],
                $event instanceof Happened\ChangedPan => ['pan' => PlanCodec::pan($event->pan)],
                $event instanceof Happened\Thickened => ['means' => $event->means->value, 'kg' => $event->thickener->kilograms],
                $event instanceof Happened\Rescued => [
                    'fault' => $event->fault->value,
                    'remedy' => $event->remedy->value,
                    'm3' => $event->liquid?->cubicMetres,
                    'kg' => $event->solid?->kilograms,
                    'means' => $event->means?->value,
                ],
                $event instanceof Happened\FollowedUp => ['how' => $event->how->value, 'rescue' => $event->rescue],
                $event instanceof Happened\Moved => ['place' => $event->place],
                $event instanceof Happened\TakenOver => ['cook' => $event->cook],
                $event instanceof Happened\KeptFor => ['kept' => $event->kept->value],
                $event instanceof Happened\LadledOff => [
                    'm3' => $event->volume->cubicMetres,
                    'branch' => $event->branch === '' ? null : $event->branch,
                    'for' => $event->for === '' ? null : $event->for,
                ],
                $event instanceof Happened\Noted => ['text' => $event->text],
                $event instanceof Happened\Undone => ['undoes' => $event->undoes],
                $event instanceof Happened\Finished => ['outcome' => $event->outcome === null ? null : self::outcome($event->outcome)],
                $event instanceof Happened\Unknown => $event->fields,
                default => [],
            },
            static fn(mixed $value): bool => $value !== null,
        );
    }

    public static function kind(Event $event): string
    {
        return $event instanceof Happened\Unknown ? $event->name : $event->kind()->value;
    }

    /**
     * @param string $kind one that is not known makes an Unknown
     * @param Node $node with the kind's own fields
     *
     * @throws Unreadable naming the field
     */
    public static function event(string $kind, Stamp $stamp, Node $node): Event
    {
        return $node->into(
            static fn(Node $node): Event => match (EventKind::tryFrom($kind)) {
                EventKind::Done => new Happened\Done($stamp, $node->maybe('to')?->text()),
                EventKind::Back => new Happened\WentBack($stamp),
                EventKind::Poured => new Happened\Poured($stamp, $node->get('addition')->text()),
                EventKind::Unpoured => new Happened\Unpoured($stamp, $node->get('addition')->text()),
                EventKind::MoreTime => new Happened\MoreTime($stamp, Duration::ofSeconds($node->get('s')->float())),
                EventKind::Tended => new Happened\Tended($stamp, $node->get('visit')->one(TendingKind::class)),
                EventKind::Heat => new Happened\HeatSet(
                    $stamp,
                    HobHeat::tryFrom($node->get('heat')->text()) ?? $node->get('heat')->one(SimmerLevel::class),
                ),
                EventKind::Read => new Happened\ReadOff(
                    $stamp,
                    self::reading($node),
                ),
                EventKind::Tasted => new Happened\Tasted($stamp, $node->get('taste')->one(Taste::class)),
                EventKind::Added => new Happened\Added(
                    $stamp,
                    $node->get('of')->name(),
                    Mass::ofKilograms($node->get('kg')->float()),
                    SauceCodec::toSauce($node->get('joins')),
                ),
                EventKind::StoppedPouring => new Happened\StoppedPouring($stamp, Volume::ofCubicMetres($node->get('m3')->float())),
                EventKind::ChangedPan => new Happened\ChangedPan($stamp, PlanCodec::toPan($node->get('pan'))),
                EventKind::ToppedUp => new Happened\ToppedUp($stamp, Volume::ofCubicMetres($node->get('m3')->float())),
                EventKind::Thickened => new Happened\Thickened(
                    $stamp,
                    $node->get('means')->one(Means::class),
                    Mass::ofKilograms($node->get('kg')->float()),
                ),
                EventKind::Rescued => self::rescued($stamp, $node),
                EventKind::FollowedUp => new Happened\FollowedUp(
                    $stamp,
                    $node->get('how')->one(FollowUp::class),
                    $node->get('rescue')->text(),
                ),
                EventKind::Moved => new Happened\Moved($stamp, $node->get('place')->text()),
                EventKind::TakenOver => new Happened\TakenOver($stamp, $node->get('cook')->text()),
                EventKind::Kept => new Happened\KeptFor($stamp, $node->get('kept')->one(KeptAs::class)),
                EventKind::LadledOff => new Happened\LadledOff(
                    $stamp,
                    Volume::ofCubicMetres($node->get('m3')->float()),
                    $node->maybe('branch')?->text() ?? '',
                    $node->maybe('for')?->text() ?? '',
                ),
                EventKind::Note => new Happened\Noted($stamp, $node->get('text')->text()),
                EventKind::Undone => new Happened\Undone($stamp, $node->get('undoes')->text()),
                EventKind::Finished => new Happened\Finished($stamp, $node->has('outcome') ? self::toOutcome($node->get('outcome')) : null),
                EventKind::TakenOff => new Happened\TakenOff($stamp),
                EventKind::Unknown, null => new Happened\Unknown($stamp, $kind, $node->raw()),
            },
        );
    }

    /** @return array<string, mixed> */
    public static function outcome(Outcome $outcome): array
    {
        return array_filter([
            'm3' => $outcome->volume->cubicMetres,
            'spoon' => $outcome->spoon->value,
            'colour' => $outcome->colour?->value,
            'taste' => $outcome->taste === '' ? null : $outcome->taste,
            'change' => $outcome->change === '' ? null : $outcome->change,
            'held_m3' => $outcome->held->cubicMetres > 0.0 ? $outcome->held->cubicMetres : null,
            'cooled_m3' => $outcome->cooled->cubicMetres > 0.0 ? $outcome->cooled->cubicMetres : null,
        ], static fn(float|string|null $value): bool => $value !== null);
    }

    public static function toOutcome(Node $node): Outcome
    {
        return $node->into(
            static fn(Node $node): Outcome => Outcome::of(
                Volume::ofCubicMetres($node->get('m3')->float()),
                $node->get('spoon')->one(SpoonWord::class),
                $node->maybe('colour')?->one(Colour::class),
            )
                ->saying($node->maybe('taste')?->text() ?? '', $node->maybe('change')?->text() ?? '')
                ->keeping(
                    Volume::ofCubicMetres($node->maybe('held_m3')?->float() ?? 0.0),
                    Volume::ofCubicMetres($node->maybe('cooled_m3')?->float() ?? 0.0),
                ),
        );
    }

    /** @return array<string, mixed> as a line of a log file, its moment in UTC to the millisecond */
    public static function toFile(Event $event): array
    {
        return [
            'id' => $event->id,
            'at' => $event->at->setTimezone(new DateTimeZone('UTC'))->format(Moment::FORMAT),
            'kind' => self::kind($event),
            'step' => $event->step,
            ...self::fields($event),
        ];
    }

    /** @throws Unreadable naming the field */
    public static function ofFile(Node $node): Event
    {
        $own = array_diff_key($node->raw(), ['id' => 0, 'at' => 0, 'kind' => 0, 'step' => 0]);
        $at = Moment::read($node->get('at'));
        $stamp = $node->into(static fn(Node $node): Stamp => Stamp::of($node->get('id')->name(), $node->get('step')->text(), $at));

        return self::event($node->get('kind')->name(), $stamp, $node->within($own));
    }

    /** @return array<string, int|string|null> as a row */
    public static function toRow(Event $event): array
    {
        $fields = self::fields($event);

        return [
            'token' => $event->id,
            'version' => self::VERSION,
            'kind' => self::kind($event),
            'step' => $event->step,
            'at_ms' => Moment::ms($event->at),
            'visit' => $event instanceof Happened\Tended ? $event->tending->value : null,
            'undoes' => $event instanceof Happened\Undone ? $event->undoes : null,
            'data'
                => $fields === []
                    ? '{}'
                    : json_encode(
                        $fields,
                        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
                    ),
        ];
    }

    /** @param array<string, mixed> $row straight from the table, for thousands of them are read for one page */
    public static function ofRow(array $row): Event
    {
        $text = static fn(string $column): string => is_string($row[$column] ?? null) ? $row[$column] : '';
        $at = Moment::of(is_numeric($row['at_ms'] ?? null) ? (int) $row['at_ms'] : 0);
        $data = $text('data');

        return self::event(
            $text('kind'),
            Stamp::of($text('token'), $text('step'), $at),
            Node::root($data === '' || $data === '{}' ? self::visit($text('visit')) : json_decode($data, true, 32), 'event'),
        );
    }

    /**
     * Where only the last visits were asked for, the kind of visit is all that is known of each.
     *
     * @return array<string, string>
     */
    private static function visit(string $visit): array
    {
        return $visit === '' ? [] : ['visit' => $visit];
    }

    private static function rescued(Stamp $stamp, Node $node): Happened\Rescued
    {
        [$liquid, $solid] = [$node->maybe('m3')?->float(), $node->maybe('kg')?->float()];

        return Happened\Rescued::from(
            $stamp,
            $node->get('fault')->one(Fault::class),
            $node->get('remedy')->one(RemedyKind::class),
            $liquid === null ? null : Volume::ofCubicMetres($liquid),
            $solid === null ? null : Mass::ofKilograms($solid),
            $node->maybe('means')?->one(Means::class),
        );
    }

    private static function reading(Node $node): Reading
    {
        $reading = Reading::ofSi($node->get('reading')->one(ReadingKind::class), $node->get('si')->float());
        $error = $node->maybe('error')?->float();

        return $error === null ? $reading : $reading->byAnEye($error);
    }
}
