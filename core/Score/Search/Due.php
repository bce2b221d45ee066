<?php

declare(strict_types=1);

namespace Lento\Score\Search;

use Lento\Score\Service;

/** A sauce that is served: when it should be ready, in the minutes of the problem. */
final readonly class Due
{
    /**
     * @param int $last task
     * @param int|null $latest
     */
    public function __construct(
        public string $sauce,
        public int $last,
        public int $serveAt,
        public Service $service,
        public int $due,
        public ?int $latest,
    ) {}
}
