<?php

declare(strict_types=1);

use App\Console\Commands\Refusing;
use Illuminate\Console\OutputStyle;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Process;
use Lento\Exception\NoConvergence;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;

require_once __DIR__ . '/schemas.php';
require_once __DIR__ . '/lento.php';

it('answers the example request in the shape of its schema', function (): void {
    $request = base_path('docs/formats/examples/compose-request.json');
    expect(fitsSchema((string) file_get_contents($request), 'compose-request'))->toBeTrue();
    $run = lento(['compose', $request, '--json']);
    expect($run->exitCode())->toBe(0)
        ->and($run->errorOutput())->toBe('')
        ->and(fitsSchema($run->output(), 'compose-answer'))->toBeTrue();
    $answer = json_decode($run->output(), true);
    expect(data_get($answer, 'roux.flour_g'))->toEqualWithDelta(139.0, 0.5)
        ->and(data_get($answer, 'liquid.yield_ml'))->toEqual(2000)
        ->and(data_get($answer, 'thickness.class'))->toBe('coating')
        ->and(data_get($answer, 'pan.end_depth_mm'))->toEqualWithDelta(44.9, 0.1)
        ->and(array_sum(array_column(row(data_get($answer, 'pours')), 'ml')))
        ->toEqualWithDelta(number(data_get($answer, 'liquid.start_ml')), 0.3)
        ->and(array_filter(array_column(row(data_get($answer, 'pours')), 'slack')))->toHaveCount(1)
        ->and(data_get($answer, 'warnings'))->toBe([]);
});

it('says the same for people', function (): void {
    $run = lento(['compose', 'docs/formats/examples/compose-request.json']);
    expect($run->exitCode())->toBe(0)
        ->and($run->output())->toContain(
            '2 litres of velouté that coats',
            'butter         139 g',
            'Stir until it is blond',
            'loosens to cream',
        );
});

it('takes portions, texts as numbers, and any spelling', function (): void {
    $run = lento(
        ['compose', '-', '--json'],
        '{"sauce":"Béchamel","yield":{"portions":72,"each":{"amount":"50","unit":"ml"}},"thickness":85,"roux":{"fat_to_flour":"1 1/2"}}',
    );
    $answer = json_decode($run->output(), true);
    expect($run->exitCode())->toBe(0)->and(fitsSchema($run->output(), 'compose-answer'))->toBeTrue()
        ->and(data_get($answer, 'liquid.yield_ml'))->toEqual(3600)
        ->and(data_get($answer, 'roux.fat_to_flour'))->toEqual(1.5)
        ->and(data_get($answer, 'thickness.class'))->toBe('gratin');
});

it('gives a warning and the biggest yield for a pan that is too small', function (): void {
    $answer = json_decode(
        lento(
            ['compose', '-', '--json'],
            '{"sauce":"veloute","yield":{"amount":4,"unit":"l"},"pan":{"diameter_mm":200,"height_mm":120}}',
        )->output(),
        true,
    );
    expect(array_column(row(data_get($answer, 'warnings')), 'code'))
        ->toBe(['pan-overflows'])
        ->and(data_get($answer, 'warnings.0.message'))
        ->toContain('At most 3.05 l fits');
});

