<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;

/** How a cook wants it simmered: for so long, or until so much has boiled off. What is left out is the formula's. */
final readonly class SimmerWish
{
    /**
     * @param Duration|null $time 1 to 480 min
     * @param float|null $reduceBy share of the pot to boil off, 0.05 to 0.9; then the minutes are worked out, and it is brisk unless said
     * otherwise
     *
     * @throws OutOfRange if a number lies outside what the model is valid for
     */
    public function __construct(public ?Duration $time = null, public ?SimmerLevel $level = null, public ?float $reduceBy = null)
    {
        if ($time !== null) {
            OutOfRange::refuse('simmer', $time->inMinutes(), Question::LEAST_MINUTES, Question::MOST_MINUTES, 'min');
        }
        if ($reduceBy !== null) {
            OutOfRange::refuse('reduction', 100.0 * $reduceBy, Question::LEAST_REDUCTION, Question::MOST_REDUCTION, '%');
        }
    }
}
