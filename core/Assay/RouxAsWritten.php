<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Quantity\Duration;
use Lento\Roux\Colour;

/** What a recipe says of its roux; null where it says nothing. */
final readonly class RouxAsWritten
{
    private function __construct(public ?Colour $colour, public ?Duration $cooked) {}

    public static function unsaid(): self
    {
        return new self(null, null);
    }

    public function coloured(Colour $colour): self
    {
        return new self($colour, $this->cooked);
    }

    /** @param Duration $time flour in the fat, on the heat */
    public function cookedFor(Duration $time): self
    {
        return new self($this->colour, $time);
    }
}
