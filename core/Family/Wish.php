<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Volume;
use Lento\Thickness\ThicknessClass;

/** So much of a finished sauce for the service. */
final readonly class Wish
{
    /**
     * @param string $sauce the id of a base or a derivative
     * @param string $liquid what its base is made with
     * @param ThicknessClass|null $class how thick; the sauce's own if null
     */
    public function __construct(public string $sauce, public string $liquid, public Volume $volume, public ?ThicknessClass $class = null) {}
}
