<?php

declare(strict_types=1);

use Tests\Core\Compose\Questions;
use Tests\Core\Golden\Kept;
use Tests\Core\Room;

covers(...Room::of('Compose'));

it('answers every kept question as it always did', function (): void {
    foreach (Questions::answered() as $question => $sheet) {
        (new Kept('kept-sheets.json'))->meets($question, $sheet);
    }
});
