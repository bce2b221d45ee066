<?php

declare(strict_types=1);

namespace App\Family;

/** One field that two tablets changed at once: what stands there, and what was typed last and is asked about. */
final readonly class Clash
{
    /**
     * @param string $field name, at, spare, or a field of a row: "each"
     * @param string $sauce whose row it is, by its id; '' of the service itself
     */
    public function __construct(public string $field, public string $sauce, public string $stands, public string $typed) {}
}
