<?php

declare(strict_types=1);

namespace App\Kitchen;

use Closure;
use Lento\Learning\Lesson;

/** What is asked for only where it is reckoned with: it takes a look at many rows. */
final readonly class OnDemand
{
    /**
     * @param Closure(): list<Lesson>|null $lessons what the kitchen's finished pots have taught
     * @param Closure(): list<OwnSauce>|null $sauces derivatives of its own
     */
    public function __construct(public ?Closure $lessons = null, public ?Closure $sauces = null) {}
}
