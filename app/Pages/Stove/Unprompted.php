<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\LarderNames;
use App\Format\Litres;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnPan;
use Lento\Course\Happened\ReadOff;
use Lento\Course\ReadingKind;
use Lento\Plan\StepKind;
use Lento\Quantity\Volume;
use Lento\Stove\PotWatch;

/** What no step asked for: something put in or taken out, pours that stop early, another pan, a level that rose. */
final readonly class Unprompted
{
    /** Pans that a cook chooses from at the stove. */
    private const MOST_PANS = 60;

    public function __construct(private PotWatch $pot, private Kitchen $kitchen) {}

    /** @return array<string, string> name by larder id, what the pot is made with first */
    public function larder(): array
    {
        $liquid = $this->pot->plan->making->liquid ?? '';

        return $liquid === '' ? LarderNames::all($this->kitchen) : [
            $liquid => Words::ingredient($liquid),
            ...LarderNames::all($this->kitchen),
        ];
    }

    /** @return array<int, OwnPan> */
    public function pans(): array
    {
        return array_slice($this->kitchen->pans, 0, self::MOST_PANS, true);
    }

    /** What stays in the jug if pouring stops now; null where nothing is being poured. */
    public function left(): ?Volume
    {
        $course = $this->pot->course;
        if ($course->step()->kind !== StepKind::Pour || $course->nextAddition() === null) {
            return null;
        }
        $left = 0.0;
        foreach ($course->step()->additions as $addition) {
            $left += in_array($addition->id, $course->poured(), true) ? 0.0 : ($addition->amount->volume?->inMillilitres() ?? 0.0);
        }

        return $left >= 1.0 ? Volume::ofMillilitres($left) : null;
    }

    /** As the tap sends it. */
    public function leftLitres(): string
    {
        return sprintf('%.3F', $this->left()?->inLitres() ?? 0.0);
    }

    public function leftText(): string
    {
        return Litres::of($this->left() ?? Volume::ofLitres(0.0))->text();
    }

    /**
     * The level that stood higher than anything explains.
     *
     * @return array{ml: string, at: string, reading: string}|null how much, the moment before it was read, and which reading it was
     */
    public function rose(): ?array
    {
        $rose = $this->pot->sauce->reckoning->rose ?? 0.0;
        $last = null;
        foreach ($this->pot->course->all(ReadOff::class) as $read) {
            $last = in_array($read->reading->kind, [ReadingKind::Depth, ReadingKind::Weight], true) ? $read : $last;
        }

        return $rose <= 0.0 || $last === null ? null : [
            'ml' => sprintf('%.0F', 10.0 * round($rose / 10.0)),
            'at' => (string) ((int) $last->at->format('Uv') - 1),
            'reading' => $last->id,
        ];
    }
}
