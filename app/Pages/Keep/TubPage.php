<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Devices\InTub;
use App\Format\Allergens;
use App\Format\Degrees;
use App\Format\Grams;
use App\Format\HotBand;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\TubWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Kitchen\OwnVessel;
use App\Shelf\FromTub;
use Carbon\CarbonImmutable;
use Lento\Keeping\Holding;
use Lento\Keeping\LeastChange;
use Lento\Keeping\Reheating;
use Lento\Keeping\Verdict;
use Lento\Keeping\Way;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\Batch;
use Lento\Shelf\BinReason;
use Lento\Shelf\Fix;
use Lento\Shelf\Fixes;
use Lento\Shelf\Happened\Undone;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;
use Lento\Shelf\Trouble;
use Lento\Shelf\Tub;
use Lento\Shelf\TubState;
use Lento\Thickness\EquivalentFlour;

/** The tub that is looked at: how it cools or stands hot, what can be done with it, what was said of it, its label. */
final readonly class TubPage
{
    /** °C of a hot well that nobody has read. */
    private const HOLD_USUALLY = 70.0;

    /** °C of a fridge. */
    private const COLD = 4.0;

    /** Of what was done: a probe says something every other minute, the record holds all of it. */
    private const SAID = 24;

    /** Of a pan that is whisked in. */
    private const FULL = 0.8;

    public ?CoolingPicture $picture;

    /** @var list<Fix> */
    public array $fixes;

    /** @param array<int, OwnVessel> $vessels by id */
    private function __construct(
        public ShelfRow $shelf,
        public array $vessels,
        private Kitchen $kitchen,
        private CarbonImmutable $now,
    ) {
        $tub = $shelf->tub;
        $this->fixes = in_array($shelf->trouble, [Trouble::Late, Trouble::Close, Trouble::Unread], true)
            ? (new Fixes(new LeastChange(
                array_values(array_map(static fn(OwnVessel $one): array => [$one->measured(), $one->owned], $vessels)),
                $kitchen->keeps()->places(),
            )))->of($tub, $now->toDateTimeImmutable())
            : [];
        $shows = $shelf->trouble === Trouble::Late || $shelf->trouble === Trouble::Close ? $this->fixes[0] ?? null : null;
        $this->picture = CoolingPicture::of($tub, $now, $shows, $shows === null ? '' : $this->short($shows->way));
    }

    public static function of(ShelfRow $shelf, Kitchen $kitchen, CarbonImmutable $now): self
    {
        return new self(
            $shelf,
            LoadKitchen::vessels(),
            $kitchen,
            $now,
        );
    }

    public function title(): string
    {
        return Words::text(
            'keep.title.' . ($this->shelf->trouble->value ?? $this->shelf->state->value),
            name: $this->shelf->name(),
        );
    }

    /** "21° at 20:37, 17 minutes over." */
    public function lead(): string
    {
        $tub = $this->shelf->tub;
        $trouble = $this->shelf->trouble;
        if ($trouble === Trouble::Late) {
            return $this->late();
        }
        $until = Fixes::until($tub, $this->now);

        return match (true) {
            $trouble === Trouble::Failed => Words::text('keep.lead.failed', gates: $this->failed()),
            $trouble === Trouble::TooLong => Words::text('keep.lead.too-long', since: $tub->hotSince()->format('H:i')),
            $trouble === Trouble::PastUse => Words::text('keep.lead.past-use', day: TubWords::day($tub->useBy() ?? $this->now)),
            $trouble === Trouble::TooCold => Words::text('keep.lead.too-cold', least: Degrees::text($tub->lot->rules->holdAtLeast)),
            $trouble === Trouble::TooHot => Words::text(
                'keep.lead.too-hot',
                most: Degrees::text($tub->lot->keepBelow ?? $tub->lot->rules->holdAtLeast),
            ),
            $trouble === Trouble::Close && $until !== null => Words::text('keep.lead.close', clock: $until->format('H:i')),
            $trouble === Trouble::Unread && $until !== null => Words::text('keep.lead.unread', clock: $until->format('H:i')),
            $this->shelf->state === TubState::Cooling => Words::text('keep.lead.cooling', clock: $this->reaches()),
            $this->shelf->state === TubState::Hot => $this->hotBand(),
            default => Words::text(
                'keep.lead.kept',
                at: Degrees::text($tub->lot->rules->keepAtMost),
                day: TubWords::day($tub->useBy() ?? $this->now),
            ),
        };
    }

    /** When it is thrown away, if nothing is done; '' where that is not foreseen. */
    public function binAt(): string
    {
        $until = $this->shelf->trouble === Trouble::Late ? Fixes::until($this->shelf->tub, $this->now) : null;

        return $until === null ? '' : Words::text('keep.bin_at', clock: $until->format('H:i'));
    }

    /** "63–75 °C, at most 1 h" */
    public function hotBand(): string
    {
        return HotBand::ofWindow($this->shelf->tub->lot->hotWindow());
    }

    /** @return list<string> of a tub that stands hot: what dries off, when it skins, what it is thinned by */
    public function drying(): array
    {
        $tub = $this->shelf->tub;
        $stem = $this->shelf->shelved->facts()->stem;
        if ($this->shelf->state !== TubState::Hot || $stem === null) {
            return [];
        }
        $read = $tub->lastRead()?->temperature->inCelsius() ?? self::HOLD_USUALLY;
        $at = Temperature::ofCelsius(min(Holding::MOST, max(Holding::LEAST, $read)));
        $pan = self::pan($tub);
        $held = Duration::ofSeconds((float) max(0, $this->now->getTimestamp() - $tub->hotSince()->getTimestamp()));
        $words = [];
        foreach ([Lid::Covered, Lid::Open] as $lid) {
            $holding = Holding::in($pan, $at, $lid);
            $lost = $holding->lost($stem->sauce, Duration::ofMinutes(60.0));
            $words[] = Words::text(
                'keep.hot.' . ($lid === Lid::Covered ? 'covered' : 'open'),
                grams: Grams::of($lost)->text(),
                minutes: sprintf('%.0F', $holding->skin()?->inMinutes() ?? 0.0),
            );
        }
        $thin = Holding::in($pan, $at)->lost($stem->sauce, $held);

        return [...$words, ...$thin->inGrams() >= 1.0 ? [Words::text('keep.hot.thin', grams: Grams::of($thin)->text())] : []];
    }

    /** @return list<string> how it is made hot again: in which pan, how long, and what is to be thought of its thickness */
    public function reheating(): array
    {
        $stem = $this->shelf->shelved->facts()->stem;
        $words = [Words::text('keep.do.reheat_how', to: $this->reheatTo())];
        if ($stem === null) {
            return $words;
        }
        $volume = $this->shelf->tub->volume();
        [$name, $pan] = $this->smallestPan($volume);
        $sauce = $stem->taken($volume)->sauce;
        $ring = $this->kitchen->firstHob();
        $from = $this->shelf->tub->lastRead()->temperature ?? Temperature::ofCelsius(self::COLD);
        $hot = $ring === null ? null : Reheating::of(
            $sauce,
            $from,
            new TimeToBoil($pan, $ring->rated()->fluxInto($pan)),
            $this->shelf->tub->lot->rules,
        );
        if ($hot?->time !== null) {
            $words[] = Words::text(
                $hot->inTime ? 'keep.do.reheat_in' : 'keep.do.reheat_slow',
                litres: Litres::of($volume)->text(),
                pan: $name,
                ring: $ring->name,
                minutes: Minutes::text($hot->time),
                to: $this->reheatTo(),
            );
        }
        $words[] = Words::text(
            'keep.do.reheat_thick',
            class: Words::text('thickness.class.' . $stem->thickness()->thicknessClass()->value),
            grams: sprintf('%.0F', EquivalentFlour::of($sauce->reheated())->gramsPerLitre),
        );

        return $words;
    }

    /** @return array{string, Pan} of the kitchen, or one that suits it */
    private function smallestPan(Volume $volume): array
    {
        foreach ($this->kitchen->pans as $own) {
            if ($own->measured()->brim()->cubicMetres * self::FULL >= $volume->cubicMetres) {
                return [$own->name, $own->measured()];
            }
        }
        $pan = Pan::suitingOrWidest($volume);

        return [Words::text('keep.do.reheat_pan', wide: sprintf('%.0F', $pan->diameter->inCentimetres())), $pan];
    }

    /** @return list<array{at: string, what: string, by: string, undoes: string, gone: bool}> the newest first */
    public function said(): array
    {
        $counting = array_flip(array_map(static fn($one): string => $one->id, Batch::counting($this->shelf->shelved->events)));
        $events = $this->events();
        $said = [];
        foreach (array_slice(array_reverse($events), 0, self::SAID) as $event) {
            $isGone = !isset($counting[$event->id]);
            $said[] = [
                'at' => CarbonImmutable::instance($event->at)->isSameDay($this->now)
                    ? $event->at->format('H:i')
                    : $event->at->format('D H:i'),
                'what' => TubWords::of($event) . $this->doubted($event->id),
                'by' => $event->by,
                // How it came here is not taken back: it is poured elsewhere, or binned.
                'undoes' => $isGone || $event === $events[0] ? '' : $event->id,
                'gone' => $isGone,
            ];
        }

        return $said;
    }

    /** "65 more in the record": '' where all that was done is told. */
    public function saidBefore(): string
    {
        $more = count($this->events()) - self::SAID;

        return $more > 0 ? Words::text('keep.said.more', count: $more) : '';
    }

    /** The day it was put here. */
    public function day(): string
    {
        return $this->shelf->tub->since()->format('Y-m-d');
    }

    /** @return list<ShelfEvent> of this tub */
    private function events(): array
    {
        return array_values(array_filter(
            $this->shelf->shelved->events,
            fn(ShelfEvent $event): bool => $event->tub === $this->shelf->tub->id() && !$event instanceof Undone,
        ));
    }

    /** @return list<array{words: string, fields: array<string, string>, sure: bool}> one tap each */
    public function remedies(): array
    {
        $remedies = [];
        foreach ($this->fixes as $fix) {
            $spot = $fix->way->onIceFirst ? Spot::IceStirred : Spot::from($fix->way->place->value);
            $same = $fix->way->vessel->isAlike($this->shelf->tub->vessel()) && $fix->way->count === 1;
            $vessel = OwnVessel::alike($this->vessels, $fix->way->vessel);
            if ($same || $vessel !== null) {
                $remedies[] = [
                    'words' => $this->short($fix->way),
                    'fields' => $same
                        ? ['kind' => 'moved', 'spot' => $spot->value]
                        : [
                            'kind' => 'split',
                            'count' => (string) $fix->way->count,
                            'vessel' => (string) $vessel->id,
                            'spot' => $spot->value,
                        ],
                    'sure' => $fix->isSure,
                ];
            }
        }

        return $remedies;
    }

    /** @return array<string, string> where it can be moved to from here, by its key */
    public function spots(): array
    {
        $places = array_map(static fn($place): string => $place->value, $this->kitchen->keeps()->places());
        $spots = [];
        foreach (Spot::cases() as $spot) {
            $own = in_array($spot->value, $places, true) || !in_array($spot, [Spot::WalkIn, Spot::Blast], true);
            if ($own && $spot !== $this->shelf->tub->spot()) {
                $spots[$spot->value] = TubWords::spot($spot);
            }
        }

        return $spots;
    }

    /** @return array<int|string, string> the probes that can stand in it, by id; none first */
    public function probes(): array
    {
        return ['' => Words::text('keep.do.no_probe')] + InTub::probes();
    }

    public function probe(): string
    {
        return (string) (InTub::probeIn($this->shelf->id) ?? '');
    }

    /** @return array<string, string> why it is thrown away, the likely first */
    public function reasons(): array
    {
        $likely = match ($this->shelf->trouble) {
            Trouble::Failed, Trouble::Late => BinReason::CooledLate,
            Trouble::TooLong, Trouble::TooCold => BinReason::TooLongHot,
            Trouble::PastUse => BinReason::PastUse,
            default => BinReason::Quality,
        };
        $reasons = [];
        foreach ([$likely, ...array_filter(BinReason::cases(), static fn(BinReason $one): bool => $one !== $likely)] as $reason) {
            $reasons[$reason->value] = Words::text('keep.reasons.' . $reason->value);
        }

        return $reasons;
    }

    /** @return array<string, string> other tubs of its batch that it can be put together with, by uid */
    public function others(): array
    {
        $others = [];
        foreach ($this->shelf->shelved->batch->tubs as $uid => $tub) {
            if ($uid !== $this->shelf->tub->id() && $tub->state($this->now) === TubState::Kept && $this->shelf->state === TubState::Kept) {
                $others[$uid] = $tub->vesselName() . ', ' . Litres::of($tub->volume())->text();
            }
        }

        return $others;
    }

    /** @return array<string, string> what is known of it, by what it is called */
    public function facts(): array
    {
        $tub = $this->shelf->tub;
        $stem = $this->shelf->shelved->facts()->stem;
        $batch = $this->shelf->shelved->made;

        return array_filter([
            Words::text('keep.facts.made') => $this->shelf->shelved->madeAt()->format('D j M, H:i')
                . ($batch->cook === '' ? '' : ', ' . $batch->cook),
            Words::text('keep.facts.stands') => $tub->vesselName() . ', ' . TubWords::spot($tub->spot()),
            Words::text('keep.facts.thickness') => $stem === null
                ? ''
                : Words::text('thickness.class.' . $stem->thickness()->thicknessClass()->value),
            Words::text('keep.facts.allergens') => $stem === null
                ? Words::text('keep.facts.unknown')
                : Allergens::line($stem->carries->allergens, $stem->carries->readLabel),
            Words::text('keep.facts.opened') => $tub->openedAt()?->format('D j M, H:i') ?? '',
            Words::text('keep.facts.reheated') => $tub->reheatedAt()?->format('D j M, H:i') ?? '',
        ], static fn(string $fact): bool => $fact !== '');
    }

    public function rules(): string
    {
        $as = $this->shelf->shelved->facts()->rulesAsOf;

        return Words::text('keep.guidance', preset: Words::text('kitchen.presets.' . $this->shelf->tub->lot->rules->name))
            . ($as === '' ? '' : ' (' . $as . ')');
    }

    public function mayReheat(): bool
    {
        return $this->shelf->state === TubState::Kept && !$this->shelf->tub->isPastUse($this->now);
    }

    public function reheatTo(): string
    {
        return Degrees::text($this->shelf->tub->lot->rules->reheatTo);
    }

    /** Whether another sauce can be made of it. */
    public function makes(): bool
    {
        return (FromTub::of($this->shelf->shelved, $this->kitchen, $this->now)?->sauces() ?? []) !== [];
    }

    public function label(): Label
    {
        return new Label($this->shelf->shelved);
    }

    public function unit(): string
    {
        return $this->kitchen->fahrenheit() ? '°F' : '°C';
    }

    /** "Next reading: 19:45." */
    public function nextReading(): string
    {
        $next = $this->shelf->looksNext;

        return $next === null ? '' : Words::text('keep.pad.next', clock: $next->format('H:i'));
    }

    /** @return array<int, string> what it can be split into, by id */
    public function vesselNames(): array
    {
        return array_map(static fn(OwnVessel $one): string => $one->name, $this->vessels);
    }

    public function batchId(): int
    {
        return $this->shelf->shelved->made->id;
    }

    /** @param array{words: string, sure: bool} $remedy */
    public function words(array $remedy): string
    {
        return $remedy['words'] . ($remedy['sure'] ? '' : ', ' . Words::text('keep.fix.unsure'));
    }

    public function isOnIce(): bool
    {
        return $this->shelf->tub->spot()->place()?->isIce() === true;
    }

    public function siblings(): int
    {
        return count($this->shelf->shelved->batch->tubs);
    }

    /** As steam knows it: its floor alone counts. */
    private static function pan(Tub $tub): Pan
    {
        $side = static fn(Length $length): Length => Length::ofMillimetres(
            min(Pan::MOST_HEIGHT_MILLIMETRES, max(Pan::LEAST_MILLIMETRES, $length->inMillimetres())),
        );
        $vessel = $tub->vessel();

        return $vessel->width === null
            ? Pan::of($side($vessel->length), $side($vessel->height))
            : Pan::rectangular($side($vessel->length), $side($vessel->width), $side($vessel->height));
    }

    private function late(): string
    {
        $tub = $this->shelf->tub;
        foreach ($tub->gates($this->now) as $gate) {
            $deadline = $gate->deadline();
            if ($gate->verdict !== Verdict::Open || $deadline === null) {
                continue;
            }
            $arrives = $tub->outlook()?->reaches($gate->stage->to);
            if ($arrives === null) {
                return Words::text('keep.lead.never', celsius: Degrees::text($gate->stage->to));
            }
            if ($arrives > $deadline) {
                return Words::text(
                    'keep.lead.late',
                    celsius: Degrees::text($gate->stage->to),
                    clock: $arrives->format('H:i'),
                    over: Minutes::text(Duration::ofSeconds((float) ($arrives->getTimestamp() - $deadline->getTimestamp()))),
                );
            }
        }

        return '';
    }

    private function failed(): string
    {
        foreach ($this->shelf->tub->gates($this->now) as $gate) {
            if ($gate->verdict === Verdict::Failed) {
                return Words::text(
                    'keep.lead.gate',
                    celsius: Degrees::text($gate->stage->to),
                    clock: (string) $gate->deadline()?->format('H:i'),
                );
            }
        }

        return '';
    }

    private function reaches(): string
    {
        $tub = $this->shelf->tub;
        foreach ($tub->gates($this->now) as $gate) {
            if ($gate->verdict === Verdict::Open) {
                return Words::text(
                    'keep.lead.reaches',
                    celsius: Degrees::text($gate->stage->to),
                    clock: $tub->outlook()?->reaches($gate->stage->to)?->format('H:i') ?? '?',
                );
            }
        }

        return '';
    }

    private function doubted(string $id): string
    {
        foreach ($this->shelf->tub->readings() as $reading) {
            if ($reading->id === $id && $reading->doubt !== null) {
                return ' · ' . Words::text('keep.doubts.' . $reading->doubt->value);
            }
        }

        return '';
    }

    /** "2 trays, 2.5 cm deep", "lid off", "on ice, stirred, first" */
    private function short(Way $way): string
    {
        $tub = $this->shelf->tub;
        $same = $way->vessel->isAlike($tub->vessel()) && $way->count === 1;
        $words = [];
        if (!$same) {
            $words[] = Words::text(
                'keep.fix.vessels',
                count: $way->count,
                vessel: OwnVessel::alike($this->vessels, $way->vessel)->name ?? $tub->vesselName(),
                depth: PutAwayPage::centimetres($way->vessel->depth($way->each($tub->volume()))->inMillimetres()),
            );
        }
        if ($way->onIceFirst) {
            $words[] = Words::text('keep.fix.ice', until: Degrees::text(Way::iceUntil()));
        } elseif ($way->place !== $tub->spot()->place()) {
            $words[] = TubWords::spot(Spot::from($way->place->value));
        }

        return mb_strtoupper(mb_substr(implode(', ', $words), 0, 1)) . mb_substr(implode(', ', $words), 1);
    }
}
