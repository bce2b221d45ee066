<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\LentoException;
use Lento\Pot\Pan;
use Lento\Pot\Straining;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\HandTime;
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

    /** min that a roux takes from one shade to the next. */
    private const A_SHADE = 4.0;

    /** min until raw wine, raw spice are gone; for a trouble that is clear. */
    private const WINE_GOES = 5.0;

    private const SPICE_OPENS = 10.0;

    /** min to make a small pot of unsalted sauce: roux, boil, ten of simmering; and more for each litre. */
    private const A_POT = 18.0;

    private const A_POT_PER_LITRE = 4.0;

    /** g a litre that a cook tastes in, for a trouble that is clear. */
    private const SUGAR = 2.0;

    private const SALT = 1.0;

    private const LEMON = 4.0;

    private const CREAM = 30.0;

    /** Shares of the sauce: water that mends split butter, what is replaced, what it is stretched by, what thins one out of the cold. */
    private const WATER_SPLASH = 0.03;

    private const REPLACED = 1.0 / 3.0;

    private const STRETCHED = 0.25;

    private const MOST_THINNED = 0.10;

    /** °C of a sauce that is served. */
    private const SERVED = 75.0;

    /** min, by custom: whisking, pouring off. */
    private const WHISKING = 2.0;

    private const POURING_OFF = 2.0;

    private function __construct(private Patient $pot) {}

    /** @return non-empty-list<Remedy> the first choice first; none that passes a limit that is in force */
    public static function for(Fault $fault, Patient $pot): array
    {
        $remedies = new self($pot);
        $found = array_values(array_filter(
            $remedies->found($fault),
            static fn(Remedy $remedy): bool => $pot->condition->mayBoil() || !$remedy->boils(),
        ));

        return $found === [] ? [new Remedy(RemedyKind::NextTime, self::minutes(0.0), $fault->isFinal() ? null : $pot->sauce)] : $found;
    }

    /** @return list<Remedy> */
    private function found(Fault $fault): array
    {
        return match ($fault->ofRoux() ? Stage::Roux : $this->pot->condition->stage) {
            Stage::Roux => $this->inTheRoux($fault),
            Stage::Pouring => $this->beforeTheBoil($fault),
            Stage::Cold => $this->outOfTheCold($fault),
            default => $this->inTheSauce($fault),
        };
    }

    /** @return list<Remedy> before any liquid: nothing but the roux can be mended */
    private function inTheRoux(Fault $fault): array
    {
        return match ($fault) {
            Fault::RouxStiff, Fault::Pasty => self::those($this->addFat()),
            Fault::RouxLoose, Fault::FatFilm => self::those($this->addFlour()),
            Fault::SpecksBurnt, Fault::RouxSeparated, Fault::Scorched, Fault::Bitter => [$this->startOver()],
            Fault::TooPale => [$this->kept(RemedyKind::BrownLonger, self::A_SHADE)],
            Fault::RawFlour => [$this->kept(RemedyKind::BrownLonger, self::CATCH_UP)],
            Fault::Lumps => [$this->kept(RemedyKind::Whisk, self::WHISKING)],
            Fault::TooDark => [],
            default => [$this->kept(RemedyKind::Wait, 0.0)],
        };
    }

    /** @return list<Remedy> nobody can judge flour that has not boiled */
    private function beforeTheBoil(Fault $fault): array
    {
        return match ($fault) {
            Fault::TooThick, Fault::TooThin, Fault::RawFlour, Fault::NeverBoiled, Fault::Pasty, Fault::FatFilm
                => self::those($this->boil()),
            Fault::TooSalty, Fault::Flat, Fault::Sour, Fault::TooLittle, Fault::RawWine, Fault::RawSpice, Fault::SetSolid
                => [$this->kept(RemedyKind::Wait, 0.0)],
            default => $this->inTheSauce($fault),
        };
    }

    /** @return list<Remedy> warm first, whisk, judge at 60 °C: jelly melts by itself */
    private function outOfTheCold(Fault $fault): array
    {
        return match ($fault) {
            Fault::TooThick, Fault::SetSolid, Fault::TooThin, Fault::Split, Fault::SplitButter, Fault::Pasty => self::those($this->warm()),
            Fault::FatFilm => self::those($this->skim()),
            Fault::Skin => [$this->left(RemedyKind::Strain, self::LEFT_IN_THE_SKIN, $this->straining())],
            default => [...self::those($this->warm()), ...$this->inTheSauce($fault)],
        };
    }

    /** @return list<Remedy> */
    private function inTheSauce(Fault $fault): array
    {
        return match ($fault) {
            Fault::TooThick => self::those($this->thin($this->pot->sauce)),
            Fault::TooThin => $this->thickened(),
            Fault::NeverBoiled => $this->neverBoiled(),
            Fault::Lumps => [
                $this->kept(RemedyKind::Whisk, self::WHISKING),
                $this->kept(RemedyKind::Blend, $this->blending()),
                $this->strainLumps(),
            ],
            Fault::RawFlour, Fault::Pasty => $this->raw($fault),
            Fault::FatFilm => self::those($this->skim(), $this->bind()),
            Fault::TooSalty => self::those($this->desalt()),
            Fault::Scorched => [$this->left(RemedyKind::Decant, self::LEFT_ON_THE_FLOOR, self::POURING_OFF), $this->startOver()],
            Fault::Split => [$this->coolAndBlend(), $this->strain()],
            Fault::Skin => [$this->left(RemedyKind::Strain, self::LEFT_IN_THE_SKIN, $this->straining())],
            Fault::SetSolid => self::those($this->warm()),
            Fault::FoamedOver => self::those($this->kept(RemedyKind::OffTheFlame, 1.0), $this->ladleOff()),
            Fault::Sour => [$this->tastedIn(RemedyKind::Sweeten, self::SUGAR), $this->tastedIn(RemedyKind::Round, self::CREAM)],
            Fault::Bitter => [
                $this->tastedIn(RemedyKind::Salt, self::SALT),
                $this->tastedIn(RemedyKind::Round, self::CREAM),
                $this->tastedIn(RemedyKind::Sweeten, self::SUGAR),
            ],
            Fault::Flat => self::those(
                $this->tastedIn(RemedyKind::Salt, self::SALT),
                $this->tastedIn(RemedyKind::Sharpen, self::LEMON),
                $this->reduce(),
            ),
            Fault::RawWine => self::those($this->simmerOn(self::WINE_GOES)),
            Fault::RawSpice => self::those($this->simmerOn(self::SPICE_OPENS)),
            Fault::GrainyCheese => [$this->tastedIn(RemedyKind::BlendWithAcid, self::LEMON), $this->strain()],
            Fault::SplitButter => [$this->whiskWater()],
            Fault::TooLittle => [$this->stretch()],
            Fault::RouxStiff, Fault::RouxLoose, Fault::TooDark, Fault::TooPale => [],
            Fault::SpecksBurnt, Fault::RouxSeparated => [$this->startOver()],
        };
    }

    /** @return list<Remedy> what has never boiled and may not is begun again, with what is left */
    private function neverBoiled(): array
    {
        return $this->pot->condition->mayBoil() ? self::those($this->boil()) : [$this->startOver()];
    }

    /** @return list<Remedy> */
    private function raw(Fault $fault): array
    {
        return $this->pot->condition->mayBoil()
            ? self::those(
                $this->cookOut(),
                $fault === Fault::Pasty ? $this->strain() : null,
                $fault === Fault::Pasty ? $this->fatNextTime() : null,
            )
            : self::those($this->replaceAPart(), $fault === Fault::Pasty ? $this->strain() : null);
    }

    /** @return list<Remedy> reduced first where that is soon done, for it costs nothing but volume; last where it takes long */
    private function thickened(): array
    {
        if (!$this->pot->condition->mayBoil()) {
            return self::those($this->thicken(Means::CookedApart));
        }
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
                $this->pot->condition->mayBoil() ? $thinning->time ?? self::minutes(0.0) : self::minutes(1.0),
                $thinning->sauce,
                new Dosing(
                    $this->pot->liquid->density->volumeOf($thinning->liquid),
                    goesIn: [[$this->pot->liquid->id, $thinning->liquid]],
                ),
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
        $kind = $this->pot->larder->thickener(in_array($means, [Means::Slurry, Means::CookedApart], true) ? 'cornflour' : 'plain-flour');
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
                new Dosing(solid: $thickening->thickener, means: $means, goesIn: $this->mixed($kind->id, $thickening->thickener, $means)),
            );
    }

    private function boil(): ?Remedy
    {
        $time = $this->pot->hob()->from($this->pot->temperature, $this->pot->sauce->heatCapacity());

        return $time === null ? null : new Remedy(RemedyKind::Boil, $time, $this->pot->sauce->boiledThrough(Thickening::SWOLLEN));
    }

    private function cookOut(): ?Remedy
    {
        $time = $this->pot->sauce->starch->tastesRaw() > Doneness::COOKED_OUT
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
        return $this->left(RemedyKind::Strain, Straining::CLING, $this->straining());
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
            : new Remedy(
                RemedyKind::Bind,
                self::minutes(max(Thickening::SWELLS_MINUTES, $binding->time->inMinutes())),
                $binding->sauce,
                new Dosing(
                    solid: $binding->flour,
                    means: Means::Slurry,
                    goesIn: $this->mixed('plain-flour', $binding->flour, Means::Slurry),
                ),
            );
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

        return $this->withUnsalted(RemedyKind::Desalt, $desalting->unsaltedSauce, $flour, $desalting->sauce);
    }

    /** As much more as a quarter of it, of the same thickness and as salty. */
    private function stretch(): Remedy
    {
        $more = Mass::ofGrams(self::STRETCHED * $this->pot->condition->severity->dose() * $this->pot->sauce->grams());
        $flour = Mass::ofGrams($more->inGrams() / $this->pot->sauce->grams() * $this->pot->sauce->starch->grams);

        return $this->withUnsalted(
            RemedyKind::Stretch,
            $more,
            $flour,
            $this->pot->sauce->plus($this->pot->sauce->times($more->inGrams() / $this->pot->sauce->grams())->salted(Mass::ofGrams(0.0))),
        );
    }

    /** Liquid and a white roux, half butter, half flour, boiled and simmered in another pan before they join. */
    private function withUnsalted(RemedyKind $kind, Mass $unsalted, Mass $flour, Sauce $after): Remedy
    {
        $liquid = Mass::ofGrams(max(0.0, $unsalted->inGrams() - 2.0 * $flour->inGrams()));
        $volume = $this->pot->liquid->density->volumeOf($liquid);

        return new Remedy(
            $kind,
            self::minutes(self::A_POT + self::A_POT_PER_LITRE * $volume->inLitres()),
            $after,
            new Dosing(
                $volume,
                $flour,
                Means::WhiteRoux,
                [[$this->pot->liquid->id, $liquid], ...$this->mixed('plain-flour', $flour, Means::WhiteRoux)],
            ),
        );
    }

    /** After the finish flour cannot be cooked out: a third is replaced by base that has been. */
    private function replaceAPart(): Remedy
    {
        $sauce = $this->pot->sauce;
        $starch = $sauce->starch;
        $after = $sauce->cooked(
            $sauce->waterGrams,
            $sauce->alcoholGrams,
            $sauce->yolkSet,
            $starch->cooked($starch->gelatinised, $starch->acidLeft, $starch->simmeredMinutes, (1.0 - self::REPLACED) * $starch->rawTaste),
        );

        return new Remedy(
            RemedyKind::ReplaceAPart,
            self::minutes(self::A_POT),
            $after,
            new Dosing(Volume::ofMillilitres(self::REPLACED * $sauce->millilitres())),
        );
    }

    /** @param float $gramsPerLitre usual, for a trouble that is clear */
    private function tastedIn(RemedyKind $kind, float $gramsPerLitre): Remedy
    {
        $what = $this->pot->larder->ingredient($kind->stirsIn());
        $mass = Mass::ofGrams($gramsPerLitre * $this->pot->condition->severity->dose() * $this->pot->sauce->volume()->inLitres());

        return new Remedy(
            $kind,
            self::minutes($kind === RemedyKind::BlendWithAcid ? $this->blending() : 1.0),
            $this->pot->sauce->with($what, $mass),
            new Dosing(solid: $mass, goesIn: [[$what->id, $mass]]),
        );
    }

    private function simmerOn(float $minutes): Remedy
    {
        $time = self::minutes($minutes * $this->pot->condition->severity->dose());

        return new Remedy(RemedyKind::CookOut, $time, $this->pot->simmer->for($this->pot->sauce, $time));
    }

    private function whiskWater(): Remedy
    {
        $water = $this->pot->larder->ingredient('water');
        $splash = Mass::ofGrams(self::WATER_SPLASH * $this->pot->sauce->grams());

        return new Remedy(
            RemedyKind::WhiskWater,
            self::minutes(self::WHISKING),
            $this->pot->sauce->with($water, $splash),
            new Dosing($water->density->volumeOf($splash), goesIn: [[$water->id, $splash]]),
        );
    }

    private function straining(): float
    {
        return Straining::time($this->pot->sauce->volume())->inMinutes();
    }

    private function blending(): float
    {
        return HandTime::clearing(Act::of(ActKind::Blend), $this->pot->sauce->volume())->inMinutes();
    }

    /** @return list<array{string, Mass}> a thickener with what it is mixed with */
    private function mixed(string $thickener, Mass $mass, Means $means): array
    {
        $grams = $mass->inGrams();
        $with = $means === Means::CookedApart ? $this->pot->liquid->id : 'water';

        return [
            [$thickener, $mass],
            ...$means->butter() > 0.0 ? [['butter', Mass::ofGrams($means->butter() * $grams)]] : [],
            ...$means->water() > 0.0 ? [[$with, Mass::ofGrams($means->water() * $grams)]] : [],
        ];
    }

    private function coolAndBlend(): Remedy
    {
        $splash = Mass::ofGrams(self::COLD_SPLASH * $this->pot->sauce->grams());

        return new Remedy(
            RemedyKind::CoolAndBlend,
            self::minutes($this->blending()),
            $this->pot->sauce->with($this->pot->liquid, $splash),
            new Dosing($this->pot->liquid->density->volumeOf($splash), goesIn: [[$this->pot->liquid->id, $splash]]),
        );
    }

    /** Out of the cold it has set: warmed, it is thinner by what the night took, and thinned where that is not enough. */
    private function warm(): ?Remedy
    {
        $warm = $this->pot->sauce->reheated();
        $to = min(self::SERVED, $this->pot->condition->limit?->inCelsius() ?? self::SERVED);
        $time = $this->pot->hob()->from(Temperature::ofCelsius(5.0), $warm->heatCapacity(), $to);
        if ($time === null) {
            return null;
        }
        $thinned = $this->thin($warm);
        $most = Mass::ofGrams(self::MOST_THINNED * $warm->grams());
        $liquid = $thinned?->goesIn[0][1] ?? null;
        $liquid = $liquid !== null && $liquid->kilograms > $most->kilograms ? $most : $liquid;

        return $liquid === null
            ? new Remedy(RemedyKind::Warm, $time, $warm)
            : new Remedy(
                RemedyKind::Warm,
                $time,
                $warm->with($this->pot->liquid, $liquid),
                new Dosing($this->pot->liquid->density->volumeOf($liquid), goesIn: [[$this->pot->liquid->id, $liquid]]),
            );
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
            new Dosing(
                solid: $fat = Mass::ofKilograms(($wanted - $roux->fatToFlour()) * $roux->flour->kilograms),
                goesIn: [[$roux->fatKind->id, $fat]],
            ),
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
            new Dosing(
                solid: $flour = Mass::ofKilograms($roux->fat->kilograms / $wanted - $roux->flour->kilograms),
                goesIn: [[$roux->flourKind->id, $flour]],
            ),
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
