<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Sheet;

/** How a sauce of a service is made, where it is to be made. */
final readonly class ToBeMade
{
    /**
     * @param Sheet|null $sheet of a base that is to be made
     * @param Derived|null $derived of a derivative that is to be made
     */
    public function __construct(
        public ?Sheet $sheet,
        public ?Derived $derived,
    ) {}
}
