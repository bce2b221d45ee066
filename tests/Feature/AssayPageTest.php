<?php

declare(strict_types=1);

use App\Kitchen\Kitchen;
use App\Models\Sauce;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Illuminate\Http\UploadedFile;
use Lento\Plan\Amount;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

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

it('reads what is pasted or opened, however long its address would be, and keeps it in the field', function (): void {
    $two = (string) json_encode([
        ['@type' => 'Recipe', 'name' => 'Thick', 'recipeYield' => '1 litre', 'totalTime' => 'PT30M',
            'recipeIngredient' => ['100 g butter', '100 g flour', '1 l milk']],
        ['@type' => 'Recipe', 'name' => 'Thin one', 'recipeYield' => '4 servings',
            'recipeIngredient' => ['20 g butter', '20 g flour', '1 l milk']],
    ]);
    $file = UploadedFile::fake()->createWithContent('recipes.json', $two);
    post('/assay', ['recipe' => '', 'file' => $file])
        ->assertOk()
        ->assertSee('name: Thick')
        ->assertSee('In this file')
        ->assertSee('Thin one')
        ->assertSee('the recipe says 1.00 l')
        ->assertSee('the recipe says 30 min');
    $page = (string) post('/assay', ['recipe' => $two, 'nth' => '2'])->assertOk()->assertSee('name: Thin one')->getContent();
    preg_match('/name="source" value="([^"]*)"/', $page, $source);
    post('/assay', ['recipe' => 'anything', 'source' => html_entity_decode($source[1] ?? ''), 'nth' => '1'])
        ->assertOk()
        ->assertSee('name: Thick');
    post('/assay', ['recipe' => str_repeat("1 cup milk\n", 3000)])
        ->assertOk()
        ->assertSee('3000 lines are more than one recipe')
        ->assertSee(str_repeat("1 cup milk\n", 2), false);
    post('/assay', ['recipe' => str_repeat('a', 2_100_000)])->assertOk()->assertSee('longer than 2 MB');
    post('/assay', ['recipe' => '{"@type":"Recipe","name":'])->assertOk()->assertSee('No recipe (schema.org/Recipe)');
    post('/assay', ['recipe' => '<html><body>no</body></html>'])->assertOk()->assertSee('No recipe (schema.org/Recipe)');
    post('/assay', ['recipe' => "500 g bread flour\n7 g yeast\n300 g water"])->assertOk();
});

it('asks how full the spoons are and how long the flour was cooked, and goes by the answer', function (): void {
    $recipe = "4 tbsp flour\n50 g butter\n500 ml milk";
    $grams = static function (array $more) use ($recipe): float {
        $page = (string) post('/assay', ['recipe' => $recipe, ...$more])->assertOk()->getContent();
        preg_match('/like (\d+) g flour a litre/', $page, $found);

        return (float) ($found[1] ?? 0);
    };
    post('/assay', ['recipe' => $recipe])->assertSee('A spoon of flour is')->assertSee('“4 tbsp flour”, by the spoon');
    post('/assay', ['recipe' => "50 g flour\n50 g butter\n500 ml milk"])->assertDontSee('A spoon of flour is');
    expect($grams(['spoons' => 'heaped']))->toBeGreaterThan($grams(['spoons' => 'rounded']))
        ->and($grams(['spoons' => 'rounded']))->toBeGreaterThan($grams(['spoons' => 'level']))
        ->and($grams(['spoons' => 'level']))->toBe($grams([]));
    post('/assay', ['recipe' => $recipe, 'spoons' => 'heaped', 'cook' => '3'])->assertSee('value="3"', false)->assertSee('selected', false);
    post('/assay', ['recipe' => $recipe, 'cook' => '999'])->assertOk()->assertSee('Flour cooked: write a number from 1 to 240 min.');
    post('/assay', ['recipe' => $recipe, 'cook' => 'long', 'spoons' => ['x']])->assertOk();
});

it('keeps what was read as an own sauce in one tap, its amounts as written', function (): void {
    $recipe = "Gran’s gravy\n3 tbsp dripping\n1/4 cup flour\n2 cups beef stock\n1/2 cup red wine\n1 tbsp tomato paste\nsimmer: 20 min";
    $page = (string) post('/assay', ['recipe' => $recipe])->assertOk()->assertDontSee('Not in the pot')->getContent();
    preg_match('/name="question" value="([^"]*)"/', $page, $question);
    preg_match('/id="own-name"[^>]*value="([^"]*)"/s', $page, $name);
    expect(html_entity_decode($name[1] ?? ''))->toBe('Gran’s gravy');
    post('/sauces', ['question' => html_entity_decode($question[1] ?? ''), 'name' => 'Gran’s gravy'])->assertRedirect();
    $kept = Sauce::query()->where('name', 'Gran’s gravy')->firstOrFail()->versions()->firstOrFail()->question;
    $sheet = Answer::to(ComposeFields::from($kept), app(Kitchen::class))->sheet;
    expect($sheet?->roux->flour->inGrams())->toEqualWithDelta(30.76, 0.1)
        ->and(array_map(static fn(Amount $amount): string => $amount->ingredient, $sheet?->amounts() ?? []))
        ->toContain('red-wine', 'tomato-paste', 'brown-stock', 'pan-drippings');
});
