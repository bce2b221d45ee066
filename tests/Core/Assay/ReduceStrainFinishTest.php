<?php

declare(strict_types=1);

use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Larder\Larder;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Room;

covers(...Room::of('Assay'));

const PLAIN_ESPAGNOLE = "100 g butter\n100 g flour\n2.4 l brown stock\n40 g tomato paste\n100 g onion\n50 g carrot\n50 g "
    . "celery\nroux: brown\npan: 28 cm\nsimmer: 20 min\n";

function assayOf(string $recipe): Assay
{
    return Assay::of((new Reader(Larder::house()))->read($recipe), Larder::house());
}

/** @return list<WarningCode> */
function codesOf(Assay $assay): array
{
    return array_map(fn(Warning $warning): WarningCode => $warning->code, $assay->warnings);
}

it('reduces to where the recipe says, and tells the minutes', function (string $line, float $leaves): void {
    $assay = assayOf(PLAIN_ESPAGNOLE . $line);
    $start = assayOf(PLAIN_ESPAGNOLE)->evaporated->inMillilitres() + assayOf(PLAIN_ESPAGNOLE)->end->millilitres();
    expect($assay->recipe->unread)->toBe([])
        ->and($assay->end->millilitres())->toEqualWithDelta($leaves < 1.0 ? $leaves * $start : $leaves, 3.0)
        ->and($assay->reducing?->inMinutes())->toBeGreaterThan(5.0)
        ->and($assay->simmer->inMinutes())->toEqualWithDelta(20.0 + ($assay->reducing?->inMinutes() ?? NAN), 1e-9)
        ->and($assay->thickness->gramsPerLitre)->toBeGreaterThan(assayOf(PLAIN_ESPAGNOLE)->thickness->gramsPerLitre);
})->with([
    ['reduce: by 1/3', 2.0 / 3.0],
    ['reduce: by a third', 2.0 / 3.0],
    ['Reduce: by 40 %', 0.6],
    ['reduce: to half', 0.5],
    ['reduce: to 1500 ml', 1500.0],
    ['reduce: to 1 1/2 quarts', 1419.5],
]);

it('does not reduce what is down already, and says when it never gets there', function (): void {
    $down = assayOf(PLAIN_ESPAGNOLE . 'reduce: to 2.6 l');
    $never = assayOf(PLAIN_ESPAGNOLE . 'reduce: to 50 ml');
    expect($down->reducing?->seconds)->toBe(0.0)
        ->and($never->reducing)->toBeNull()
        ->and(codesOf($never))->toContain(WarningCode::NotReduced)
        ->and(codesOf($down))->not->toContain(WarningCode::NotReduced);
});

it('does not guess at a reduction it cannot read', function (string $line): void {
    expect((new Reader(Larder::house()))->read(PLAIN_ESPAGNOLE . $line)->unread)->toBe([$line]);
})->with([
    'reduce: by a lot',
    'reduce: to nothing',
    'reduce: by 1',
    'reduce: by 400 ml',
    'reduce: to 0',
    'reduce: by 95 %',
    'strain: perhaps',
    'reduce: to 3 pounds',
    'finish: 1 unicorn',
]);

it('keeps sauce in the strainer with the vegetables, unless they stay in', function (): void {
    $strained = assayOf(PLAIN_ESPAGNOLE . 'strain: yes');
    $left = assayOf(PLAIN_ESPAGNOLE . 'strain: no');
    $pot = 0.98 * $strained->end->millilitres();
    expect(assayOf(PLAIN_ESPAGNOLE)->yield->inMillilitres())
        ->toBe($strained->yield->inMillilitres())
        ->and($pot - $strained->yield->inMillilitres())
        ->toEqualWithDelta((0.35 * 200.0 * $strained->end->millilitres()) / $strained->end->grams(), 1e-6)
        ->and($left->yield->inMillilitres() - $pot)
        ->toBeGreaterThan(180.0)
        ->toBeLessThan(220.0)
        ->and($left->thickness->gramsPerLitre)
        ->toBe($strained->thickness->gramsPerLitre);
});

