<?php

declare(strict_types=1);

use Tests\Core\Compose\Questions;
use Tests\Core\Drawing\Drawings;
use Tests\Core\Golden\Kept;
use Tests\Core\Roux\Batches;
use Tests\Core\Score\Plans;
use Tests\Core\Score\Suppers;
use Tests\Core\Simulation\Pots;

// Writes the kept answers again after a law of the model was changed on purpose; see Kept.php.
require __DIR__ . '/../../../vendor/autoload.php';

(new Kept('kept-traces.json'))->keep(Pots::cooked());
(new Kept('kept-sheets.json'))->keep(Questions::answered());
(new Kept('kept-drawings.json'))->keep(Drawings::drawn());
(new Kept('kept-roux.json'))->keep(Batches::cooked());
(new Kept('kept-plans.json'))->keep(Plans::found());
(new Kept('kept-suppers.json'))->keep(Suppers::arranged());
