<?php

declare(strict_types=1);

namespace Lento\Family;

/** What each sauce of a service comes to, worked out from the last one back to the bases. */
final readonly class Needs
{
    /**
     * @param array<string, float> $litres by key, of all there must be of it: served, and taken by others
     * @param array<string, float> $takes litres that it takes of what it is made from
     * @param array<string, float> $ratios litres of that in a litre of it
     * @param array<string, Derived> $derived each as it was worked out: its pan, and the way it is set right, are kept to
     */
    public function __construct(public array $litres, public array $takes, public array $ratios, public array $derived) {}
}
