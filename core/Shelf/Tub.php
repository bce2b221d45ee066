<?php

declare(strict_types=1);

namespace Lento\Shelf;

use DateInterval;
use DateTimeImmutable;
use Lento\Keeping\Cooling;
use Lento\Keeping\CoolingOutlook;
use Lento\Keeping\CoolingReading;
use Lento\Keeping\CoolingRecord;
use Lento\Keeping\Gate;
use Lento\Keeping\HotWindow;
use Lento\Keeping\NextReading;
use Lento\Keeping\Stint;
use Lento\Keeping\Verdict;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;

/** One vessel with sauce in it, as it stands after all that happened to it. */
final readonly class Tub
{
    public function __construct(public Lot $lot, private TubNotes $notes) {}

    public function id(): string
    {
        return $this->notes->putIn->tub;
    }

    public function vesselName(): string
    {
        return $this->notes->putIn->vesselName;
    }

    public function vessel(): \Lento\Keeping\Vessel
    {
        return $this->notes->putIn->vessel;
    }

    public function since(): DateTimeImmutable
    {
        return $this->notes->putIn->at;
    }

    public function volume(): Volume
    {
        return Volume::ofMillilitres((float) $this->notes->ledger->kept);
    }

    public function depth(): Length
    {
        return $this->vessel()->depth($this->volume());
    }

    public function ledger(): Ledger
    {
        return $this->notes->ledger;
    }

    public function spot(): Spot
    {
        return $this->notes->spots[count($this->notes->spots) - 1][1];
    }

    /** @return list<DoubtedReading> what was read in it, and what of that is not believed */
    public function readings(): array
    {
        return $this->notes->readings;
    }

    public function lastRead(): ?CoolingReading
    {
        $believed = $this->notes->believed();

        return $believed === [] ? null : $believed[count($believed) - 1];
    }

    public function openedAt(): ?DateTimeImmutable
    {
        return $this->notes->openedAt;
    }

    public function reheatedAt(): ?DateTimeImmutable
    {
        return $this->notes->reheatedAt;
    }

    public function goneAt(): ?DateTimeImmutable
    {
        return $this->notes->goneAt;
    }

    public function binned(): ?Happened\Binned
    {
        return $this->notes->binned;
    }

    public function state(DateTimeImmutable $now): TubState
    {
        return match (true) {
            $this->notes->goneAt !== null => TubState::Gone,
            $this->spot()->isHot() => TubState::Hot,
            $this->isCooling($now) => TubState::Cooling,
            $this->spot() === Spot::Freezer => TubState::Frozen,
            default => TubState::Kept,
        };
    }

    /** @return non-empty-list<Gate> of the rules that were in force when it was made */
    public function gates(DateTimeImmutable $now): array
    {
        return CoolingRecord::of($this->lot->rules, $this->notes->record())->gates($this->until($now));
    }

    public function verdict(DateTimeImmutable $now): Verdict
    {
        return CoolingRecord::of($this->lot->rules, $this->notes->record())->verdict($this->until($now));
    }

    /** @return CoolingOutlook|null null where it stands hot */
    public function outlook(): ?CoolingOutlook
    {
        $stints = $this->stints();

        return $stints === []
            ? null
            : CoolingOutlook::of($stints, $this->notes->believedSince($stints[0]->from), $this->notes->putTemperature());
    }

    /** By the law alone, as if nothing had been read. */
    public function law(): ?CoolingOutlook
    {
        $stints = $this->stints();

        return $stints === [] ? null : CoolingOutlook::of($stints, [], $this->notes->putTemperature());
    }

    /** The gates that it will not pass as it stands, or hardly; first those that it will not. */
    public function trouble(DateTimeImmutable $now): ?Trouble
    {
        return match ($this->state($now)) {
            TubState::Gone => null,
            TubState::Hot => $this->hotTrouble($now),
            TubState::Cooling => $this->coolingTrouble($now),
            default => $this->datedTrouble($now),
        };
    }

    /** @return DateTimeImmutable|null the last day on which it may be used; null while it is hot */
    public function useBy(): ?DateTimeImmutable
    {
        $rules = $this->lot->useBy;

        return match (true) {
            $this->spot()->isHot() => null,
            $this->spot() === Spot::Freezer => $rules->frozen($this->lot->made) ?? $rules->chilled($this->lot->made),
            $this->notes->thawedAt() !== null => $rules->thawed($this->lot->made, $this->notes->thawedAt()),
            default => $rules->chilled($this->lot->made),
        };
    }

    public function isPastUse(DateTimeImmutable $now): bool
    {
        $last = $this->useBy();

        return $last !== null && $now >= $last->modify('+1 day');
    }

    /** When it may stand hot no longer; null where it is not hot. */
    public function hotUntil(): ?DateTimeImmutable
    {
        $longest = new DateInterval(sprintf('PT%dS', (int) $this->lot->hotWindow()->longest->seconds));

        return $this->spot()->isHot() ? $this->notes->hotSince()->add($longest) : null;
    }

    public function hotSince(): DateTimeImmutable
    {
        return $this->notes->hotSince();
    }

    /** When the thermometer is wanted next; null where it is not. */
    public function looksNext(DateTimeImmutable $now): ?DateTimeImmutable
    {
        if ($this->state($now) === TubState::Hot) {
            $last = max($this->lastRead()->at ?? $this->notes->hotSince(), $this->notes->hotSince());

            return min($this->hotUntil() ?? $last, $last->modify(sprintf('+%d seconds', (int) HotWindow::look()->seconds)));
        }
        $outlook = $this->state($now) === TubState::Cooling ? $this->outlook() : null;

        return $outlook === null ? null : NextReading::of($outlook, $this->gates($now));
    }

    /** What stands there now: read, or as it is believed to be. */
    public function believedTemperature(DateTimeImmutable $now): Temperature
    {
        return $this->outlook()?->temperature($now) ?? $this->lastRead()->temperature ?? $this->notes->putTemperature();
    }

    /** @return list<Stint> where it has stood since it last left the heat */
    public function stints(): array
    {
        $stints = [];
        foreach ($this->notes->stood() as [$from, $spot, $ml]) {
            $place = $spot->place();
            $stints = $place === null ? [] : [
                ...$stints,
                new Stint($from, Cooling::of($this->vessel()->filled(Volume::ofMillilitres((float) $ml)), $place, $this->lot->viscosity())),
            ];
        }

        return $stints;
    }

    private function isCooling(DateTimeImmutable $now): bool
    {
        return $this->verdict($now) !== Verdict::Passed;
    }

    private function hotTrouble(DateTimeImmutable $now): ?Trouble
    {
        $window = $this->lot->hotWindow();
        $last = $this->lastRead();
        $read = $last !== null && $last->at >= $this->notes->hotSince() ? $last->temperature : null;

        return match (true) {
            $now > $this->hotUntil() => Trouble::TooLong,
            $read !== null && $window->isTooCold($read) => Trouble::TooCold,
            $read !== null && $window->isTooHot($read) => Trouble::TooHot,
            $now > $this->looksNext($now) => Trouble::Unread,
            default => null,
        };
    }

    private function coolingTrouble(DateTimeImmutable $now): ?Trouble
    {
        if ($this->verdict($now) === Verdict::Failed) {
            return Trouble::Failed;
        }
        $outlook = $this->outlook();
        $close = false;
        foreach ($this->gates($now) as $gate) {
            $deadline = $gate->deadline();
            if ($outlook === null || $gate->verdict !== Verdict::Open || $deadline === null) {
                continue;
            }
            $arrives = $outlook->reaches($gate->stage->to);
            if ($arrives === null || $arrives > $deadline) {
                return Trouble::Late;
            }
            $close = $close || !$outlook->meets($gate->stage->to, $deadline, $now);
        }
        $next = $this->looksNext($now);

        return match (true) {
            $next !== null && $now > $next => Trouble::Unread,
            $close => Trouble::Close,
            default => null,
        };
    }

    private function datedTrouble(DateTimeImmutable $now): ?Trouble
    {
        $last = $this->useBy();

        return match (true) {
            $this->isPastUse($now) => Trouble::PastUse,
            $last !== null && $now >= $last->modify('-1 day') => Trouble::UseSoon,
            default => null,
        };
    }

    /** What is gone is judged as of when it went. */
    private function until(DateTimeImmutable $now): DateTimeImmutable
    {
        return min($now, $this->notes->goneAt ?? $now);
    }
}
