<?php

declare(strict_types=1);

namespace App\Pages\Sauces;

use App\Format\SauceLine;

/** A kept sauce as the list of them shows it: by its latest version. */
final readonly class KeptSauce
{
    /**
     * @param list<string> $tags
     * @param array<string, string> $address of its latest version
     * @param int $version id of that
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $tags,
        public string $notes,
        public int $versions,
        public array $address,
        public int $version,
    ) {}

    public function line(): string
    {
        return SauceLine::of($this->address);
    }
}
