<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Procedure\Cut;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/** How a rehearsal stands: the pot, what waits in the second pan, the limit in force, what went wrong so far. */
final readonly class Rehearsing
{
    /**
     * @param Sauce $apart what waits to join
     * @param list<Cut> $cut vegetables in the pot, for the sieve that rubs them through
     * @param bool $standing whether there is a sauce yet
     * @param int $now s since it was begun
     * @param array<string, Happening> $troubles
     */
    private function __construct(
        public PotState $state,
        public Setting $setting,
        public Sauce $apart,
        public array $cut,
        public bool $standing,
        public int $now,
        public ?Temperature $limit,
        public array $troubles,
    ) {}

    public static function cold(float $celsius): self
    {
        return new self(
            PotState::emptyPan($celsius),
            Setting::cold()->stirred(1.0),
            Sauce::nothing(),
            [],
            false,
            0,
            null,
            [],
        );
    }

    public function in(PotState $state, ?Setting $setting = null): self
    {
        return $this->but(state: $state, setting: $setting);
    }

    public function set(Setting $setting): self
    {
        return $this->but(setting: $setting);
    }

    /** All of a sauce, at once. */
    public function filled(Sauce $sauce, float $celsius): self
    {
        return $this->but(
            state: PotState::emptyPan($celsius)->sauced($sauce, $celsius, Ledger::opened()->plus(in: $sauce->grams())),
            standing: true,
        );
    }

    public function joined(Sauce $more): self
    {
        return abs($more->grams()) <= 0.0 ? $this : $this->but(
            state: $this->state->sauced(
                $this->state->sauce->plus($more),
                $this->state->celsius,
                $this->state->ledger->plus(in: $more->grams()),
            ),
        );
    }

    public function setApart(Sauce $sauce): self
    {
        return $this->but(apart: $sauce);
    }

    /** @param list<Cut> $cut */
    public function cutInto(array $cut): self
    {
        return $this->but(cut: $cut);
    }

    public function limitedTo(?Temperature $limit): self
    {
        return $limit === null || $this->limit !== null && $this->limit->kelvin <= $limit->kelvin ? $this : $this->but(limit: $limit);
    }

    public function aSecondOn(PotState $state): self
    {
        return $this->on($state, 1);
    }

    /** @param int<0, max> $seconds */
    public function on(PotState $state, int $seconds): self
    {
        return $this->but(state: $state, now: $this->now + $seconds);
    }

    public function troubled(Mishap $trouble, string $about): self
    {
        $key = $trouble->value . $about;

        return isset($this->troubles[$key]) ? $this : $this->but(
            troubles: [...$this->troubles, $key => new Happening(Duration::ofSeconds((float) $this->now), $trouble, $about)],
        );
    }

    /**
     * @param list<Cut>|null $cut
     * @param array<string, Happening>|null $troubles
     */
    private function but(
        ?PotState $state = null,
        ?Setting $setting = null,
        ?Sauce $apart = null,
        ?array $cut = null,
        ?bool $standing = null,
        ?int $now = null,
        ?Temperature $limit = null,
        ?array $troubles = null,
    ): self {
        return new self(
            $state ?? $this->state,
            $setting ?? $this->setting,
            $apart ?? $this->apart,
            $cut ?? $this->cut,
            $standing ?? $this->standing,
            $now ?? $this->now,
            $limit ?? $this->limit,
            $troubles ?? $this->troubles,
        );
    }
}
