<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Compose\Question;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Keeping\FoodSafety;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Learning\KitchenFactors;
use Lento\Learning\Notebook;
use Lento\Plan\Amount;
use Lento\Pot\BoilingPoint;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Tools;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Temperature;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/** All that a kitchen has told of itself: pans, hobs, larder, formulas, usual schools, units. One for a request. */
final readonly class Kitchen
{
    /** Of a sauce to a cover, where nobody has said otherwise: three tablespoons and a half. */
    private const PORTION_MILLILITRES = 55.0;

    /** @var array<int, OwnPan> by id */
    public array $pans;

    /** @var array<int, Ring> by id */
    public array $hobs;

    private Larder $larder;

    /**
     * @param list<LarderLine> $entries
     * @param array<string, array<string, string>> $formulas changes by base
     * @param array<string, string> $settings
     */
    public function __construct(
        public MeasureSystem $measures,
        Equipment $equipment = new Equipment(),
        public array $entries = [],
        private array $formulas = [],
        public array $settings = [],
        private OnDemand $asked = new OnDemand(),
    ) {
        [$this->pans, $this->hobs] = [$equipment->pans, $equipment->hobs];
        $larder = Larder::house();
        foreach ($entries as $entry) {
            $larder = $entry->into($larder);
        }
        $this->larder = $larder;
    }

    /** One that has told nothing: what a command outside any kitchen reckons with. */
    public static function unknown(MeasureSystem $measures): self
    {
        return new self($measures);
    }

    /** Whether what its pots have taught is reckoned with. */
    public function learns(): bool
    {
        return $this->asked->lessons !== null && $this->setting('learn', config()->boolean('lento.learn') ? 'yes' : 'no') === 'yes';
    }

    /** @return list<OwnSauce> */
    public function ownSauces(): array
    {
        return $this->asked->sauces === null ? [] : ($this->asked->sauces)();
    }

    /** All bases and derivatives, the kitchen's own among them. */
    public function catalogue(): Catalogue
    {
        $catalogue = Catalogue::house();
        foreach ($this->ownSauces() as $sauce) {
            $catalogue = $sauce->into($catalogue, $this->larder);
        }

        return $catalogue;
    }

    public function notebook(): Notebook
    {
        return new Notebook($this->asked->lessons === null ? [] : ($this->asked->lessons)());
    }

    /** This kitchen as it is known for a question's pan, simmer and heat; the house where it has learnt nothing, or shall not. */
    public function factorsFor(Question $question, string $ring = ''): KitchenFactors
    {
        return $this->learns()
            ? $this->notebook()->factors($question->pan->diameter, $question->simmerLevel, $question->heat, $ring)
            : KitchenFactors::house();
    }

    /** What a ring is known by to what is learnt of it; empty where the kitchen has told of none, for then nobody knows which it was. */
    public function ring(string $hob): string
    {
        $ring = $this->hobs[(int) $hob] ?? $this->firstHob();

        return $ring === null ? '' : 'ring-' . $ring->id;
    }

    public function name(): string
    {
        return $this->setting('name', config()->string('lento.kitchen'));
    }

    public function larder(): Larder
    {
        return $this->larder;
    }

    /** The base as this kitchen makes it; what it once wrote down that no longer makes sense is left out. */
    public function formula(Base $base): Formula
    {
        $house = Formula::house($base);
        $changes = $this->formulas[$base->value] ?? [];
        if ($changes === []) {
            return $house;
        }
        $minutes = TypedNumber::number($changes['minutes'] ?? '');
        $salt = TypedNumber::number($changes['salt'] ?? '');
        $grams = TypedNumber::number($changes['thickness'] ?? '');
        try {
            return $house
                ->ofRoux(
                    Colour::tryFrom($changes['colour'] ?? ''),
                    in_array($changes['fat'] ?? '', $this->larder->fatNames(), true) ? $changes['fat'] : null,
                )
                ->thick(
                    ThicknessClass::tryFrom($changes['thickness'] ?? '')?->target()
                        ?? ($grams === null ? null : EquivalentFlour::ofGramsPerLitre($grams)),
                )
                ->simmering($minutes === null ? null : Duration::ofMinutes($minutes), SimmerLevel::tryFrom($changes['level'] ?? ''))
                ->salted($salt === null ? null : $salt / 100.0)
                ->having(PartsField::read($changes['parts'] ?? ''))
                ->with(...$this->additions()->read($changes['more'] ?? ''));
        } catch (LentoException) {
            return $house;
        }
    }

    /** @param string $hob id of the ring that is cooked on; the first one's if it is not known */
    public function tools(string $hob): Tools
    {
        return new Tools(
            array_values(array_map(static fn(OwnPan $pan): Pan => $pan->measured(), $this->pans)),
            ($this->hobs[(int) $hob] ?? $this->firstHob())?->rated()->net(),
        );
    }

    public function additions(): Additions
    {
        return new Additions($this->larder, new UnitNames($this->measures));
    }

    /** @return array<string, string> what this kitchen does otherwise for a base */
    public function changes(Base $base): array
    {
        return $this->formulas[$base->value] ?? [];
    }

    /** @return array<string, string> the usual schools, by the field that asks for them; only what was set */
    public function usual(): array
    {
        return array_intersect_key($this->settings, Choices::all());
    }

    /** @return array<string, string> own liquids and fats that can stand in for a larder id: id => name */
    public function ownLike(string $id): array
    {
        $own = array_filter($this->entries, static fn(LarderLine $entry): bool => $entry->name !== null && $entry->like === $id);

        return array_column(array_map(static fn(LarderLine $entry): array => [$entry->larderId(), (string) $entry->name], $own), 1, 0);
    }

    /** @return list<string> larder ids of what a base can be made with, the kitchen's own beside those they resemble */
    public function liquids(Base $base): array
    {
        $ids = [];
        foreach (Formula::house($base)->liquids as $id) {
            $ids = [...$ids, $id, ...array_keys($this->ownLike($id))];
        }

        return $ids;
    }

    /** @return float|null what a mass of it costs, in the kitchen's money */
    public function cost(string $id, Mass $mass): ?float
    {
        foreach ($this->entries as $entry) {
            if ($entry->larderId() === $id && $entry->pricePerKilogram !== null) {
                return $entry->pricePerKilogram * $mass->inKilograms();
            }
        }

        return null;
    }

    /**
     * @param list<Amount> $amounts
     *
     * @return array<int, float> what those cost that have a price
     */
    public function costs(array $amounts): array
    {
        return array_filter(
            array_map(fn(Amount $amount): ?float => $this->cost($amount->ingredient, $amount->mass), $amounts),
            static fn(?float $cost): bool => $cost !== null,
        );
    }

    public function nameOf(string $id): ?string
    {
        foreach ($this->entries as $entry) {
            if ($entry->name !== null && $entry->larderId() === $id) {
                return $entry->name;
            }
        }

        return null;
    }

    /** @return list<string> who cooks here */
    public function cooks(): array
    {
        return array_values(
            array_filter(array_map(trim(...), explode(',', $this->setting('cooks'))), static fn(string $name): bool => $name !== ''),
        );
    }

    public function currency(): string
    {
        return $this->setting('currency', '€');
    }

    /** The guidance that this kitchen goes by. */
    public function foodSafety(): FoodSafety
    {
        $preset = $this->setting('preset', 'uk-guidance');
        $own = $preset === OwnRules::NAME ? $this->keeps()->own() : null;

        return $own ?? FoodSafety::named($preset === OwnRules::NAME ? 'uk-guidance' : $preset);
    }

    /** How it keeps what it makes. */
    public function keeps(): OwnRules
    {
        return new OwnRules($this->settings);
    }

    public function fahrenheit(): bool
    {
        return $this->setting('degrees', 'c') === 'f';
    }

    /** What one cover has of a sauce, unless it is said otherwise. */
    public function portion(): Volume
    {
        return Volume::ofMillilitres(TypedNumber::number($this->setting('portion')) ?? self::PORTION_MILLILITRES);
    }

    public function altitude(): Length
    {
        return Length::ofMetres(max(0.0, TypedNumber::number($this->setting('altitude', '0')) ?? 0.0));
    }

    /** Where water boils here; null at the sea. */
    public function boilsAt(): ?Temperature
    {
        return $this->altitude()->metres > 0.0 ? BoilingPoint::at($this->altitude()) : null;
    }

    public function setting(string $name, string $else = ''): string
    {
        $value = $this->settings[$name] ?? '';

        return $value === '' ? $else : $value;
    }

    /** The pan a new question starts from. */
    public function firstPan(): ?OwnPan
    {
        return $this->pans[(int) $this->setting('pan', '0')] ?? array_values($this->pans)[0] ?? null;
    }

    public function firstHob(): ?Ring
    {
        return $this->hobs[(int) $this->setting('hob', '0')] ?? array_values($this->hobs)[0] ?? null;
    }

    /** @return list<string> larder ids that can be priced, salted or resembled */
    public static function known(): array
    {
        $larder = Larder::house();
        $liquids = $larder->liquidNames();

        return [
            ...$liquids,
            ...$larder->fatNames(),
            'plain-flour',
            ...array_values(
                array_filter(
                    [
                        'white-wine',
                        'red-wine',
                        'tomato-paste',
                        'tomato-puree',
                        'whipping-cream',
                        'double-cream',
                        'soured-cream',
                        'egg-yolk',
                        'hard-cheese',
                        'lemon-juice',
                        'vinegar',
                        'onion',
                        'carrot',
                        'celery',
                        'shallot',
                        'garlic',
                        'green-chilli',
                        'fat-bacon',
                        'giblets',
                        'sugar',
                        'salt',
                    ],
                    static fn(string $id): bool => $larder->ingredient($id)->role !== Role::Liquid,
                ),
            ),
        ];
    }
}
