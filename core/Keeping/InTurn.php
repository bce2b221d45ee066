<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** First one way down to a temperature, then another: an ice bath, then the fridge. */
final readonly class InTurn implements Cools
{
    private function __construct(private Cools $first, private Temperature $until, private Cools $then) {}

    public static function of(Cools $first, Temperature $until, Cools $then): self
    {
        return new self($first, $until, $then);
    }

    public function time(Temperature $from, Temperature $to, bool $freshlySet = false): ?Duration
    {
        if ($from->kelvin <= $this->until->kelvin) {
            return $this->then->time($from, $to, $freshlySet);
        }
        if ($to->kelvin >= $this->until->kelvin) {
            return $this->first->time($from, $to, $freshlySet);
        }
        $first = $this->first->time($from, $this->until, $freshlySet);
        // It was stirred until now, or is poured over: its middle begins to lag only then.
        $then = $this->then->time($this->until, $to);

        return $first === null || $then === null ? null : Duration::ofSeconds($first->seconds + $then->seconds);
    }

    public function cautious(): self
    {
        return new self($this->first->cautious(), $this->until, $this->then->cautious());
    }
}
