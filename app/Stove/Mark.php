<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\StoredEvents;

/**
 * How the marks of events begin that the server makes itself: no tablet may name one, or it could take a reading's place before it
 * comes.
 */
final class Mark
{
    public const DEVICE = StoredEvents::DEVICE;
}
