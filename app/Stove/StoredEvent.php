<?php

declare(strict_types=1);

namespace App\Stove;

use DateTimeImmutable;
use DateTimeZone;
use Lento\Compose\TendingKind;
use Lento\Course\Added;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\FollowUp;
use Lento\Course\KeptAs;
use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Course\Rescued;
use Lento\Course\Taste;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\RemedyKind;
use ValueError;

/** One event as a row of the database and as the core knows it, in both directions. */
final readonly class StoredEvent
{
    /**
     * @param int<0, max> $step
     * @param int<0, max> $pour
     * @param int<0, max>|null $goesTo
     * @param int<0, max> $seconds
     * @param float|null $value of a reading as ReadingKind::range() has it; m3 of liquid or of what is ladled off, or kg of thickener that went in
     * @param string $choice what was chosen by name: a visit, a heat, a reading, a taste, a place, a means
     */
    public function __construct(
        public EventKind $kind,
        public string $token,
        public int $atMs,
        public int $step = 0,
        public int $pour = 0,
        public ?int $goesTo = null,
        public int $seconds = 0,
        public ?float $value = null,
        public string $choice = '',
        public string $text = '',
        public string $undoes = '',
    ) {}

    /** @param array<string, mixed> $row straight from the table, for thousands of them are read for one page */
    public static function ofRow(array $row): self
    {
        $whole = static fn(string $column): int => is_numeric($row[$column] ?? null) ? max(0, (int) $row[$column]) : 0;
        $text = static fn(string $column): string => is_string($row[$column] ?? null) ? $row[$column] : '';

        return new self(
            EventKind::from($text('kind')),
            $text('token'),
            $whole('at_ms'),
            $whole('step'),
            $whole('pour'),
            isset($row['goes_to']) ? $whole('goes_to') : null,
            $whole('seconds'),
            is_numeric($row['value'] ?? null) ? (float) $row['value'] : null,
            $text('choice'),
            $text('text'),
            $text('undoes'),
        );
    }

    /** @return array<string, int|float|string|null> */
    public function toRow(): array
    {
        return [
            'kind' => $this->kind->value,
            'token' => $this->token,
            'at_ms' => $this->atMs,
            'step' => $this->step,
            'pour' => $this->pour,
            'goes_to' => $this->goesTo,
            'seconds' => $this->seconds,
            'value' => $this->value,
            'choice' => $this->choice === '' ? null : $this->choice,
            'text' => $this->text === '' ? null : $this->text,
            'undoes' => $this->undoes === '' ? null : $this->undoes,
        ];
    }

    public function at(int $atMs): self
    {
        return new self($this->kind, $this->token, $atMs, $this->step, $this->pour, $this->goesTo, $this->seconds, $this->value, $this->choice, $this->text, $this->undoes);
    }

    /**
     * @throws OutOfRange if its reading cannot be
     * @throws ValueError if it names no choice that there is: never where it was read by EventReader
     */
    public function toEvent(): Event
    {
        $at = self::moment($this->atMs);
        [$step, $id] = [$this->step, $this->token];

        return match ($this->kind) {
            EventKind::Done => Event::done($step, $at, $id, $this->goesTo),
            EventKind::Back => Event::back($step, $at, $id),
            EventKind::Poured => Event::poured($step, $this->pour, $at, $id),
            EventKind::Unpoured => Event::unpoured($step, $this->pour, $at, $id),
            EventKind::MoreTime => Event::moreTime($step, Duration::ofSeconds((float) $this->seconds), $at, $id),
            EventKind::Tended => Event::tended($step, TendingKind::from($this->choice), $at, $id),
            EventKind::Heat => Event::heat($step, HobHeat::tryFrom($this->choice) ?? SimmerLevel::from($this->choice), $at, $id),
            EventKind::Read => Event::read($step, Reading::ofSi(ReadingKind::from($this->choice), $this->value ?? 0.0), $at, $id),
            EventKind::Tasted => Event::tasted($step, Taste::from($this->choice), $at, $id),
            EventKind::ToppedUp => Event::added($step, Added::liquid(Volume::ofCubicMetres($this->value ?? 0.0)), $at, $id),
            EventKind::Thickened => Event::added($step, Added::thickener(Means::from($this->choice), Mass::ofKilograms($this->value ?? 0.0)), $at, $id),
            EventKind::Rescued => Event::rescued($step, $this->rescued(), $at, $id),
            EventKind::FollowedUp => Event::followedUp($step, FollowUp::from($this->choice), $this->text, $at, $id),
            EventKind::Moved => Event::moved($step, $this->choice, $at, $id),
            EventKind::TakenOver => Event::takenOver($step, $this->text, $at, $id),
            EventKind::Kept => Event::kept($step, KeptAs::from($this->choice), $at, $id),
            EventKind::Note => Event::note($step, $this->text, $at, $id),
            EventKind::LadledOff => Event::ladledOff($step, Volume::ofCubicMetres($this->value ?? 0.0), $this->text, $at, $id),
            EventKind::Undone => Event::undone($step, $this->undoes, $at, $id),
            EventKind::Finished => Event::finished($step, $at, $id),
            EventKind::TakenOff => Event::takenOff($step, $at, $id),
        };
    }

    /** @param int<0, max> $step */
    public static function rescue(Rescued $rescued, string $token, int $step): self
    {
        $amounts = array_filter(['liquid_m3' => $rescued->liquid?->cubicMetres, 'solid_kg' => $rescued->solid?->kilograms, 'means' => $rescued->means?->value], static fn(float|string|null $amount): bool => $amount !== null);

        return new self(EventKind::Rescued, $token, 0, $step, choice: $rescued->fault->value . ':' . $rescued->remedy->value, text: json_encode((object) $amounts, JSON_THROW_ON_ERROR));
    }

    private function rescued(): Rescued
    {
        [$fault, $remedy] = [...explode(':', $this->choice), ''];
        $amounts = json_decode($this->text, true);
        $number = static fn(string $name): ?float => is_array($amounts) && is_numeric($amounts[$name] ?? null) ? (float) $amounts[$name] : null;
        [$liquid, $solid] = [$number('liquid_m3'), $number('solid_kg')];

        return new Rescued(
            Fault::from($fault),
            RemedyKind::from($remedy),
            $liquid === null ? null : Volume::ofCubicMetres($liquid),
            $solid === null ? null : Mass::ofKilograms($solid),
            is_array($amounts) && is_string($amounts['means'] ?? null) ? Means::tryFrom($amounts['means']) : null,
        );
    }

    public static function moment(int $ms): DateTimeImmutable
    {
        $moment = DateTimeImmutable::createFromFormat('U.v', sprintf('%d.%03d', intdiv($ms, 1000), $ms % 1000));

        return ($moment === false ? new DateTimeImmutable('@0') : $moment)->setTimezone(self::zone());
    }

    private static function zone(): DateTimeZone
    {
        return new DateTimeZone(date_default_timezone_get());
    }
}
