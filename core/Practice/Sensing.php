<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Numerics\Curve;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\PotState;
use Lento\Simulation\Setting;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;

/**
 * Eye, nose, ear, tongue and instruments at the practice pot: what its state gives to each. What is drawn comes from here alone.
 *
 * The scales from a state to what is drawn are an artist's, docs/practice.md; spoon, shade, level and temperature are the model's.
 */
final readonly class Sensing
{
    private const BUTTER_WATER = 0.16;

    private const FOAMS_AT = 99.0;

    /** Fat to flour of a paste that stands dry, and of one that runs. */
    private const DRY = 0.55;

    private const RUNS = 0.95;

    /** g/min and cm2 of a rolling boil. */
    private const ROLLING = 0.075;

    /** Pa s at which bubbles are as small and as large as they are drawn. */
    private const WATERY = 0.002;

    private const HEAVY = 2.0;

    private const FILM_MM = 1.2;

    private const TRAIL_SECONDS = 4.0;

    private const TREMBLES_FROM = 82.0;

    private const RAW = 0.15;

    /** Ranks of lumps from which one sees a few, and many. */
    private const FEW = 0.12;

    private const MANY = 0.35;

    /** Share of specks that one sees. */
    private const SEEN = 0.08;

    private const TASTE_AT = 60.0;

    /** % of salt: less is flat, more is salty, and too much. */
    private const FLAT = 0.35;

    private const SALTY = 0.95;

    private const TOO_SALTY = 1.25;

    public function __construct(private HeatedPan $vessel) {}

    public function look(Standing $standing): Look
    {
        [$pot, $marks] = [$standing->pot, $standing->marks];
        [$state, $setting] = [$pot->state, $pot->setting];
        $phase = $this->phase($state);
        $shown = [
            'lumps' => 1.0 - $state->smooth,
            'level' => $this->vessel->pan->fill($state->content()->volume()),
            'head' => Head::of($state, $setting, $this->vessel),
            'skin' => $marks->skin,
            'middle' => $marks->middle,
            'edge' => $marks->edge,
            'caught' => $marks->caught,
            'split' => $marks->split,
            ...$phase === Phase::Sauce ? $this->sauce($state, $setting) : $this->paste($state, $setting),
        ];
        [$foam, $wet, $pace, $size] = [$shown['foam'] ?? 0.0, $shown['wet'] ?? 0.0, $shown['pace'], $shown['size']];
        $sights = [
            ...$foam > 0.3 ? [Sight::Foam] : [],
            ...$phase === Phase::Paste && $wet > 0.6 ? [Sight::WetPaste] : [],
            ...$phase === Phase::Paste && $wet < 0.25 ? [Sight::DryPaste] : [],
            ...$phase === Phase::Paste && $pace > 0.15 ? [Sight::Bubbling] : [],
            ...$this->troubled($shown, $phase),
            ...$marks->ranOver > 0.0 && $shown['head'] > 1.0 ? [Sight::RunsOver] : ($shown['head'] > 0.92 ? [Sight::Rising] : []),
            ...$phase === Phase::Sauce && $pace <= 0.0 && $state->celsius > self::TREMBLES_FROM ? [Sight::Trembling] : [],
            ...$phase === Phase::Sauce && ($shown['fat'] ?? 0.0) > 0.15 ? [Sight::Fat] : [],
        ];

        return Look::of(
            $standing,
            $phase,
            $state->shade->value ?? 0.0,
            $shown,
            new Impression($this->smell($standing, $phase, $foam), $this->sound($phase, $foam, $pace, $size, $standing), $sights),
        );
    }

    /**
     * @param array<string, float> $shown
     *
     * @return list<Sight>
     */
    private function troubled(array $shown, Phase $phase): array
    {
        return [
            ...$phase === Phase::Sauce && $shown['lumps'] >= self::MANY
                ? [Sight::Lumps]
                : ($phase === Phase::Sauce && $shown['lumps'] >= self::FEW ? [Sight::FewLumps] : []),
            ...$shown['middle'] > self::SEEN ? [Sight::Specks] : ($shown['edge'] > self::SEEN ? [Sight::DarkEdge] : []),
            ...$shown['caught'] > self::SEEN ? [Sight::Catching] : [],
            ...$shown['skin'] > 0.25 ? [Sight::Skin] : [],
            ...$shown['split'] > 0.25 ? [Sight::Split] : [],
        ];
    }

    private function phase(PotState $state): Phase
    {
        return match (true) {
            $state->paste === null => $state->sauce->grams() > 0.0 ? Phase::Sauce : Phase::Bare,
            $state->paste->hasFlour() => Phase::Paste,
            default => $state->paste->parts->grams() > 0.0 ? Phase::Fat : Phase::Bare,
        };
    }

    /** @return array<string, float> */
    private function paste(PotState $state, Setting $setting): array
    {
        $paste = $state->paste;
        $fat = $paste?->parts->fatGrams ?? 0.0;
        if ($paste === null || $fat <= 0.0) {
            return ['pace' => 0.0, 'size' => 0.0];
        }
        $boils = Curve::sigmoid(($state->celsius - self::FOAMS_AT) / 1.5);
        if (!$paste->hasFlour()) {
            $foam = $boils * min(1.0, $paste->fatWater / (self::BUTTER_WATER * $fat));

            return ['foam' => $foam, 'pace' => $foam, 'size' => 0.15, 'steam' => 0.6 * $foam];
        }
        $flour = max(1e-6, $paste->parts->starch->grams);
        $water = min(1.0, ($paste->fatWater + $paste->flourWater) / (0.12 * $flour));
        $fluid = ($fat / $flour - self::DRY) / (self::RUNS - self::DRY);

        return [
            'wet' => Curve::clamp($fluid + 0.4 * $water, 0.0, 1.0),
            'pace' => $setting->heating->flux() > 0.0 ? $boils * (0.15 + 0.6 * $water) : 0.1 * $boils * $water,
            'size' => 0.35,
            'steam' => 0.4 * $boils * $water,
            'trail' => Curve::clamp(1.0 - $fluid, 0.1, 1.0),
        ];
    }

    /** @return array<string, float> */
    private function sauce(PotState $state, Setting $setting): array
    {
        $flow = Flow::at($state->sauce, $state->celsius);
        $thick = $flow->pascalSeconds(EquivalentFlour::SHEAR);
        $steam = Head::steam($state, $setting, $this->vessel);
        $spoon = SpoonTest::of($flow);

        return [
            'pace' => min(1.0, $steam / self::ROLLING) ** 0.6,
            'size' => Curve::clamp(log($thick / self::WATERY) / log(self::HEAVY / self::WATERY), 0.0, 1.0),
            'steam' => Curve::clamp(($state->celsius - 60.0) / 60.0, 0.0, 0.6) + 0.4 * min(1.0, $steam / self::ROLLING),
            'film' => $spoon->film->inMillimetres() / self::FILM_MM,
            'trail' => Curve::clamp($thick / self::TRAIL_SECONDS + ($flow->yield > 1.2 ? 0.4 : 0.0), 0.0, 1.0),
            'fat' => min(1.0, $state->sauce->freeFat()->inGrams() / max(1.0, 0.05 * $this->vessel->area())),
            'foam' => min(1.0, $steam / self::ROLLING) * min(1.0, $state->sauce->dairy() + 0.15),
        ];
    }

    private function smell(Standing $standing, Phase $phase, float $foam): Smell
    {
        [$state, $burnt] = [$standing->pot->state, $standing->marks->burnt()];
        $shade = $state->shade->value ?? 0.0;

        return match ($phase) {
            Phase::Bare => Smell::Nothing,
            Phase::Fat => match (true) {
                $state->celsius > ($state->paste->smokesAt ?? INF) => Smell::Smoke,
                $state->celsius > self::FOAMS_AT && $foam < 0.3 => Smell::HotFat,
                default => Smell::Butter,
            },
            Phase::Paste => match (true) {
                $burnt > 0.3 => Smell::Burnt,
                $shade < 0.3 => Smell::RawFlour,
                $shade < 0.6 => Smell::Biscuit,
                $shade < 1.3 => Smell::Toast,
                $shade < 2.3 => Smell::Nuts,
                $shade < 3.2 => Smell::Coffee,
                default => Smell::Acrid,
            },
            Phase::Sauce => match (true) {
                $burnt > 0.2 => Smell::Burnt,
                $state->sauce->alcoholGrams > 0.01 * $state->sauce->grams() => Smell::Spirit,
                $state->sauce->starch->rawTaste > 0.35 && $state->sauce->starch->grams > 0.0 => Smell::Floury,
                $state->sauce->dairy() > 0.5 => Smell::HotMilk,
                default => Smell::Savoury,
            },
        };
    }

    private function sound(Phase $phase, float $foam, float $pace, float $size, Standing $standing): Sound
    {
        return match (true) {
            $this->isOver($standing) => Sound::Hissing,
            $phase === Phase::Bare => Sound::Silent,
            $phase === Phase::Fat => $foam > 0.55 ? Sound::LoudHiss : ($foam > 0.15 ? Sound::SoftHiss : Sound::Silent),
            $phase === Phase::Paste => $pace > 0.35 ? Sound::Crackle : ($pace > 0.12 ? Sound::SoftHiss : Sound::Silent),
            $pace <= 0.0 => Sound::Silent,
            $size > 0.75 => Sound::Plopping,
            $pace < 0.4 => Sound::NowAndThen,
            $pace < 0.8 => Sound::Simmering,
            default => Sound::Rolling,
        };
    }

    private function isOver(Standing $standing): bool
    {
        return $standing->marks->ranOver > 0.0 && Head::of($standing->pot->state, $standing->pot->setting, $this->vessel) > 1.0;
    }

    /** What is read off it; nothing where there is nothing to read. */
    public function measured(DeedKind $kind, Standing $standing): Measure
    {
        $state = $standing->pot->state;
        $content = $state->content();
        $some = $content->grams() > 0.0;

        return match (true) {
            $kind === DeedKind::Probe => Measure::temperature(Temperature::ofCelsius($state->celsius)),
            $kind === DeedKind::Weigh => Measure::mass(Mass::ofGrams($content->grams())),
            $kind === DeedKind::Depth && $some => Measure::depth(
                Length::ofMillimetres($this->vessel->pan->depth($content->volume())->inMillimetres()),
                $content->volume(),
            ),
            $kind === DeedKind::Dip && $state->paste === null && $some => Measure::spoon(
                SpoonTest::of(Flow::at($state->sauce, self::TASTE_AT))->word(),
            ),
            $kind === DeedKind::Taste && $state->paste === null && $some => Measure::tasted($this->tastes($standing)),
            default => Measure::none($kind),
        };
    }

    /** @return list<Taste> */
    private function tastes(Standing $standing): array
    {
        $sauce = $standing->pot->state->sauce;
        $salt = $sauce->saltPercent();
        $tastes = [
            ...$sauce->starch->grams > 0.0 && $sauce->starch->rawTaste > self::RAW ? [Taste::RawFlour] : [],
            ...$standing->marks->burnt() > 0.12 ? [Taste::Burnt] : [],
            ...$standing->marks->split > 0.25 || 1.0 - $standing->pot->state->smooth > self::MANY ? [Taste::Grainy] : [],
            ...$sauce->pH() < 4.6 ? [Taste::Sour] : [],
            ...$salt < self::FLAT ? [Taste::Flat] : [],
            ...$salt > self::TOO_SALTY ? [Taste::TooSalty] : ($salt > self::SALTY ? [Taste::Salty] : []),
        ];

        return $tastes === [] ? [Taste::Clean] : $tastes;
    }
}
