<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Quantity\Duration;
use Lento\Quantity\Volume;

/** What a recipe promises of itself; null where it says nothing. */
final readonly class SaidOutcome
{
    private function __construct(public string $name, public ?Volume $yield, public ?int $portions, public ?Duration $time) {}

    public static function nothing(): self
    {
        return new self('', null, null, null);
    }

    public function named(string $name): self
    {
        return new self($name, $this->yield, $this->portions, $this->time);
    }

    public function making(Volume $yield): self
    {
        return new self($this->name, $yield, $this->portions, $this->time);
    }

    /** @param int<1, max> $portions */
    public function serving(int $portions): self
    {
        return new self($this->name, $this->yield, $portions, $this->time);
    }

    /** @param Duration $time from the first move to the last */
    public function taking(Duration $time): self
    {
        return new self($this->name, $this->yield, $this->portions, $time);
    }
}
