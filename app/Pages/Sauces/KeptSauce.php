<?php

declare(strict_types=1);

namespace App\Pages\Sauces;

use App\Format\SauceLine;

/** A kept sauce as the list of them shows it: by its latest version. */
final readonly class KeptSauce
{
    public int $versions;

    /** @var array<string, string> */
    public array $address;

    public int $version;

    /**
     * @param list<string> $tags
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $tags,
        public string $notes,
        LatestVersion $latest,
    ) {
        $this->versions = $latest->versions;
        $this->address = $latest->address;
        $this->version = $latest->version;
    }

    public function line(): string
    {
        return SauceLine::of($this->address);
    }
}
