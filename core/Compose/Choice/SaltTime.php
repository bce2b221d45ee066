<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** When the salt goes in. */
enum SaltTime: string
{
    case AtTheEnd = 'at-the-end';
    case InTheMiddle = 'in-the-middle';
}
