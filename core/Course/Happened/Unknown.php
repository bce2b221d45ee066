<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;

/** Of a kind that this Lento does not know: written by a newer one. It is kept as it came, and moves nothing. */
final readonly class Unknown extends Event
{
    /**
     * @param string $name of its kind
     * @param array<string, mixed> $fields as they came
     */
    public function __construct(Stamp $stamp, public string $name, public array $fields)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Unknown;
    }
}
