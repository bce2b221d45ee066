<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\Given;
use Lento\Compose\How;
use Lento\Compose\Outlook;
use Lento\Compose\Question;
use Lento\Compose\SimmerWish;
use Lento\Compose\WarningCode;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Risk\Risk;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Compose\Questions;
use Tests\Core\Room;

covers(...Room::of('Compose', 'Forecast'));

function outlook(Base $base, mixed ...$more): Outlook
{
    return (new Composer())->answer(Questions::of($base, Volume::ofLitres(2.0), $more))->outlook;
}

it('holds every forecast inside its band', function (Base $base): void {
    $sheet = (new Composer())->answer(Question::of($base, Volume::ofLitres(2.0)));
    $outlook = $sheet->outlook;
    expect($outlook->thickness->band->contains($sheet->thickness->gramsPerLitre))->toBeTrue()
        ->and($outlook->rouxMinutes?->contains($sheet->rouxForecast?->time->inMinutes() ?? NAN))->toBeTrue()
        ->and($outlook->evaporated->contains($sheet->evaporated->inMillilitres()))->toBeTrue()
        ->and($outlook->evaporated->high / $outlook->evaporated->low)->toEqualWithDelta(exp(2 * 1.2816 * 0.3), 1e-6)
        ->and($outlook->thickness->thicknessClass())->toBe(Formula::house($base)->thickness->thicknessClass());
})->with(Base::withRoux());

it('knows a brown roux less well than a white one', function (): void {
    $width = fn(Colour $colour): float => outlook(Base::Veloute, colour: $colour, fat: 'clarified-butter')->thickness->band->high
        / outlook(Base::Veloute, colour: $colour, fat: 'clarified-butter')->thickness->band->low;
    expect($width(Colour::Brown))
        ->toBeGreaterThan($width(Colour::Blond))
        ->and($width(Colour::Blond))
        ->toBeGreaterThan($width(Colour::White));
});

it('names the neighbouring class only where the band reaches it', function (): void {
    $could = fn(float $grams): array => outlook(Base::Bechamel, thickness: EquivalentFlour::ofGramsPerLitre($grams))->thickness->couldBe();
    expect($could(58.0))->toBe([])
        ->and($could(66.0))->toBe([ThicknessClass::Gratin])
        ->and($could(50.0))->toBe([ThicknessClass::Pouring])
        ->and($could(125.0))->toBe([]);
});

it('ranks lumps by school, specks by heat, catching by thickness and fire', function (): void {
    expect(outlook(Base::Bechamel)->lumps)
        ->toBe(Risk::Low)
        ->and(outlook(Base::Veloute, heat: HobHeat::Medium)->specks)
        ->toBe(Risk::Low)
        ->and(outlook(Base::Veloute, heat: HobHeat::High, colour: Colour::Brown, fat: 'clarified-butter')->specks)
        ->toBe(Risk::VeryHigh)
        ->and(outlook(Base::Bechamel)->scorching)
        ->toBe(Risk::Low)
        ->and(outlook(Base::Bechamel, thickness: ThicknessClass::Binding->target(), simmerLevel: SimmerLevel::Brisk)->scorching)
        ->toBe(Risk::VeryHigh);
    $order = array_flip(array_column(Risk::cases(), 'value'));
    foreach (School::cases() as $school) {
        expect($order[outlook(Base::Veloute, school: $school)->lumps->value])->toBeLessThan($order[Risk::VeryHigh->value]);
    }
});

it('forecasts no minutes for a roux that is there', function (): void {
    $sheet = (new Composer())->answer(Question::of(Base::Veloute, Given::readyRoux(Mass::ofGrams(200.0))));
    expect($sheet->outlook->rouxMinutes)->toBeNull();
});

it('warns aloud of what catches', function (): void {
    $warned = (new Composer())->answer(
        Question::of(
            Base::Bechamel,
            Volume::ofLitres(2.0),
            thickness: ThicknessClass::Gratin->target(),
            how: new How(simmer: new SimmerWish(level: SimmerLevel::Simmer)),
        ),
    );
    expect(array_column(array_map(fn($warning): array => ['code' => $warning->code], $warned->warnings), 'code'))->toContain(
        WarningCode::Scorches,
    );
});