it('ends with 2 and one line per fault', function (string $request, array $lines): void {
    $run = lento(['compose', '-'], $request);
    expect($run->exitCode())->toBe(2)
        ->and($run->output())->toBe('')
        ->and(explode("\n", trim($run->errorOutput())))->toBe($lines);
})->with([
    ['{', ['request: not valid JSON (syntax error).']],
    ['[1,2]', ['request: must be a JSON object.']],
    ['{"sauce":"veloute"}', ['request: give just one of yield, liquid_on_hand, fat_on_hand, ready_roux, formula, fill_pan.']],
    ['{"yield":{"amount":0}}', ['sauce: missing.', 'yield.amount: write a number from 0.1 to 200 l.']],
    [
        '{"sauce":"veloute","yield":{"amount":1e6,"unit":"l"},"foo":1}',
        ['foo: not a known part of a request.', 'yield.amount: write a number from 0.1 to 200 l.'],
    ],
    [
        '{"sauce":"veloute","yield":{"amount":2,"unit":"barrel"},"roux":[1]}',
        [
            'roux: must be an object.',
            'yield.unit: “barrel” is not a unit of volume; use ml, cl, dl, l, tsp, tbsp, cup, fl oz, pint, quart or gallon.',
        ],
    ],
    [
        '{"sauce":"veloute","yield":{"amount":0.1},"pan":{"diameter_mm":240,"height_mm":140}}',
        ['yield.amount: 0.45 l to 5.0 l simmer well in a 24 cm pan; less stands under 1 cm deep and scorches.'],
    ],
    [
        '{"sauce":"veloute","yield":{"amount":-1,"unit":"pint"},"simmer":{"minutes":true}}',
        ['simmer.minutes: write a number from 1 to 480 min.', 'yield.amount: write a number from 0.176 to 352 imperial pint.'],
    ],
]);

it('refuses a file that is not there or too large', function (): void {
    expect(lento(['compose', 'nowhere.json'])->exitCode())->toBe(2)
        ->and(lento(['assay', '-'], str_repeat('x', 1_000_001))->errorOutput())->toContain('larger than 1 MB');
});

it('assays the example recipe in the shape of its schema', function (): void {
    $run = lento(['assay', 'docs/formats/examples/recipe.txt', '--json']);
    $answer = json_decode($run->output(), true);
    expect($run->exitCode())->toBe(0)->and(fitsSchema($run->output(), 'assay-answer'))->toBeTrue()
        ->and(data_get($answer, 'flour_g'))->toEqualWithDelta(85.05, 0.01)
        ->and(data_get($answer, 'liquid_ml'))->toEqualWithDelta(3266, 1.0)
        ->and(data_get($answer, 'unread'))->toBe([])
        ->and(data_get($answer, 'roux'))->toBe('brown');
});

it('reports the lines it left out, and says in one sentence what comes of the rest', function (): void {
    $run = lento(['assay', '-'], "60 g butter\n60 g flour\n1 l milk\na handful of stardust\n");
    expect($run->exitCode())->toBe(0)
        ->and($run->output())->toContain('A coating sauce: 0.98 l', 'Not understood, left out: a handful of stardust');
});

it('refuses a recipe that is no sauce', function (string $recipe, string $says): void {
    $run = lento(['assay', '-'], $recipe);
    expect($run->exitCode())->toBe(2)
        ->and($run->output())->toBe('')
        ->and($run->errorOutput())->toContain($says);
})->with([
    ['', 'there is nothing to read'],
    ["1 l milk\nxyzzy", 'no flour or starch was understood'],
    ['100 g flour', 'no liquid was understood'],
    'bytes that are no text' => ["\xff\xfe", 'not text in UTF-8'],
]);

it('ends with 2 and its usage when it is called wrongly', function (string $command, string $says): void {
    $run = lento(explode(' ', $command));
    expect($run->exitCode())->toBe(2)->and($run->output())->toBe('')->and($run->errorOutput())->toContain($says, 'FILE|- [--json]');
})->with([
    'no file' => ['compose', 'lento compose needs a file'],
    'two files' => ['assay a.txt b.txt', 'lento assay reads one file'],
    'an option it has not' => ['compose - --jsn', 'does not know “--jsn”'],
]);

it('starts from whatever a request gives, and says which fault stands where', function (string $request, float $litres): void {
    expect(fitsSchema($request, 'compose-request'))->toBeTrue();
    $run = lento(['compose', '-', '--json'], $request);
    expect($run->exitCode())->toBe(0)->and(fitsSchema($run->output(), 'compose-answer'))->toBeTrue()
        ->and(data_get(json_decode($run->output(), true), 'liquid.yield_ml'))->toEqualWithDelta(1000.0 * $litres, 15.0);
})->with([
    'the stock' => ['{"sauce":"veloute","liquid_on_hand":{"amount":3,"unit":"l"}}', 3.12],
    'the dripping' => ['{"sauce":"veloute","fat_on_hand":{"amount":100},"roux":{"fat":"pan-drippings","heat":"medium-low"}}', 1.44],
    'a ready roux' => ['{"sauce":"bechamel","ready_roux":{"amount":"8","unit":"oz"}}', 2.10],
    'the pan' => ['{"sauce":"veloute","fill_pan":true,"pan":{"diameter_mm":240,"height_mm":140}}', 5.17],
]);

