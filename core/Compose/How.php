<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Pour\School;

/** How a sauce is to be made, where a cook says more than which. */
final readonly class How
{
    public RouxWish $roux;

    public SimmerWish $simmer;

    /** @param Method|null $method the schools; what it leaves open is the formula's */
    public function __construct(
        ?RouxWish $roux = null,
        ?SimmerWish $simmer = null,
        public School $school = School::ColdOnHot,
        public ?Method $method = null,
    ) {
        $this->roux = $roux ?? new RouxWish();
        $this->simmer = $simmer ?? new SimmerWish();
    }
}
