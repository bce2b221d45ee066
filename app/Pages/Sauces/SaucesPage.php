<?php

declare(strict_types=1);

namespace App\Pages\Sauces;

/** The kept sauces that were found, and the tags to find more by. */
final readonly class SaucesPage
{
    /**
     * @param list<KeptSauce> $sauces
     * @param list<string> $tags of all that are kept
     */
    public function __construct(public array $sauces, public string $find, public array $tags) {}
}