it('names the fault of what is given', function (string $request, string $line): void {
    $run = lento(['compose', '-'], $request);
    expect($run->exitCode())->toBe(2)->and(trim($run->errorOutput()))->toBe($line);
})->with([
    ['{"sauce":"veloute","fill_pan":true}', 'pan.diameter_mm: which pan shall be filled? Give its width.'],
    ['{"sauce":"veloute","yield":{"amount":1},"ready_roux":{"amount":100}}', 'yield: give one of yield, ready_roux, not several.'],
    [
        '{"sauce":"veloute","fat_on_hand":{"amount":100,"unit":"cups"}}',
        'fat_on_hand.unit: “cups” is not one of g, kg, oz, lb.',
    ],
    ['{"sauce":"veloute","fat_on_hand":{"amount":0.5}}', 'fat_on_hand.amount: write a number from 1 to 150000 g.'],
    [
        '{"sauce":"veloute","liquid_on_hand":{"amount":1,"unit":"l"},"simmer":{"minutes":480,"level":"boil"},"pan":{"diameter_mm":280}}',
        'liquid_on_hand.amount: too little for a sauce that outlasts this simmer. Simmer shorter or lower, or take a narrower pan.',
    ],
    ['{"sauce":"veloute","fill_pan":"yes","pan":{"diameter_mm":240}}', 'fill_pan: must be true or false.'],
]);

it('reads a recipe that reduces, strains and finishes', function (): void {
    $recipe
        = "70 g butter\n70 g flour\n1.5 l chicken stock\nroux: blond\nsimmer: 20 min\nreduce: by 1/4\nstrain: yes\nfinish: 3 "
            . "egg yolks\nfinish: 100 g cream\nfinish: 20 g butter";
    $run = lento(['assay', '-', '--json'], $recipe);
    $answer = json_decode($run->output(), true);
    expect($run->exitCode())
        ->toBe(0)
        ->and(fitsSchema($run->output(), 'assay-answer'))
        ->toBeTrue()
        ->and(array_column(row(data_get($answer, 'finishes')), 'ingredient'))
        ->toBe(['egg-yolk', 'whipping-cream', 'butter'])
        ->and(data_get($answer, 'finishes.0.at_least_c'))
        ->toEqual(70)
        ->and(data_get($answer, 'reducing_minutes'))
        ->toBeGreaterThan(1)
        ->and(data_get($answer, 'outlook.low'))
        ->toBeLessThan(number(data_get($answer, 'thickness.effective_flour_g_per_l')));
    expect(lento(['assay', '-'], $recipe)->output())->toContain(
        'Finish: egg yolk',
        'between 70 °C and',
        'Finish: whipping cream',
        'may boil',
        'Reduction, beyond the simmer',
    );
});

it('cooks the example pot on paper, the same way twice', function (): void {
    $pot = base_path('docs/formats/examples/pot.json');
    expect(fitsSchema((string) file_get_contents($pot), 'simulate-request'))->toBeTrue();
    $run = lento(['simulate', $pot, '--json']);
    $answer = json_decode($run->output(), true);
    $ledger = array_map(number(...), row(data_get($answer, 'ledger')));
    expect($run->exitCode())->toBe(0)->and(fitsSchema($run->output(), 'simulate-answer'))->toBeTrue()
        ->and(data_get($answer, 'points'))->toHaveCount(70)
        ->and(data_get($answer, 'points.69.class'))->toBe('coating')
        ->and($ledger['in_g'] - $ledger['steam_g'] - $ledger['strained_g'])->toEqualWithDelta($ledger['in_pot_g'], 0.02)
        ->and(lento(['simulate', $pot, '--json'])->output())->toBe($run->output());
    expect(lento(['simulate', $pot])->output())->toContain('coating', 'in the pot');
});

