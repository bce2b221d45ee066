<?php

declare(strict_types=1);

// Draws the rooms into docs/architecture.md again, as the code has them now: php tests/Architecture/draw-rooms.php

use Tests\Architecture\Rooms;

require __DIR__ . '/../../vendor/autoload.php';

$file = __DIR__ . '/../../docs/architecture.md';
file_put_contents($file, Rooms::drawnInto((string) file_get_contents($file)));
