<?php

declare(strict_types=1);

namespace Lento\Exception;

use Throwable;

/** Marks everything the core refuses, so that a caller can catch the core and nothing else. */
interface LentoException extends Throwable {}