it('names every fault of a pot', function (): void {
    $run = lento(
        ['simulate', '-'],
        '{"pan":{"diameter_mm":24},"minutes":"x","actions":[{"at":-1,"heat":"huge"},{"at":1},{"at":2,"skim":false,"foo":1},'
            . '{"at":3,"add":"dew","amount":1},{"at":4,"add":"milk","amount":1,"unit":"ell"},"x"]}',
    );
    expect($run->exitCode())
        ->toBe(2)
        ->and(explode("\n", trim($run->errorOutput())))
        ->toBe([
            'actions.0.at: write a number from 0 to 1440 min.',
            'actions.0.heat: “huge” is not one of low, medium-low, medium, medium-high, high.',
            'actions.1: give just one of add, pour, heat, simmer, oven, off, lid, stir, skim, ladle, strain.',
            'actions.2.foo: not a known part of a request.',
            'actions.2.skim: must be true or false.',
            'actions.3.add: the larder has no “dew”.',
            'actions.4.unit: “ell” is not a unit; use g, kg, oz, lb, ml, cl, dl, l, tsp, tbsp, cup, fl oz, pint, quart or gallon.',
            'actions.5: must be an object.',
            'minutes: write a number from 0.1 to 1440 min.',
            'pan.diameter_mm: write a number from 50 to 1200 mm.',
            'pan.height_mm: missing.',
        ]);
    $run = lento(
        ['simulate', '-'],
        '{"pan":{"diameter_mm":240,"height_mm":140},"minutes":60,"actions":[{"at":-1,"heat":"huge"},{"at":1},{"at":2,'
            . '"skim":false,"foo":1},{"at":3,"add":"dew","amount":1},{"at":4,"add":"milk","amount":1,"unit":"ell"},{"at":90,'
            . '"strain":true}]}',
    );
    expect($run->exitCode())
        ->toBe(2)
        ->and(explode("\n", trim($run->errorOutput())))
        ->toBe([
            'actions.0.at: write a number from 0 to 60 min.',
            'actions.0.heat: “huge” is not one of low, medium-low, medium, medium-high, high.',
            'actions.1: give just one of add, pour, heat, simmer, oven, off, lid, stir, skim, ladle, strain.',
            'actions.2.foo: not a known part of a request.',
            'actions.2.skim: must be true or false.',
            'actions.3.add: the larder has no “dew”.',
            'actions.4.unit: “ell” is not a unit; use g, kg, oz, lb, ml, cl, dl, l, tsp, tbsp, cup, fl oz, pint, quart or gallon.',
            'actions.5.at: write a number from 0 to 60 min.',
        ]);
});

it('tells the troubles of a simulated pot', function (): void {
    $run = lento(
        ['simulate', '-', '--json'],
        '{"pan":{"diameter_mm":200,"height_mm":100},"minutes":20,"actions":[{"at":0,"add":"butter","amount":100},{"at":0,'
            . '"heat":"high"},{"at":4,"add":"flour","amount":100},{"at":9,"pour":"chicken-stock","amount":1,"unit":"cup","celsius":5}]}',
    );
    expect(fitsSchema($run->output(), 'simulate-answer'))
        ->toBeTrue()
        ->and(array_column(row(data_get(json_decode($run->output(), true), 'troubles')), 'code'))
        ->toContain('splashes', 'smokes')
        ->and($run->output())
        ->toContain('first splash of chicken stock');
});

