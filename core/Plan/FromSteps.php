<?php

declare(strict_types=1);

namespace Lento\Plan;

/** The steps of a plan by which its sauce is known. */
final readonly class FromSteps
{
    /**
     * @param string $stands id of the step at whose beginning all of the sauce is in the pot
     * @param string $boils id of the step at whose beginning it has come to the boil
     */
    public function __construct(public string $stands, public string $boils) {}
}
