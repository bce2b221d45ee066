<?php

declare(strict_types=1);

use function Pest\Laravel\get;

it('reads somebody’s recipe, and brings it to a thickness', function (): void {
    get('/assay')->assertOk()->assertSee('Paste a recipe');
    $page = fn(string $recipe, array $more = []) => get('/assay?' . http_build_query(['recipe' => $recipe, ...$more]));
    $page("60 g butter\n60 g flour\n1 l milk")
        ->assertOk()
        ->assertSee('A coating sauce')
        ->assertSee('Compose it, coating')
        ->assertSee('given=stock', false);
    $page("60 g butter\n60 g flour\n1 l milk", ['to' => 'binding'])->assertSee('Compose it, binding');
    $page("60 g butter\n60 g flour")->assertOk()->assertSee('no liquid was understood');
    $page("60 g butter\n1 l milk")->assertOk()->assertSee('no flour or starch was understood');
    $page("60 g butter\n60 g flour\n1 l cashew milk")->assertOk()->assertSee('Not understood, left out');
    $page("60 g butter\n60 g flour\n1 l cashew milk", ['as' => [2 => 'whole-milk']])->assertOk()->assertSee('A coating sauce');
    $page("225 g / 8 oz butter\n200 g flour\n2 l brown stock")->assertOk()->assertDontSee('says one amount twice');
    $page("300 g (8 oz) butter\n200 g flour\n2 l brown stock")->assertOk()->assertSee('300 g and 227 g. The first was taken.');
    $page("500 kg flour\n900 kg milk\n900 l water")->assertOk();
    $page(str_repeat('x', 9000), ['as' => 'x', 'to' => ['y']])->assertOk();
    $page("\xff\xfe 60 g flour")->assertOk();
});
