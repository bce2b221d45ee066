<?php

declare(strict_types=1);

namespace Lento\Score;

/** One rule that a plan does not keep. */
final readonly class Breach
{
    /**
     * @param string $of task, sauce, stay, cook, ring or store
     * @param string $and the other, where there is one
     * @param int $at minute
     */
    public function __construct(public Rule $rule, public string $of, public string $and = '', public int $at = 0) {}
}
