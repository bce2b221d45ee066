<?php

declare(strict_types=1);

namespace App\Log;

use Lento\Course\Event;

/** A pot out of a log file, fit to be kept. */
final readonly class ReadPot
{
    /**
     * @param int $line where it stands in its file
     * @param string $uid the same in every kitchen
     * @param array<string, mixed> $pot as the model takes it, without what follows from its events
     * @param list<Event> $events in the order they happened
     */
    public function __construct(public int $line, public string $uid, public array $pot, public array $events) {}
}