it('stirs in at the end what the recipe finishes with', function (string $finish, int $count): void {
    $bechamel = "60 g butter\n60 g flour\n1 l milk\nsimmer: 15 min\npan: 20 cm\n";
    $assay = assayOf($bechamel . $finish);
    expect($assay->recipe->unread)->toBe([])
        ->and($assay->finishes)->toHaveCount($count)
        // Roux and liquid are what they were: a finish is neither.
        ->and($assay->fatToFlour())->toEqualWithDelta(1.0, 1e-9)
        ->and($assay->liquidVolume->inMillilitres())->toEqualWithDelta(1000.0, 1e-6)
        ->and($assay->end->grams())->toBeGreaterThan(assayOf($bechamel)->end->grams() + 20.0);
})->with([
    'in one line' => ['finish: 100 g hard cheese', 1],
    'several lines' => ["finish: 60 g cold butter\nfinish: 100 ml cream", 2],
    'a heading' => ["finish:\n3 egg yolks\n100 g cream\n20 g butter", 3],
    'finish with' => ["Finish with 30 g butter", 1],
    'finishing, with a bullet' => ["finishing:\n- 1/2 cup heavy cream", 1],
]);

it('thickens with cheese and yolk, thins with cream', function (): void {
    $bechamel = "60 g butter\n60 g flour\n1 l milk\nsimmer: 20 min\nlevel: bare\npan: 20 cm\nroux: white\n";
    $plain = assayOf($bechamel)->thickness->gramsPerLitre;
    expect(assayOf($bechamel . 'finish: 100 g hard cheese')->thickness->gramsPerLitre)
        ->toBeGreaterThan($plain + 2.0)
        ->and(assayOf($bechamel . 'finish: 3 egg yolks')->thickness->gramsPerLitre)
        ->toBeGreaterThan($plain + 2.0)
        ->and(assayOf($bechamel . 'finish: 150 ml cream')->thickness->gramsPerLitre)
        ->toBeLessThan($plain - 1.0)
        ->and(assayOf($bechamel . 'finish: 150 ml cream')->yield->inMillilitres())
        ->toBeGreaterThan(assayOf($bechamel)->yield->inMillilitres() + 130.0);
});

it('warns of butter that will not be carried, and of milk that meets acid', function (): void {
    $veloute = "60 g butter\n60 g flour\n1 l chicken stock\nroux: blond\n";
    expect(codesOf(assayOf($veloute . 'finish: 400 g butter')))->toContain(WarningCode::FatFloats)
        ->and(codesOf(assayOf($veloute . 'finish: 40 g butter')))->not->toContain(WarningCode::FatFloats)
        ->and(codesOf(assayOf("20 g butter\n20 g flour\n700 ml milk\nfinish: 60 ml lemon juice")))->toContain(WarningCode::MayCurdle)
        ->and(codesOf(assayOf("60 g butter\n60 g flour\n1 l milk")))->not->toContain(WarningCode::MayCurdle);
});

it('warns of a sauce that catches at its simmer', function (): void {
    expect(codesOf(assayOf("110 g butter\n110 g flour\n1 l milk\nlevel: brisk")))->toContain(WarningCode::Scorches)
        ->and(codesOf(assayOf("50 g butter\n50 g flour\n1 l milk\nlevel: bare")))->not->toContain(WarningCode::Scorches);
});

it('says how sure it is, and what else it could be', function (): void {
    $assay = assayOf("60 g butter\n60 g flour\n1 l milk\nsimmer: 20 min\nlevel: bare\npan: 20 cm");
    $edge = assayOf("75 g butter\n75 g flour\n1 l milk\nsimmer: 20 min\nlevel: bare\npan: 20 cm");
    expect($assay->outlook->band->contains($assay->thickness->gramsPerLitre))
        ->toBeTrue()
        ->and($assay->outlook->band->high / $assay->outlook->band->low)
        ->toBeGreaterThan(1.15)
        ->toBeLessThan(1.4)
        ->and($edge->outlook->couldBe())
        ->toContain($edge->thickness->gramsPerLitre < 70.0 ? ThicknessClass::Gratin : ThicknessClass::Coating)
        ->and($edge->outlook->couldBe())
        ->not->toContain($edge->outlook->thicknessClass());
});
