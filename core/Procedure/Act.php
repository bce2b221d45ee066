<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/**
 * One act of a procedure: what is done, in which vessel, with what, until when, and within which temperatures.
 *
 * Immutable; each setter gives another. How long it takes with so much in which pan is CookingTime's to say, what it does to the sauce
 * InThePan's. Its words follow from its kind and, where one kind has several, from `words`.
 */
final readonly class Act
{
    /** min by custom of the trade, where nothing but custom says. Source: docs/sauces.md, procedures. */
    private const CUSTOM = [
        'prepare' => 3.0,
        'infuse' => 20.0,
        'skim' => 2.0,
        'take-out' => 1.0,
        'rub-through' => 5.0,
        'blend' => 4.0,
        'bind' => 3.0,
        'melt-in' => 2.0,
        'whisk-in' => 2.0,
        'stir-in' => 1.0,
        'season' => 1.0,
        'rest' => 5.0,
        'warm' => 5.0,
        'deglaze' => 2.0,
    ];

    /** Words of what is stirred in that was cooked before: it joins whether or not anything goes in with it. */
    private const JOINS_ANYWAY = ['vegetables', 'spiced-onion', 'back'];

    /**
     * @param list<Dose> $doses
     * @param float $share of what is boiled down that goes, 0 to 1
     * @param Duration $least by custom; zero where another law says how long
     * @param SimmerLevel $level that it boils at, where it does
     * @param Temperature|null $to which it is brought
     * @param string $words which of the words of its kind are meant; '' for the plain ones
     */
    private function __construct(
        public ActKind $kind,
        public Vessel $vessel,
        public array $doses,
        public float $share,
        public Duration $least,
        public SimmerLevel $level,
        public ?Temperature $atMost,
        public ?Temperature $atLeast,
        public ?Temperature $to,
        public string $words,
    ) {}

    public static function of(ActKind $kind, Dose ...$doses): self
    {
        return new self(
            $kind,
            match ($kind) {
                ActKind::Prepare => Vessel::Bench,
                ActKind::Infuse, ActKind::ReduceApart => Vessel::SecondPan,
                ActKind::Bake => Vessel::Oven,
                default => Vessel::Pan,
            },
            array_values($doses),
            0.0,
            Duration::ofMinutes(self::CUSTOM[$kind->value] ?? 0.0),
            match ($kind) {
                ActKind::ReduceApart, ActKind::Deglaze => SimmerLevel::Boil,
                ActKind::Reduce => SimmerLevel::Brisk,
                default => SimmerLevel::Bare,
            },
            null,
            null,
            null,
            '',
        );
    }

    public function in(Vessel $vessel): self
    {
        return $this->but(vessel: $vessel);
    }

    /** At least so long by custom. */
    public function for(float $minutes): self
    {
        return $this->but(least: Duration::ofMinutes($minutes));
    }

    /** @param float $share of what is in the pan that is boiled off, 0 to 1 */
    public function downBy(float $share): self
    {
        return $this->but(share: $share);
    }

    public function at(SimmerLevel $level): self
    {
        return $this->but(level: $level);
    }

    public function until(float $celsius): self
    {
        return $this->but(to: Temperature::ofCelsius($celsius));
    }

    /** Within these the sauce must stay while it goes in; what it may not pass holds from then on. */
    public function between(?float $leastCelsius, float $mostCelsius): self
    {
        return $this->but(
            atMost: Temperature::ofCelsius($mostCelsius),
            atLeast: $leastCelsius === null ? null : Temperature::ofCelsius($leastCelsius),
        );
    }

    public function saying(string $words): self
    {
        return $this->but(words: $words);
    }

    /** @param list<Dose> $doses */
    public function with(array $doses): self
    {
        return $this->but(doses: $doses);
    }

    /** @return list<Dose> those that are not left out */
    public function used(): array
    {
        return array_values(array_filter($this->doses, static fn(Dose $dose): bool => $dose->perLitre > 0.0));
    }

    /** Whether there is nothing left to do, now that all its doses are left out. */
    public function isIdle(): bool
    {
        return $this->doses !== [] && $this->used() === [] && $this->livesByItsDoses();
    }

    /** Whether it is nothing without what goes in. */
    public function livesByItsDoses(): bool
    {
        return match ($this->kind) {
            ActKind::StirIn => !in_array($this->words, self::JOINS_ANYWAY, true),
            ActKind::Infuse, ActKind::Prepare, ActKind::ReduceApart => true,
            default => $this->kind->fries() || $this->kind->finishes(),
        };
    }

    /** @param list<Dose>|null $doses */
    private function but(
        ?Vessel $vessel = null,
        ?array $doses = null,
        ?float $share = null,
        ?Duration $least = null,
        ?SimmerLevel $level = null,
        ?Temperature $atMost = null,
        ?Temperature $atLeast = null,
        ?Temperature $to = null,
        ?string $words = null,
    ): self {
        return new self(
            $this->kind,
            $vessel ?? $this->vessel,
            $doses ?? $this->doses,
            $share ?? $this->share,
            $least ?? $this->least,
            $level ?? $this->level,
            $atMost ?? $this->atMost,
            $atLeast ?? $this->atLeast,
            $to ?? $this->to,
            $words ?? $this->words,
        );
    }
}
