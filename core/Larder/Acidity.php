<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;

/** How sour an ingredient is, and how much of it it takes to make others so. */
final readonly class Acidity
{
    public const LEAST_PH = 1.0;

    public const MOST_PH = 10.0;

    private const MOST_BUFFER = 1000.0;

    /**
     * @param float $pH 1 to 10
     * @param float $buffer mmol per litre and pH unit
     *
     * @throws OutOfRange
     */
    public function __construct(public float $pH, public float $buffer)
    {
        OutOfRange::refuse('ph', $pH, self::LEAST_PH, self::MOST_PH, '');
        OutOfRange::refuse('buffer', $buffer, 0.0, self::MOST_BUFFER, 'mmol/l');
    }
}
