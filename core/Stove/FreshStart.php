<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Compose\Composer;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Exception\LentoException;
use Lento\Plan\Step;
use Lento\Quantity\Duration;

/** The same sauce once more, in the time that is left when one is lost: simmered as long as it may be, and no longer than usual. */
final readonly class FreshStart
{
    /** The minutes of the other steps hardly move with the simmer: this settles at once. */
    private const ROUNDS = 4;

    private function __construct(public Sheet $sheet, public Duration $takes, public Duration $late) {}

    /**
     * @param Question $lost what the lost pot was to be
     * @param Duration $left until it is wanted
     *
     * @throws LentoException where the question has no answer
     */
    public static function within(Question $lost, Duration $left): self
    {
        $composer = new Composer();
        $sheet = $composer->answer($lost);
        // A reduction goes by how much is left in the pot, so no clock makes it shorter.
        for ($round = 0; $round < self::ROUNDS && $lost->reduceBy === null && self::minutes($sheet) > $left->inMinutes() + 0.5; $round++) {
            $minutes = max(
                Question::LEAST_MINUTES,
                floor($sheet->question->simmerTime->inMinutes() - (self::minutes($sheet) - $left->inMinutes())),
            );
            if ($minutes >= $sheet->question->simmerTime->inMinutes()) {
                break;
            }
            $sheet = $composer->answer($lost->simmering(Duration::ofMinutes($minutes)));
        }

        return new self(
            $sheet,
            Duration::ofMinutes(self::minutes($sheet)),
            Duration::ofMinutes(max(0.0, self::minutes($sheet) - $left->inMinutes())),
        );
    }

    private static function minutes(Sheet $sheet): float
    {
        return array_sum(array_map(static fn(Step $step): float => $step->pace->time->inMinutes(), $sheet->steps()));
    }
}
