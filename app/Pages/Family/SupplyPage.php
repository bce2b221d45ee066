<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\Liquids;
use App\Family\ServiceReader;
use App\Family\SupplyFields;
use App\Format\Litres;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Questions\Fault;
use App\Questions\Typed;
use Lento\Compose\Base;
use Lento\Compose\PartMeasure;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Family\Derivative;
use Lento\Family\Dose;
use Lento\Family\Fate;
use Lento\Family\Flow;
use Lento\Family\Possible;
use Lento\Family\Service;
use Lento\Family\Share;
use Lento\Family\Supply;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Quantity\Volume;

/** What can become of a base that is there, and the best split of it. */
final readonly class SupplyPage
{
    private const MOST_ON_HAND = 100000.0;

    public SauceNames $names;

    /**
     * @param list<Possible> $possible
     * @param list<Share> $shares
     * @param array<string, Fault> $faults by field
     * @param array<string, PartMeasure> $ingredients that may be short, and how each is counted
     */
    private function __construct(public SupplyFields $fields, public string $base, public string $liquid, public float $litres, public array $possible, public array $shares, public array $faults, public array $ingredients, public Kitchen $kitchen, private Catalogue $catalogue)
    {
        $this->names = new SauceNames($kitchen);
    }

    public static function of(SupplyFields $fields, Kitchen $kitchen, Catalogue $catalogue, Workplace $workplace): self
    {
        $base = Base::tryFrom($fields->base)->value ?? Base::Veloute->value;
        $liquids = Liquids::of($base, $catalogue, $kitchen);
        $liquid = in_array($fields->liquid, $liquids, true) ? $fields->liquid : $liquids[0];
        $derivatives = array_values(array_filter(array_map($catalogue->derivative(...), array_filter($catalogue->childrenOf($base), static fn(string $id): bool => Base::tryFrom($id) === null)), static fn(Derivative $one): bool => $one->stocks === [] || in_array(self::like($liquid, $kitchen), $one->stocks, true)));
        $faults = [];
        $litres = self::number($fields->litres, 'litres', ServiceReader::LEAST_LITRES, ServiceReader::MOST_LITRES, ' l', $faults, 'litres');
        $ingredients = self::counted($derivatives);
        $short = [];
        foreach (array_intersect_key($fields->short, $ingredients) as $id => $text) {
            $much = self::number($text, "short.$id", 0.0, self::MOST_ON_HAND, ' ' . Words::text('units.part.' . $ingredients[$id]->value), $faults, 'on_hand');
            if ($much !== null) {
                $short[$id] = Dose::counted($id, $ingredients[$id], $much)->mass(Volume::ofLitres(1.0), $kitchen->larder());
            }
        }
        $wishes = [];
        foreach ($fields->wishes as $id => $text) {
            $wanted = self::number($text, "wish.$id", ServiceReader::LEAST_LITRES, ServiceReader::MOST_LITRES, ' l', $faults, 'litres');
            $derivative = array_values(array_filter($derivatives, static fn(Derivative $one): bool => $one->id === $id))[0] ?? null;
            $wishes = $wanted === null || $derivative === null ? $wishes : [...$wishes, [$derivative, Volume::ofLitres($wanted)]];
        }
        [$possible, $shares] = [[], []];
        if ($litres !== null) {
            try {
                $stem = Flow::of(Service::of([new Wish($base, $liquid, Volume::ofLitres($litres))]), $catalogue, $workplace)->node($base . '@' . $liquid)->stem->taken(Volume::ofLitres($litres));
                $supply = Supply::of($stem, $short, $workplace);
                [$possible, $shares] = [$supply->possible($derivatives), $wishes === [] ? [] : $supply->split($wishes)];
            } catch (LentoException $refused) {
                $faults['litres'] = new Fault('litres', 'given_out_of_range', ['reason' => $refused->getMessage()]);
            }
        }

        return new self($fields, $base, $liquid, $litres ?? 0.0, $possible, $shares, $faults, $ingredients, $kitchen, $catalogue);
    }

    public function baseName(): string
    {
        return $this->names->within($this->base, $this->liquid);
    }

    /** @return array<string, string> bases of which anything is made */
    public function bases(): array
    {
        $bases = array_values(array_filter(array_column(Base::cases(), 'value'), fn(string $id): bool => array_filter($this->catalogue->childrenOf($id), static fn(string $child): bool => Base::tryFrom($child) === null) !== []));

        return array_combine($bases, array_map($this->names->name(...), $bases));
    }

    /** @return array<string, string> */
    public function liquids(): array
    {
        $ids = Liquids::of($this->base, $this->catalogue, $this->kitchen);

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    public function limited(Possible $possible): string
    {
        return $possible->limitedBy === null ? Words::text('family.supply_all') : Words::text('family.supply_limited', ingredient: Words::ingredient($possible->limitedBy));
    }

    public function gets(Share $share): string
    {
        if ($share->made === null) {
            return Words::text('family.supply_nothing');
        }
        $litres = Litres::of($share->made->volume())->text();

        return $share->ranOut === null ? Words::text('family.supply_gets_all', litres: $litres) : Words::text('family.supply_gets', litres: $litres, percent: sprintf('%.0F', 100.0 * $share->part()));
    }

    public function ranOut(Share $share): string
    {
        return $share->ranOut === null ? '' : Words::text('family.supply_ran_out', what: $share->ranOut === Supply::BASE ? Words::text('family.supply_base_word', name: $this->baseName()) : Words::ingredient($share->ranOut));
    }

    public function left(): string
    {
        $taken = array_sum(array_map(static fn(Share $share): float => $share->made?->taken->volume()->inLitres() ?? 0.0, $this->shares));
        $left = $this->litres - $taken;

        return $left < 0.005 ? '' : Words::text('family.supply_left', litres: Litres::of(Volume::ofLitres($left))->text());
    }

    public function fault(string $field): ?string
    {
        return ($this->faults[$field] ?? null)?->message();
    }

    /** The stock of the house that a kitchen's own resembles. */
    private static function like(string $liquid, Kitchen $kitchen): string
    {
        foreach ($kitchen->entries as $entry) {
            if ($entry->larderId() === $liquid) {
                return $entry->like;
            }
        }

        return $liquid;
    }

    /**
     * @param list<Derivative> $derivatives
     *
     * @return array<string, PartMeasure> what any of them needs, as a cook counts it
     */
    private static function counted(array $derivatives): array
    {
        $counted = [];
        foreach ($derivatives as $derivative) {
            foreach ($derivative->doses() as $dose) {
                $counted = $dose->fate === Fate::Flavours ? $counted : [...$counted, $dose->ingredient => $dose->measure];
            }
        }

        return $counted;
    }

    /** @param array<string, Fault> $faults */
    private static function number(string $text, string $field, float $least, float $most, string $unit, array &$faults, string $as): ?float
    {
        $number = Typed::number($text);
        if ($number !== null && $number >= $least && $number <= $most) {
            return $number;
        }
        $faults[$field] = new Fault($as, 'number', ['least' => Typed::plain($least), 'most' => Typed::plain($most), 'unit' => $unit]);

        return null;
    }
}
