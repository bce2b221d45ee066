<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;

/** What came out of a practice pot, beside what its sheet had promised. */
final readonly class Outcome
{
    /** Raw taste below which flour is cooked out. */
    private const COOKED_OUT = 0.15;

    /** A fault counts no more than so many times. */
    private const MOST = 3.0;

    /** @param array<string, float> $faults by kind, 1 for one whole fault; those that nobody tells are 0 */
    private function __construct(
        public ?Shade $shade,
        public ?Shade $wantedShade,
        public EquivalentFlour $thickness,
        public EquivalentFlour $wantedThickness,
        public Volume $volume,
        public Volume $wantedVolume,
        public float $saltPercent,
        public float $wantedSaltPercent,
        public Duration $time,
        public Duration $wantedTime,
        public array $faults,
    ) {}

    public static function of(Exercise $exercise, Standing $standing): self
    {
        $state = $standing->pot->state;
        [$is, $wanted] = [$state->content(), $exercise->cooking->sauces->served];
        $roux = $exercise->cooking->roux;
        [$shade, $ends] = [$state->shade, $roux?->watched === true ? $roux->ends : null];
        [$thick, $thickWanted] = [EquivalentFlour::of($is), EquivalentFlour::of($wanted)];
        $off = [
            LossKind::Colour->value => $ends === null || $shade === null ? 0.0 : $shade->value - $ends->value,
            LossKind::Thickness->value => log(max(1.0, $thick->gramsPerLitre) / max(1.0, $thickWanted->gramsPerLitre)),
            LossKind::Litres->value => log(max(1.0, $is->millilitres()) / max(1.0, $wanted->millilitres())),
            LossKind::Lumps->value => 1.0 - $state->smooth,
            LossKind::Burnt->value => max($standing->marks->burnt(), ($shade->value ?? 0.0) >= Shade::BURNT ? 1.0 : 0.0),
            LossKind::RawFlour->value => $is->starch->grams > 0.0 ? max(0.0, $is->starch->rawTaste - self::COOKED_OUT) : 0.0,
            LossKind::Salt->value => $is->saltPercent() - $wanted->saltPercent(),
            LossKind::Split->value => $standing->marks->split,
            LossKind::RanOver->value => $standing->marks->ranOver / max(1.0, $wanted->millilitres()),
        ];
        $faults = [];
        foreach (LossKind::cases() as $kind) {
            $much = abs($off[$kind->value]);
            $faults[$kind->value] = $much <= $kind->unseen() ? 0.0 : min(self::MOST, $much / $kind->whole());
        }

        return new self(
            $shade,
            $ends,
            $thick,
            $thickWanted,
            Volume::ofMillilitres($is->millilitres()),
            Volume::ofMillilitres($wanted->millilitres()),
            $is->saltPercent(),
            $wanted->saltPercent(),
            Duration::ofSeconds((float) $standing->second()),
            $exercise->plan->time(),
            $faults,
        );
    }

    /** @return float all faults together, 0 for a pot that nobody would send back */
    public function faults(): float
    {
        return array_sum($this->faults);
    }

    /** @return list<LossKind> the worst first, none that nobody tells */
    public function worst(): array
    {
        $faults = array_filter($this->faults, static fn(float $much): bool => $much > 0.0);
        arsort($faults);

        return array_map(LossKind::from(...), array_keys($faults));
    }

    /** Whether it is the sauce that was asked for: in its class, and nothing to send back. */
    public function isIt(): bool
    {
        return $this->thickness->thicknessClass() === $this->wantedThickness->thicknessClass()
            && array_filter($this->faults, static fn(float $much): bool => $much >= 1.0) === [];
    }

    /** Flour that would have brought it to its thickness; none where it is thick enough. */
    public function missingFlour(): Mass
    {
        $short = max(0.0, $this->wantedThickness->gramsPerLitre - $this->thickness->gramsPerLitre);
        $each = max(0.1, ($this->shade ?? Shade::of(0.0))->strength());

        return Mass::ofGrams($short * $this->volume->inMillilitres() / 1000.0 / $each);
    }
}
