<?php

declare(strict_types=1);

namespace App\People;

use LogicException;

/** Somebody asked for what is a kitchen's before it was said which kitchen's. */
final class NobodyHere extends LogicException
{
    public function __construct()
    {
        parent::__construct('No kitchen has been entered: a request enters it through App\Http\Middleware\SignedIn or a device’s token.');
    }
}
