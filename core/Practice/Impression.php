<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What nose, ear and eye say of a pot, in words. */
final readonly class Impression
{
    /** @param list<Sight> $sights */
    public function __construct(public Smell $smell, public Sound $sound, public array $sights) {}
}
