<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Format\Degrees;
use App\Format\Litres;
use App\Format\TubWords;
use App\Format\Words;
use App\Records\Moment;
use App\Shelf\ShelvedTub;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Lento\Drawing\Ink;
use Lento\Drawing\TubDrawing;
use Lento\Keeping\Vessel;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\Trouble;
use Lento\Shelf\Tub;
use Lento\Shelf\TubState;

/** One tub on its shelf: drawn in section, with what was read in it last, how it stands, and what comes next. */
final readonly class ShelfRow
{
    public int $id;

    public Tub $tub;

    private function __construct(
        public ShelvedTub $shelved,
        public TubState $state,
        public ?Trouble $trouble,
        public ?DateTimeImmutable $looksNext,
    ) {
        $this->id = $shelved->id;
        $this->tub = $shelved->tub;
    }

    public static function of(ShelvedTub $shelved, CarbonImmutable $now): self
    {
        return new self($shelved, $shelved->tub->state($now), $shelved->tub->trouble($now), $shelved->tub->looksNext($now));
    }

    public function name(): string
    {
        return $this->shelved->made->name;
    }

    public function colour(): string
    {
        return $this->shelved->facts()->colour;
    }

    public function litres(): string
    {
        return Litres::of($this->tub->volume())->text();
    }

    /** cm, to the nearest half */
    public function depth(): string
    {
        return PutAwayPage::centimetres($this->tub->depth()->inMillimetres());
    }

    public function drawing(): TubDrawing
    {
        return self::drawn($this->tub->vessel(), $this->tub->volume());
    }

    public static function drawn(Vessel $vessel, Volume $volume): TubDrawing
    {
        return TubDrawing::of($vessel->length->inMillimetres(), $vessel->height->inMillimetres(), $vessel->depth($volume)->inMillimetres());
    }

    public function ink(): string
    {
        return Ink::on($this->shelved->facts()->colour)->value;
    }

    /** As it was read last; null where nobody has. */
    public function read(): ?Temperature
    {
        return $this->tub->lastRead()?->temperature;
    }

    public function readAt(): string
    {
        $last = $this->tub->lastRead();

        return $last === null ? '' : Words::text('keep.row.read', clock: $last->at->format('H:i'));
    }

    /** "late", "on time", "kept", "over 63 °C" */
    public function word(): string
    {
        return match (true) {
            $this->trouble !== null => Words::text('keep.trouble.' . $this->trouble->value),
            $this->state === TubState::Hot => $this->read() === null
                ? Words::text('keep.state.hot')
                : Words::text('keep.state.over', celsius: Degrees::text($this->tub->lot->rules->holdAtLeast)),
            default => Words::text('keep.state.' . $this->state->value),
        };
    }

    /** Which sign stands before the word: its own for each, so that no colour is needed. */
    public function sign(): string
    {
        return match (true) {
            $this->trouble === null => match ($this->state) {
                TubState::Kept => 'star',
                TubState::Frozen => 'frozen',
                default => 'tick',
            },
            $this->trouble->isOver() || in_array($this->trouble, [Trouble::Late, Trouble::TooCold, Trouble::TooHot], true) => 'late',
            default => 'look',
        };
    }

    /** "check 19:45", "use by Mon 16", "bin at 20:30" */
    public function next(): string
    {
        return match (true) {
            $this->trouble?->isOver() === true => Words::text('keep.row.bin_now'),
            $this->state === TubState::Hot => Words::text('keep.row.hot_until', clock: (string) $this->tub->hotUntil()?->format('H:i')),
            $this->looksNext !== null => Words::text('keep.row.check', clock: $this->looksNext->format('H:i')),
            $this->tub->useBy() !== null => Words::text('keep.row.use_by', day: TubWords::day($this->tub->useBy())),
            default => '',
        };
    }

    /** What wants a hand first stands first. */
    public function rank(): string
    {
        $order = array_search($this->trouble, [
            Trouble::Failed,
            Trouble::TooLong,
            Trouble::Late,
            Trouble::TooCold,
            Trouble::TooHot,
            Trouble::PastUse,
            Trouble::Unread,
            Trouble::Close,
        ], true);
        $then = Moment::maybe($this->looksNext) ?? 0;
        $state = array_search($this->state, [TubState::Cooling, TubState::Hot, TubState::Kept, TubState::Frozen], true);

        return sprintf(
            '%d %d %015d %s %06d',
            $order === false ? 9 : $order,
            (int) $state,
            $then,
            $this->tub->useBy()?->format('Y-m-d') ?? '',
            $this->id,
        );
    }
}
