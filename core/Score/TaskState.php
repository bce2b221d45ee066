<?php

declare(strict_types=1);

namespace Lento\Score;

enum TaskState: string
{
    case ToDo = 'todo';
    case Running = 'running';
    case Done = 'done';

    /** The cook set its time; the rest is solved around it. */
    case Locked = 'locked';
}
