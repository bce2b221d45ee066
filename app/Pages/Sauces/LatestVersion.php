<?php

declare(strict_types=1);

namespace App\Pages\Sauces;

/** The latest of the versions of a kept sauce, and how many there are. */
final readonly class LatestVersion
{
    /**
     * @param array<string, string> $address of its latest version
     * @param int $version id of that
     */
    public function __construct(
        public int $versions,
        public array $address,
        public int $version,
    ) {}
}
