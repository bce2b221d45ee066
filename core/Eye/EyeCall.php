<?php

declare(strict_types=1);

namespace Lento\Eye;

use Lento\Exception\OutOfRange;

/** What somebody took something for, and what it was. */
final readonly class EyeCall
{
    public float $error;

    /**
     * @param float $called g flour per litre, shade or mm, as is $actual
     *
     * @throws OutOfRange
     */
    public function __construct(public EyeKind $kind, float $called, float $actual)
    {
        OutOfRange::refuse('reading-called', $called, 0.0, 10_000.0, '');
        OutOfRange::refuse('reading-called', $actual, 0.0, 10_000.0, '');
        $this->error = $kind->error($called, $actual);
    }
}
