<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Quantity\Volume;

/** What is to be taken off a pot for another sauce. */
final readonly class Ladle
{
    /**
     * @param string $branch id of the sauce in its service
     * @param string $sauce id in the catalogue
     * @param string $liquid larder id of the stock that its base is made with
     */
    public function __construct(public string $branch, public string $sauce, public string $liquid, public Volume $volume) {}
}
