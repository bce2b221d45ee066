<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\LentoException;
use Lento\Pot\Pan;
use Lento\Pot\Straining;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\Doneness;
use Lento\Thickness\Sauce;

/**
 * What to do about a fault, the first choice first, with amounts for this pot as it is now. What cannot be saved says so.
 *
 * Source: docs/model.md, F; shares that stay behind and minutes named here are by custom of the trade.
 */
final readonly class Remedies
{
    /** Share of the flour that stands in lumps when a cook sees some. */
    private const LUMPED = 0.10;

    /** Share that stays behind with what has burnt on, with a skin. */
    private const LEFT_ON_THE_FLOOR = 0.08;

    private const LEFT_IN_THE_SKIN = 0.02;

    /** Fat to flour that spreads well; and by how much of the flour a roux is mended that should have been right already. */
    private const SPREADS = 1.0;

    private const A_LITTLE = 0.15;

    /** min that flour added to a roux needs to catch up. */
    private const CATCH_UP = 2.5;

    /** Share of a split sauce's mass that goes in cold to bring it together. */
    private const COLD_SPLASH = 0.06;

    /** min that a cook has for a reduction in the middle of a service. */
    private const SOON = 20.0;

    /** min, by custom: whisking, blending, straining through a cloth, pouring off. */
    private const WHISKING = 2.0;

    private const BLENDING = 4.0;

    private const POURING_OFF = 2.0;

    private function __construct(private Patient $pot) {}

    /** @return non-empty-list<Remedy> the first choice first */
    public static function for(Fault $fault, Patient $pot): array
    {
        $found = (new self($pot))->found($fault);

        return $found === [] ? [new Remedy(RemedyKind::NextTime, self::minutes(0.0), $fault->isFinal() ? null : $pot->sauce)] : $found;
    }

    /** @return list<Remedy> */
    private function found(Fault $fault): array
    {
        return match ($fault) {
            Fault::TooThick => self::those($this->thin($this->pot->sauce)),
            Fault::TooThin => $this->thickened(),
            Fault::NeverBoiled => self::those($this->boil()),
            Fault::Lumps => [
                $this->kept(RemedyKind::Whisk, self::WHISKING),
                $this->kept(RemedyKind::Blend, self::BLENDING),
                $this->strainLumps(),
            ],
            Fault::RawFlour, Fault::Pasty => self::those(
                $this->cookOut(),
                $fault === Fault::Pasty ? $this->strain() : null,
                $fault === Fault::Pasty ? $this->fatNextTime() : null,
            ),
            Fault::FatFilm => self::those($this->skim(), $this->bind()),
            Fault::TooSalty => self::those($this->desalt()),
            Fault::Scorched => [$this->left(RemedyKind::Decant, self::LEFT_ON_THE_FLOOR, self::POURING_OFF), $this->startOver()],
            Fault::Split => [$this->coolAndBlend(), $this->strain()],
            Fault::Skin => [$this->left(RemedyKind::Strain, self::LEFT_IN_THE_SKIN, Straining::time($this->pot->sauce->volume())->inMinutes())],
            Fault::SetSolid => self::those($this->warm()),
            Fault::RouxStiff => self::those($this->addFat()),
            Fault::RouxLoose => self::those($this->addFlour()),
            Fault::SpecksBurnt, Fault::RouxSeparated => [$this->startOver()],
            Fault::TooDark => [],
            Fault::TooPale => [],
            Fault::FoamedOver => self::those($this->ladleOff()),
        };
    }

    /** @return list<Remedy> reduced first where that is soon done, for it costs nothing but volume; else last */
    private function thickened(): array
    {
        $reduced = $this->reduce();
        $soon = $reduced !== null && $reduced->time->inMinutes() <= self::SOON;
        $thickened = self::those($this->thicken(Means::BeurreManie), $this->thicken(Means::WhiteRoux), $this->thicken(Means::Slurry));

        return $soon ? self::those($reduced, ...$thickened) : [...$thickened, ...self::those($reduced)];
    }

    private function thin(Sauce $sauce): ?Remedy
    {
        try {
            $thinning = Thinning::to(
                $this->pot->target,
                $sauce,
                $this->pot->liquid,
                Temperature::ofCelsius(Thinning::HOT),
                $this->pot->hob(),
            );
        } catch (LentoException) {
            return null;
        }

        return $thinning->liquid->kilograms <= 0.0
            ? null
            : new Remedy(
                RemedyKind::Thin,
                $thinning->time ?? self::minutes(0.0),
                $thinning->sauce,
                new Dosing($this->pot->liquid->density->volumeOf($thinning->liquid)),
            );
    }

    private function reduce(): ?Remedy
    {
        try {
            $reduction = Reduction::to($this->pot->target, $this->pot->sauce, $this->pot->simmer);
        } catch (LentoException) {
            return null;
        }

        return $reduction->time->seconds <= 0.0
            ? null
            : new Remedy(
                RemedyKind::Reduce,
                $reduction->time,
                $reduction->sauce,
                new Dosing($reduction->volume),
                $reduction->depthIn($this->pot->pan),
            );
    }

    private function thicken(Means $means): ?Remedy
    {
        $kind = $this->pot->larder->thickener($means === Means::Slurry ? 'cornflour' : 'plain-flour');
        try {
            $thickening = Thickening::to($this->pot->target, $this->pot->sauce, $means, $kind, $this->pot->simmer, $this->pot->larder);
        } catch (LentoException) {
            return null;
        }

        return $thickening->thickener->kilograms <= 0.0
            ? null
            : new Remedy(
                RemedyKind::Thicken,
                self::minutes(max(Thickening::SWELLS_MINUTES, $thickening->time->inMinutes())),
                $thickening->sauce,
                new Dosing(solid: $thickening->thickener, means: $means),
            );
    }

    private function boil(): ?Remedy
    {
        $time = $this->pot->hob()->from($this->pot->temperature, $this->pot->sauce->heatCapacity());

        return $time === null ? null : new Remedy(RemedyKind::Boil, $time, $this->pot->sauce->boiledThrough(Thickening::SWOLLEN));
    }

    private function cookOut(): ?Remedy
    {
        $time = $this->pot->sauce->starch->rawTaste > Doneness::COOKED_OUT
            ? $this->pot->simmer->minutesUntilCookedOut($this->pot->sauce, Doneness::COOKED_OUT)
            : self::minutes(0.0);

        return $time->seconds <= 0.0 ? null : new Remedy(RemedyKind::CookOut, $time, $this->pot->simmer->for($this->pot->sauce, $time));
    }

    private function strainLumps(): Remedy
    {
        $straining = Straining::of($this->pot->sauce, Mass::ofGrams(0.0), self::LUMPED);

        return new Remedy(RemedyKind::Strain, $straining->time, $straining->sauce, new Dosing(solid: $straining->lumpedFlour));
    }

    private function strain(): Remedy
    {
        return $this->left(RemedyKind::Strain, Straining::CLING, Straining::time($this->pot->sauce->volume())->inMinutes());
    }

    private function skim(): ?Remedy
    {
        $skimming = Skimming::of($this->pot->sauce);

        return $skimming->fat->kilograms <= 0.0
            ? null
            : new Remedy(RemedyKind::Skim, $skimming->time, $skimming->sauce, new Dosing(solid: $skimming->fat));
    }

    private function bind(): ?Remedy
    {
        $binding = FatBinding::of($this->pot->sauce, $this->pot->larder->thickener('plain-flour'), $this->pot->simmer);

        return $binding->flour->kilograms <= 0.0
            ? null
            : new Remedy(RemedyKind::Bind, $binding->time, $binding->sauce, new Dosing(solid: $binding->flour));
    }

    /** With unsalted liquid, and a white roux to keep its thickness: together they are the unsalted sauce that dilutes it. */
    private function desalt(): ?Remedy
    {
        try {
            $desalting = Desalting::to(
                $this->pot->saltPercent,
                $this->pot->sauce,
                Temperature::ofCelsius(Thinning::HOT),
                $this->pot->hob(),
            );
        } catch (LentoException) {
            return null;
        }
        if ($desalting->unsaltedSauce->kilograms <= 0.0) {
            return null;
        }
        $flour = Mass::ofGrams($desalting->unsaltedSauce->inGrams() / $this->pot->sauce->grams() * $this->pot->sauce->starch->grams);
        // Butter and flour go in as a white roux, half and half.
        $liquid = Mass::ofGrams(max(0.0, $desalting->unsaltedSauce->inGrams() - 2.0 * $flour->inGrams()));

        return new Remedy(
            RemedyKind::Desalt,
            $desalting->time ?? self::minutes(0.0),
            $desalting->sauce,
            new Dosing($this->pot->liquid->density->volumeOf($liquid), $flour, Means::WhiteRoux),
        );
    }

    private function coolAndBlend(): Remedy
    {
        $splash = Mass::ofGrams(self::COLD_SPLASH * $this->pot->sauce->grams());

        return new Remedy(
            RemedyKind::CoolAndBlend,
            self::minutes(self::BLENDING),
            $this->pot->sauce->with($this->pot->liquid, $splash),
            new Dosing($this->pot->liquid->density->volumeOf($splash)),
        );
    }

    /** Out of the cold it has set: warmed, it is thinner by what the night took, and thinned where that is not enough. */
    private function warm(): ?Remedy
    {
        $warm = $this->pot->sauce->reheated();
        $time = $this->pot->hob()->from(Temperature::ofCelsius(5.0), $warm->heatCapacity());
        if ($time === null) {
            return null;
        }
        $thinned = $this->thin($warm);

        return new Remedy(RemedyKind::Warm, $time, $thinned->after ?? $warm, new Dosing($thinned?->liquid));
    }

    private function addFat(): ?Remedy
    {
        $roux = $this->pot->roux;
        if ($roux === null || $roux->flour->kilograms <= 0.0) {
            return null;
        }
        $wanted = max(self::SPREADS, $roux->fatToFlour() + self::A_LITTLE);

        return new Remedy(
            RemedyKind::AddFat,
            self::minutes(1.0),
            null,
            new Dosing(solid: Mass::ofKilograms(($wanted - $roux->fatToFlour()) * $roux->flour->kilograms)),
            ratio: $wanted,
        );
    }

    private function addFlour(): ?Remedy
    {
        $roux = $this->pot->roux;
        if ($roux === null || $roux->flour->kilograms <= 0.0) {
            return null;
        }
        $wanted = max(0.5, min(self::SPREADS, $roux->fatToFlour() / (1.0 + self::A_LITTLE)));

        return new Remedy(
            RemedyKind::AddFlour,
            self::minutes(self::CATCH_UP),
            null,
            new Dosing(solid: Mass::ofKilograms($roux->fat->kilograms / $wanted - $roux->flour->kilograms)),
            ratio: $wanted,
        );
    }

    /** The fat that was missing, for the next pot: half a part more a part of flour. */
    private function fatNextTime(): ?Remedy
    {
        $fat = $this->addFat();

        return $fat === null
            ? null
            : new Remedy(RemedyKind::NextTime, self::minutes(0.0), $this->pot->sauce, new Dosing(solid: $fat->solid), ratio: $fat->ratio);
    }

    /** Down to four fifths of the brim, where foam has room. */
    private function ladleOff(): ?Remedy
    {
        $over = $this->pot->sauce->millilitres() - Pan::FULL_WHEN_FOAMING * $this->pot->pan->brim()->inMillilitres();
        if ($over <= 0.0) {
            return null;
        }
        $left = 1.0 - $over / $this->pot->sauce->millilitres();

        return new Remedy(
            RemedyKind::LadleOff,
            self::minutes(1.0),
            $this->pot->sauce->times($left),
            new Dosing(Volume::ofMillilitres($over)),
        );
    }

    private function startOver(): Remedy
    {
        return new Remedy(RemedyKind::StartOver, self::minutes(0.0), null);
    }

    private function kept(RemedyKind $kind, float $minutes): Remedy
    {
        return new Remedy($kind, self::minutes($minutes), $this->pot->sauce);
    }

    private function left(RemedyKind $kind, float $share, float $minutes): Remedy
    {
        return new Remedy(
            $kind,
            self::minutes($minutes),
            $this->pot->sauce->times(1.0 - $share),
            new Dosing(Volume::ofMillilitres($share * $this->pot->sauce->millilitres())),
        );
    }

    /** @return list<Remedy> */
    private static function those(?Remedy ...$remedies): array
    {
        return array_values(array_filter($remedies));
    }

    private static function minutes(float $minutes): Duration
    {
        return Duration::ofMinutes($minutes);
    }
}
