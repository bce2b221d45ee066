<?php

declare(strict_types=1);

use Tests\Core\Simulation\Pots;

// Writes traces.json again after a law of the model was changed on purpose; see TracesTest.php.
require __DIR__ . '/../../../vendor/autoload.php';

Pots::keep();
