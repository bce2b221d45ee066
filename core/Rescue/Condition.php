<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Quantity\Temperature;

/** In what condition a pot is when it is rescued: how far it is, what it may not pass, how bad it looks. */
final readonly class Condition
{
    /** @param Temperature|null $limit that something in it may not pass: yolk, cheese, soured cream, mounted butter */
    public function __construct(
        public Stage $stage = Stage::Simmering,
        public ?Temperature $limit = null,
        public Severity $severity = Severity::Clearly,
        public bool $hasYolk = false,
    ) {}

    public function mayBoil(): bool
    {
        return $this->limit === null;
    }
}
