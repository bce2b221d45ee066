<?php

declare(strict_types=1);

namespace Lento\Shelf;

use DateTimeImmutable;
use Lento\Keeping\CoolingReading;
use Lento\Quantity\Temperature;

/** What is noted of one tub while its batch is gone through, event by event. */
final readonly class TubNotes
{
    /**
     * @param list<array{DateTimeImmutable, Spot, int}> $spots from when, where, and how many ml
     * @param list<DoubtedReading> $readings
     * @param list<CoolingReading> $believed of them
     * @param list<CoolingReading> $before of the tub it was poured from, and how it came from the pot
     */
    private function __construct(
        public Happened\PutIn $putIn,
        public Ledger $ledger,
        public array $spots,
        public array $readings,
        private array $believed,
        private array $before,
        private Temperature $put,
        public ?DateTimeImmutable $openedAt = null,
        public ?DateTimeImmutable $reheatedAt = null,
        public ?DateTimeImmutable $goneAt = null,
        public ?Happened\Binned $binned = null,
    ) {}

    public static function open(Happened\PutIn $putIn): self
    {
        $ml = (int) round($putIn->volume->inMillilitres());

        return new self(
            $putIn,
            Ledger::nothing()->madeMore($ml),
            [[$putIn->at, $putIn->spot, $ml]],
            [],
            [],
            $ml > 0 ? [new CoolingReading($putIn->at, $putIn->temperature)] : [],
            $putIn->temperature,
        );
    }

    public function read(DoubtedReading $reading): self
    {
        return $this->but(
            readings: [...$this->readings, $reading],
            believed: $reading->doubt === null ? [...$this->believed, $reading->reading] : null,
        );
    }

    public function moved(Happened\Moved $event): self
    {
        return $this->but(spots: [...$this->spots, [$event->at, $event->spot, $this->ledger->kept]]);
    }

    /** So much less or more of it from now on. */
    public function holds(Ledger $ledger, DateTimeImmutable $at): self
    {
        $spot = $this->spots[count($this->spots) - 1][1];
        $changed = $ledger->kept === $this->ledger->kept ? $this->spots : [...$this->spots, [$at, $spot, $ledger->kept]];

        return $this->but(ledger: $ledger, spots: $changed, goneAt: $ledger->kept === 0 ? $at : null);
    }

    public function taken(Ledger $ledger, DateTimeImmutable $at): self
    {
        return $this->holds($ledger, $at)->but(openedAt: $this->openedAt ?? $at);
    }

    public function reheated(Happened\Reheated $event): self
    {
        $read = new DoubtedReading($event->id, new CoolingReading($event->at, $event->temperature), $event->by, false, null);

        return $this->read($read)->but(
            spots: [...$this->spots, [$event->at, Spot::HotWell, $this->ledger->kept]],
            reheatedAt: $event->at,
        );
    }

    public function binned(Happened\Binned $event): self
    {
        return $this->holds($this->ledger->binned($this->ledger->kept), $event->at)->but(goneAt: $event->at, binned: $event);
    }

    /** What was read of the sauce before it stood here goes on counting: pouring it over stops no clock. */
    public function from(self $other, Temperature $now): self
    {
        return $this->but(
            before: $this->before === [] ? $other->record() : $this->before,
            put: $this->before === [] ? $now : $this->put,
            openedAt: $this->openedAt ?? $other->openedAt,
            reheatedAt: $this->reheatedAt ?? $other->reheatedAt,
        );
    }

    /** @return list<CoolingReading> what a cooling rule goes by: how it was put there, and all that is believed since */
    public function record(): array
    {
        return [...$this->before, ...$this->believed];
    }

    /** @return list<CoolingReading> */
    public function believed(): array
    {
        return $this->believed;
    }

    /** @return list<CoolingReading> */
    public function believedSince(DateTimeImmutable $from): array
    {
        return $this->believed === [] || $this->believed[0]->at >= $from
            ? $this->believed
            : array_values(array_filter($this->believed, static fn(CoolingReading $one): bool => $one->at >= $from));
    }

    /** As it was when it began to cool here: the last that was read while it was hot, or as it was put in. */
    public function putTemperature(): Temperature
    {
        $cold = null;
        foreach ($this->spots as [$from, $spot]) {
            $cold = $spot->isHot() ? null : $cold ?? $from;
        }
        $hot = array_filter($this->believed, static fn(CoolingReading $one): bool => $cold !== null && $one->at < $cold);

        return $hot === [] ? $this->put : $hot[array_key_last($hot)]->temperature;
    }

    /** @return list<array{DateTimeImmutable, Spot, int}> */
    public function stood(): array
    {
        return $this->spots;
    }

    public function hotSince(): DateTimeImmutable
    {
        $since = $this->putIn->at;
        $hot = false;
        foreach ($this->spots as [$from, $spot]) {
            $since = $spot->isHot() && !$hot ? $from : $since;
            $hot = $spot->isHot();
        }

        return $since;
    }

    /** When it last came out of the freezer; null where it never was in. */
    public function thawedAt(): ?DateTimeImmutable
    {
        [$thawed, $frozen] = [null, false];
        foreach ($this->spots as [$from, $spot]) {
            $thawed = $frozen && $spot !== Spot::Freezer ? $from : $thawed;
            $frozen = $spot === Spot::Freezer;
        }

        return $thawed;
    }

    /**
     * @param list<array{DateTimeImmutable, Spot, int}>|null $spots
     * @param list<DoubtedReading>|null $readings
     * @param list<CoolingReading>|null $believed
     * @param list<CoolingReading>|null $before
     */
    private function but(
        ?Ledger $ledger = null,
        ?array $spots = null,
        ?array $readings = null,
        ?array $believed = null,
        ?array $before = null,
        ?Temperature $put = null,
        ?DateTimeImmutable $openedAt = null,
        ?DateTimeImmutable $reheatedAt = null,
        ?DateTimeImmutable $goneAt = null,
        ?Happened\Binned $binned = null,
    ): self {
        return new self(
            $this->putIn,
            $ledger ?? $this->ledger,
            $spots ?? $this->spots,
            $readings ?? $this->readings,
            $believed ?? $this->believed,
            $before ?? $this->before,
            $put ?? $this->put,
            $openedAt ?? $this->openedAt,
            $reheatedAt ?? $this->reheatedAt,
            // What is filled again is there again.
            $ledger === null ? $goneAt ?? $this->goneAt : $goneAt,
            $binned ?? $this->binned,
        );
    }
}
