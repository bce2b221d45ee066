<?php

declare(strict_types=1);

namespace App\Casts;

use Closure;
use Lento\Plan\Plan;
use WeakMap;

/**
 * As what each plan of this request stands in the database. A plan never changes; Eloquent asks for it to be written whenever it looks
 * whether a pot has changed, which took a tenth of a tap.
 */
final readonly class WrittenPlans
{
    /** @var WeakMap<Plan, string> */
    private WeakMap $written;

    public function __construct()
    {
        $this->written = new WeakMap();
    }

    public function keep(Plan $plan, string $written): void
    {
        $this->written[$plan] = $written;
    }

    /** @param Closure(): string $write what it would be written as, where it has not been yet */
    public function of(Plan $plan, Closure $write): string
    {
        return $this->written[$plan] ??= $write();
    }
}