it('judges a cooling by its readings, over midnight and up to the hour that is said', function (
    array $readings,
    string $now,
    string $verdict,
    array $stages,
): void {
    /** @var list<array{string, mixed}> $readings */
    $asked = [
        'container' => ['shape' => 'tray', 'length_mm' => 530, 'width_mm' => 325, 'volume' => ['amount' => 5]],
        'place' => 'fridge-uncovered',
        'rules' => 'us-model-code',
        'readings' => array_map(static fn(array $one): array => ['at' => $one[0], 'celsius' => $one[1]], $readings),
    ] + ($now === '' ? [] : ['now' => $now]);
    $json = json_encode($asked, JSON_THROW_ON_ERROR);
    expect(fitsSchema($json, 'cool-request'))->toBeTrue();
    $run = lento(['cool', '-', '--json'], $json);
    $answer = json_decode($run->output(), true, flags: JSON_THROW_ON_ERROR);
    expect(fitsSchema($run->output(), 'cool-answer'))->toBeTrue()
        ->and(data_get($answer, 'record.verdict'))->toBe($verdict)
        ->and(data_get($answer, 'record.stages.*.verdict'))->toBe($stages)
        ->and(lento(['cool', '-'], $json)->output())->toContain('By the thermometer', $verdict);
})->with([
    'in time' => [[['22:10', 60], ['23:30', '20'], ['02:00', 4.5]], '', 'passed', ['passed', 'passed']],
    'half way' => [[['10:00', 60], ['11:30', 20]], '', 'open', ['passed', 'open']],
    'half way, and the time is up' => [[['10:00', 60], ['11:30', 20]], '16:30', 'failed', ['passed', 'failed']],
    'too late for the first' => [[['10:00', 60], ['12:30', 20], ['14:00', 4]], '', 'failed', ['failed', 'passed']],
    'one reading' => [[['10:00', 60]], '', 'open', ['open', 'open']],
]);

it('says whether a container should cool in time, and never that it passed', function (): void {
    $file = base_path('docs/formats/examples/container.json');
    expect(fitsSchema((string) file_get_contents($file), 'cool-request'))->toBeTrue();
    $run = lento(['cool', $file, '--json']);
    $answer = json_decode($run->output(), true);
    expect($run->exitCode())
        ->toBe(0)
        ->and(fitsSchema($run->output(), 'cool-answer'))
        ->toBeTrue()
        ->and(data_get($answer, 'should'))
        ->toBeTrue()
        ->and(data_get($answer, 'stages'))
        ->toHaveCount(2)
        ->and(data_get($answer, 'caution'))
        ->toContain('local food-safety code');
    $deep = lento(
        ['cool', '-'],
        '{"container":{"shape":"round","diameter_mm":240,"volume":{"amount":5}},"place":"fridge","rules":"uk-guidance"}',
    );
    expect($deep->output())
        ->toContain('Will not surely cool in time for UK guidance', 'local food-safety code')
        ->not->toContain('pass ', 'PASS');
});

it('names every fault of a container', function (): void {
    $faults = fn(string $json): array => explode("\n", trim(lento(['cool', '-'], $json)->errorOutput()));
    expect($faults('{"container":{"shape":"box","depth_mm":30},"place":"moon","thickness":"gluey","rules":"mine","from_celsius":300}'))
        ->toBe([
            'container.shape: “box” is not one of round, tray.',
            'from_celsius: write a number from 20 to 100 °C.',
            'place: “moon” is not one of room, room-covered, fridge, fridge-uncovered, walk-in-fan, blast-chiller, freezer, ice-bath,'
                . ' ice-bath-stirred.',
            'rules: “mine” is not one of us-model-code, uk-guidance, australia-nz, codex-style.',
            'thickness: “gluey” is not one of thin, soup, pouring, coating, gratin, binding.',
        ])
        ->and($faults('{"container":{"shape":"round","diameter_mm":240,"volume":{"amount":900}},"place":"fridge"}'))
        ->toBe(['container.volume.amount: write a number from 0.226 to 67.9 l.'])
        ->and($faults('{"place":"fridge"}'))
        ->toBe(['container: missing.'])
        ->and($faults('['))
        ->toBe(['request: not valid JSON (syntax error).']);
});

it('helps, and refuses a command it does not know', function (): void {
    expect(lento(['help'])->output())
        ->toContain('./lento demo', './lento test', './lento compose', './lento assay', './lento simulate', './lento cool')
        ->and(lento(['fly'])->exitCode())
        ->toBe(1);
});

