<?php

declare(strict_types=1);

// Prints the points of core/Thickness/ReferenceScale.php, as the larder and the law of flow have them now: php
// tests/Core/Thickness/reference.php

use Tests\Core\Thickness\Reference;

require __DIR__ . '/../../../vendor/autoload.php';

printf("WATER %.17G\nMILK %.17G\n", Reference::water(), Reference::milk());
foreach (array_chunk(Reference::points(), 6) as $row) {
    echo '        ' . implode(', ', array_map(static fn(float $point): string => sprintf('%.17G', $point), $row)) . ",\n";
}
