<?php

declare(strict_types=1);

namespace App\Search;

/** One thing that was found: what it is, what it is called, and where it stands. */
final readonly class Found
{
    /**
     * @param string $kind of lang/en/search.php, kinds
     * @param string $more what else is to be known of it; '' where nothing is
     */
    public function __construct(public string $kind, public string $name, public string $more, public string $address) {}
}
