<?php

declare(strict_types=1);

use App\Models\Service;

use function Pest\Laravel\post;

/** @param list<array<string, string>>|null $wishes */
function toBeScored(?array $wishes = null, string $at = '19:30'): Service
{
    $wishes ??= [['sauce' => 'aurore', 'litres' => '2'], ['sauce' => 'mornay', 'litres' => '1.5']];

    return Service::query()->create(['fields' => ['name' => 'Supper', 'at' => $at, 'wishes' => $wishes]]);
}

/** The galley's two cooks. */
function twoCooks(): void
{
    post('/kitchen/settings', [
        'name' => 'Galley',
        'cooks' => 'Ines Vark, Petra Lund',
        'measures' => 'metric',
        'degrees' => 'c',
        'altitude' => '0',
        'preset' => 'uk-guidance',
        'currency' => '€',
        'portion' => '55',
    ])->assertSessionHasNoErrors();
}
