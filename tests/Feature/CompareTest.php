<?php

declare(strict_types=1);

use function Pest\Laravel\get;

it('sets questions side by side, two to four, and marks what differs', function (): void {
    $q = ['sauce=veloute&amount=2&diameter=240&height=140', 'sauce=veloute&amount=2&diameter=240&height=140&ratio=1.8'];
    get('/compare?' . http_build_query(['q' => $q]))
        ->assertOk()
        ->assertSee('≠', false)
        ->assertSee('233 g butter')
        ->assertSee('One more');
    get('/compare?' . http_build_query(['q' => $q, 'set' => [1 => ['colour' => 'brown', 'custard' => 'x']]]))
        ->assertOk()
        ->assertSee('brown');
    get('/compare?' . http_build_query(['q' => [$q[0], $q[0], $q[0], $q[0], $q[0]]]))
        ->assertOk()
        ->assertDontSee('One more');
    get('/compare')->assertOk();
    get('/compare?q=x&set=y')->assertOk();
    get('/compare?' . http_build_query(['q' => ['sauce=custard', $q[0]]]))->assertOk()->assertSee('“custard” is not one of');
    get('/compare?' . http_build_query(['q' => [$q[0], $q[1]], 'set' => [['pan' => '9'], 'x']]))->assertOk();
});
