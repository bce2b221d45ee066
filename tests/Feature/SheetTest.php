<?php

declare(strict_types=1);

use function Pest\Laravel\get;

it('puts the sheet on paper, with what to set out, mind, salt and pay', function (): void {
    get('/sheet?sauce=espagnole&amount=3&diameter=280&height=160&late=slurry')->assertOk()
        ->assertSeeInOrder(['3 litres of espagnole that glazes', 'Onion', 'Clarified butter', 'Flour', 'Brown stock', 'Bay leaves'])
        ->assertSee('Dip-stick: 78 mm at the start, notch at 52 mm')
        ->assertSee('cut to a radius of 140 mm')
        ->assertSee('No salt: it will be reduced on.')
        ->assertSee('of cornflour slaked in a little cold water')
        ->assertSee('Contains celery, cereals with gluten (wheat), milk.');
    get('/sheet?sauce=veloute&amount=2&paper=slip&late=white-roux')
        ->assertOk()
        ->assertSee('paper-slip', false)
        ->assertSee('of white roux, cook it out')
        ->assertSee('g go in.');
    get('/sheet?sauce=veloute&amount=2&late=beurre-manie&liquid_salt=2')
        ->assertOk()
        ->assertSee('of beurre manié in pieces')
        ->assertSee('Add none.');
    get('/sheet?sauce=veloute&amount=2&late=reduce&strain=blended&place=oven&diameter=360&height=160')
        ->assertOk()
        ->assertSee('on the dip-stick, about')
        ->assertSee('Blender, vent open')
        ->assertSee('Oven on at 175 °C');
    get('/sheet?sauce=veloute&amount=0')->assertRedirectContains('/compose');
});
