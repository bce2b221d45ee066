<?php

declare(strict_types=1);

use Tests\Core\Golden\Kept;
use Tests\Core\Room;
use Tests\Core\Roux\Batches;

covers(...Room::of('Roux'));

it('cooks every kept batch as it always did', function (): void {
    foreach (Batches::cooked() as $batch => $states) {
        (new Kept('kept-roux.json'))->meets($batch, $states);
    }
});
