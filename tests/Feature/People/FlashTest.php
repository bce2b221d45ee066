<?php

declare(strict_types=1);

use function Pest\Laravel\get;
use function Pest\Laravel\post;

require_once __DIR__ . '/people.php';

it('tells what is told once to the next page, whatever pulses come between', function (): void {
    post('/kitchen/pans', ['name' => 'Old faithful', 'diameter_mm' => '240', 'height_mm' => '140', 'base' => 'thick']);
    post('/kitchen/pans/' . App\Models\Pan::query()->sole()->id . '/remove')->assertRedirect();
    get('/pulse')->assertOk();
    get('/rail')->assertOk();
    get('/pulse')->assertOk();
    get('/kitchen')->assertSee('Old faithful is in the bin.');
    get('/kitchen')->assertDontSee('Old faithful is in the bin.');
});
