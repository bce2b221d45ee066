<?php

declare(strict_types=1);

use Tests\Core\Drawing\Drawings;
use Tests\Core\Golden\Kept;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

it('draws every kept drawing as it always did', function (): void {
    foreach (Drawings::drawn() as $name => $drawing) {
        (new Kept('kept-drawings.json'))->meets($name, $drawing);
    }
});
