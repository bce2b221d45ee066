<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Degrees;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Course\KeptAs;
use Lento\Keeping\CoolingStage;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\SkinGuard;

/** Serve, hold or cool: how, by the kitchen’s own guidance. */
final readonly class Keeping
{
    private FoodSafety $preset;

    public function __construct(private SkinGuard $skin, private ?KeptAs $kept, Kitchen $kitchen)
    {
        $this->preset = $kitchen->foodSafety();
    }

    /** @return list<array{kept: string, name: string, how: string, chosen: bool}> */
    public function ways(): array
    {
        $skin = Words::text('stove.keep.skin.' . $this->skin->value);
        $stages = array_map(
            static fn(CoolingStage $stage): string => Words::text(
                'stove.keep.stage',
                from: Degrees::text($stage->from),
                to: Degrees::text($stage->to),
                hours: rtrim(rtrim(sprintf('%.1F', $stage->within->inMinutes() / 60.0), '0'), '.'),
            ),
            $this->preset->stages,
        );

        return array_map(
            fn(string $way): array => [
                'kept' => $way,
                'name' => Words::text('stove.keep.' . $way),
                'how' => Words::text(
                    'stove.keep.' . $way . '_how',
                    hold: Degrees::text($this->preset->holdAtLeast),
                    skin: $skin,
                    stages: implode(', ', $stages),
                ),
                'chosen' => $this->kept?->value === $way,
            ],
            ['served', 'held', 'cooled'],
        );
    }

    public function guidance(): string
    {
        return Words::text('stove.keep.guidance', preset: Words::text('kitchen.presets.' . $this->preset->name));
    }
}
