<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\Words;
use Lento\Drawing\SpoonDrawing;
use Lento\Quantity\Temperature;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;

/** The back of a spoon that was dipped into a sauce, with its film and what it says. */
final readonly class SpoonPicture
{
    private function __construct(
        public SpoonDrawing $drawing,
        public string $colour,
        public string $film,
        public string $word,
        public string $says,
    ) {}

    public static function of(Flow $flow, SpoonTest $spoon, string $colour): self
    {
        $film = sprintf('%.1F', $spoon->film->inMillimetres());

        return new self(
            SpoonDrawing::of($spoon->film->inMillimetres(), $flow->yield, $flow->viscosity(EquivalentFlour::SHEAR)->pascalSeconds),
            $colour,
            $film,
            Words::text('thickness.spoon.' . $spoon->word()->value),
            Words::text('compose.spoon_says', word: Words::spoon($spoon), mm: $film),
        );
    }

    /** As hot as it is tasted. */
    public static function ofSauce(Sauce $sauce, string $colour): self
    {
        $flow = Flow::of($sauce, Temperature::ofCelsius(EquivalentFlour::CELSIUS));

        return self::of($flow, SpoonTest::of($flow), $colour);
    }
}
