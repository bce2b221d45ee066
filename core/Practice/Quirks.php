<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\OutOfRange;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Larder\Thickener;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Simulation\HeatedPan;

/** What is otherwise in the kitchen that one practises in: hidden until the pot is talked over. */
final readonly class Quirks
{
    private const SURE = 0.01;

    private const SALT_OF_STOCK = 0.35;

    /** @param array<string, float> $sizes by the name of the quirk, each within its span */
    private function __construct(public array $sizes) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @throws OutOfRange outside of its span */
    public static function only(Quirk $quirk, float $size): self
    {
        return self::none()->and($quirk, $size);
    }

    /** @throws OutOfRange outside of its span */
    public function and(Quirk $quirk, float $size): self
    {
        [$least, $most] = $quirk->span();
        OutOfRange::refuse('quirk', $size, $least, $most, '', $quirk->value);

        return new self([...$this->sizes, $quirk->value => $size]);
    }

    /**
     * As many as the difficulty has, no two that undo one another; the same for the same seed.
     *
     * @param list<Quirk> $possible of those that this sauce would notice
     *
     * @throws OutOfRange unless the seed is one
     */
    public static function drawn(int $seed, Difficulty $difficulty, array $possible): self
    {
        [$draw, $quirks] = [Draw::from($seed), self::none()];
        for ($i = 0; $i < $difficulty->quirks() && $possible !== []; $i++) {
            $draw = $draw->next();
            $quirk = $possible[$draw->below(count($possible))];
            $draw = $draw->next();
            $quirks = $quirks->and($quirk, $quirk->size($draw->share()));
            $possible = array_values(array_filter(
                $possible,
                static fn(Quirk $other): bool => $other !== $quirk && !self::undo($quirk, $other),
            ));
        }

        return $quirks;
    }

    private static function undo(Quirk $one, Quirk $other): bool
    {
        return in_array($one, [Quirk::PanWide, Quirk::PanNarrow], true) && in_array($other, [Quirk::PanWide, Quirk::PanNarrow], true);
    }

    public function without(Quirk $quirk): self
    {
        return new self(array_diff_key($this->sizes, [$quirk->value => 0.0]));
    }

    public function has(Quirk $quirk): bool
    {
        return isset($this->sizes[$quirk->value]);
    }

    /** @return list<Quirk> */
    public function all(): array
    {
        return array_map(Quirk::from(...), array_keys($this->sizes));
    }

    /** The pan that one knows, where it stands now. */
    public function vessel(HeatedPan $pan): HeatedPan
    {
        $known = $pan->kitchen;
        $steams = ($this->sizes[Quirk::PanWide->value] ?? 1.0) * ($this->sizes[Quirk::PanNarrow->value] ?? 1.0);
        $kitchen = KitchenFactors::of(
            self::times($known->evaporation, $steams),
            $known->browning,
            self::times($known->flourStrength, $this->sizes[Quirk::FlourWeak->value] ?? 1.0),
        );

        return HeatedPan::of($pan->pan, $pan->mass, $pan->base, $pan->metal, $pan->boilsAt, $kitchen)
            ->onRing($this->sizes[Quirk::RingHot->value] ?? 1.0);
    }

    private static function times(Factor $known, float $factor): Factor
    {
        return $factor === 1.0 ? $known : Factor::unknown(self::SURE)->after($known->value * $factor, self::SURE / 100.0);
    }

    /** What is taken from the larder there. */
    public function of(Thickener|Fat|Ingredient $what): Thickener|Fat|Ingredient
    {
        if ($what instanceof Fat && $what->water > 0.0 && $this->has(Quirk::ButterWet)) {
            $water = $this->sizes[Quirk::ButterWet->value];

            return $what->similar($what->id, fat: max(0.0, $what->fat - $water), water: $what->water + $water);
        }

        return $what instanceof Ingredient && $this->isStock($what) ? $this->stock($what) : $what;
    }

    private function isStock(Ingredient $what): bool
    {
        return $what->role === Role::Liquid && $what->alcohol <= 0.0;
    }

    private function stock(Ingredient $what): Ingredient
    {
        $salt = $this->sizes[Quirk::StockSalty->value] ?? 0.0;
        $gelatin = $this->sizes[Quirk::StockJellied->value] ?? 0.0;

        return $salt + $gelatin <= 0.0 ? $what : $what->similar(
            $what->id,
            salt: min(self::SALT_OF_STOCK, $what->salt + $salt),
            gelatin: $what->gelatin + $gelatin,
        );
    }

    /** @return float °C at which a liquid comes that was meant to come at so many */
    public function celsius(float $meant): float
    {
        return max(1.0, $meant - ($this->sizes[Quirk::LiquidCold->value] ?? 0.0));
    }

    /** @return float s of a colour during which nobody stirred yet, whatever is done */
    public function stirredLate(): float
    {
        return $this->sizes[Quirk::StirredLate->value] ?? 0.0;
    }
}
