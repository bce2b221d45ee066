<?php

declare(strict_types=1);

namespace Lento\Keeping;

/** What readings say of a cooling rule. */
enum Verdict: string
{
    case Passed = 'passed';
    case Failed = 'failed';
    case Open = 'open';
}
