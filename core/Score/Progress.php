<?php

declare(strict_types=1);

namespace Lento\Score;

/** How far a task is, and what of it is settled. */
final readonly class Progress
{
    /**
     * @param int|null $start minute, where it is settled
     * @param string|null $cook where it is settled
     * @param int|null $notBefore minute before which somebody does not want it begun
     */
    public function __construct(
        public TaskState $state = TaskState::ToDo,
        public ?int $start = null,
        public ?string $cook = null,
        public ?int $notBefore = null,
    ) {}
}