it('answers every base by its schema, with the methods of a request', function (string $request): void {
    expect(fitsSchema($request, 'compose-request'))->toBeTrue();
    $file = (string) tempnam(sys_get_temp_dir(), 'lento');
    file_put_contents($file, $request);
    expect(Artisan::call('lento:compose', ['request' => $file, '--json' => true]))
        ->toBe(0)
        ->and(fitsSchema(Artisan::output(), 'compose-answer'))
        ->toBeTrue()
        ->and(Artisan::call('lento:compose', ['request' => $file]))
        ->toBe(0)
        ->and(Artisan::output())
        ->not->toContain('ingredients.')
        ->not->toContain('steps.')
        ->not->toContain('warnings.')
        ->not->toMatch('/:[a-z]/');
    unlink($file);
})->with(
    fn(): array => [
        ...array_map(
            fn(Lento\Compose\Base $base): array => [sprintf('{"sauce": "%s", "yield": {"amount": 2}}', $base->value)],
            Lento\Compose\Base::cases(),
        ),
        [
            '{"sauce": "espagnole", "yield": {"amount": 20}, "roux": {"place": "oven", "oven_c": 180, "flour": "gradually"}, '
                . '"method": {"vegetables": "blended", "aromatics": "apart"}}',
        ],
        [
            '{"sauce": "veloute", "yield": {"amount": 2}, "simmer": {"reduce_percent": 50}, "liquid_salt_percent": 1.1, "roux": '
                . '{"butter_browned": "yes"}, "method": {"finish": "liaison", "pepper": "none", "salt": "in-the-middle", '
                . '"stirring": "constantly"}}',
        ],
        [
            '{"sauce": "bechamel", "yield": {"amount": 2}, "salt_percent": 0.5, "roux": {"white_cook_out": "long", "heat": "low"}, '
                . '"method": '
                . '{"milk": "cold"}}',
        ],
    ],
);

it('settles whatever the page allows, or refuses it clearly', function (): void {
    $run = Process::path(base_path())->timeout(120)->run(['php', '-d', 'pcov.enabled=0', 'bin/settle.php', '400', '7']);
    expect($run->output())
        ->toMatch('/^answered \d{3}  refused \d{2,3}  unsettled 0  failed 0  missed 0\s*$/')
        ->and($run->exitCode())
        ->toBe(0);
});

it('comes to rest on 60 g of butter for a soup with yolk, given as fat or as roux', function (string $given, float $litres): void {
    $run = lento(['compose', '-', '--json'], '{"sauce":"veloute",' . $given . ',"thickness":"soup","method":{"finish":"liaison"}}');
    expect($run->exitCode())
        ->toBe(0)
        ->and(data_get(json_decode($run->output(), true), 'liquid.yield_ml'))
        ->toEqualWithDelta(1000.0 * $litres, 50.0);
})->with([
    ['"fat_on_hand":{"amount":60}', 2.7],
    ['"ready_roux":{"amount":120}', 3.13],
]);

it('names the longest cook-out that stays white', function (): void {
    $run = lento(
        ['compose', '-'],
        '{"sauce":"bechamel","yield":{"amount":10},"roux":{"colour":"white","heat":"high","white_cook_out":"long"}}',
    );
    expect($run->exitCode())->toBe(2)
        ->and($run->errorOutput())->toContain('roux.white_cook_out: on this heat a roux stays white for 2.5 min at most.');
});

it('says in a line what went wrong, and never prints a trace', function (Throwable $wrong, int $status, string $says): void {
    $command = new class ($wrong) extends Refusing {
        protected $signature = 'lento:stumbles';

        public function __construct(private readonly Throwable $wrong)
        {
            parent::__construct();
        }

        public function handle(): int
        {
            throw $this->wrong;
        }
    };
    $command->setLaravel(app());
    $errors = new BufferedOutput();
    expect($command->run(new ArrayInput([]), new OutputStyle(new ArrayInput([]), $errors)))
        ->toBe($status)
        ->and(trim($errors->fetch()))
        ->toBe($says);
})->with([
    [NoConvergence::after(60, 'amounts-of-a-sauce'), 2, 'this could not be worked out: try other amounts'],
    [new LogicException('no such thing'), 1, 'Lento stumbled over this; what happened is in storage/logs.'],
]);
