<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\Liquids;
use App\Family\SupplyFields;
use App\Family\SupplyReader;
use App\Family\SupplyReading;
use App\Format\Litres;
use App\Format\RefusalWords;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Compose\Base;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Family\FlowPlan;
use Lento\Family\Possible;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Share;
use Lento\Family\Supply;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Quantity\Volume;

/** What can become of a base that is there, and the best split of it. */
final readonly class SupplyPage
{
    public SauceNames $names;

    /**
     * @param list<Possible> $possible
     * @param list<Share> $shares
     * @param string $refusal why nothing could be worked out; '' where it could
     */
    private function __construct(
        public SupplyFields $fields,
        public SupplyReading $reading,
        public array $possible,
        public array $shares,
        public string $refusal,
        private Kitchen $kitchen,
        private Catalogue $catalogue,
    ) {
        $this->names = new SauceNames($kitchen);
    }

    public static function of(SupplyFields $fields, Kitchen $kitchen, Catalogue $catalogue, Workplace $workplace): self
    {
        $reading = SupplyReader::read($fields, $kitchen, $catalogue);
        if ($reading->litres <= 0.0) {
            return new self($fields, $reading, [], [], '', $kitchen, $catalogue);
        }
        $litres = Volume::ofLitres($reading->litres);
        try {
            $stem = ServiceFlow::of(
                Service::of([new Wish($reading->base->value, $reading->liquid, $litres)]),
                $catalogue,
                $workplace,
            )->node(FlowPlan::key($reading->base->value, $reading->liquid))->stem;
            $supply = Supply::of($stem->taken($litres), $reading->short, $workplace);

            return new self(
                $fields,
                $reading,
                $supply->possible($reading->derivatives),
                $reading->wishes === [] ? [] : $supply->split($reading->wishes),
                '',
                $kitchen,
                $catalogue,
            );
        } catch (LentoException $refused) {
            return new self($fields, $reading, [], [], RefusalWords::of($refused), $kitchen, $catalogue);
        }
    }

    public function baseName(): string
    {
        return $this->names->within($this->reading->base->value, $this->reading->liquid);
    }

    /** @return array<string, string> bases of which anything is made */
    public function bases(): array
    {
        $bases = array_values(
            array_filter(
                array_column(Base::cases(), 'value'),
                fn(string $id): bool => array_filter(
                    $this->catalogue->childrenOf($id),
                    static fn(string $child): bool => Base::tryFrom($child) === null,
                ) !== [],
            ),
        );

        return array_combine($bases, array_map($this->names->name(...), $bases));
    }

    /** @return array<string, string> */
    public function liquids(): array
    {
        $ids = Liquids::of($this->reading->base->value, $this->catalogue, $this->kitchen);

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    /**
     * @return array<string, string> what was typed for a sauce or an ingredient that this answer does not ask for, by field: it goes round
     * with the form
     */
    public function keptUnseen(): array
    {
        $seen = array_flip(array_map(static fn(Possible $possible): string => $possible->derivative->id, $this->possible));
        $kept = [];
        foreach (array_diff_key($this->fields->wishes, $seen) as $id => $typed) {
            $kept["wish[$id]"] = $typed;
        }
        foreach (array_diff_key($this->fields->short, $this->reading->counted) as $id => $typed) {
            $kept["short[$id]"] = $typed;
        }

        return $kept;
    }

    public function limited(Possible $possible): string
    {
        return $possible->limitedBy === null
            ? Words::text('family.supply_all')
            : Words::text('family.supply_limited', ingredient: Words::ingredient($possible->limitedBy));
    }

    public function gets(Share $share): string
    {
        if ($share->made === null) {
            return Words::text('family.supply_nothing');
        }
        $litres = Litres::of($share->made->volume())->text();

        return $share->ranOut === null
            ? Words::text('family.supply_gets_all', litres: $litres)
            : Words::text('family.supply_gets', litres: $litres, percent: sprintf('%.0F', 100.0 * $share->part()));
    }

    public function ranOut(Share $share): string
    {
        return $share->ranOut === null
            ? ''
            : Words::text(
                'family.supply_ran_out',
                what: $share->ranOut === Supply::BASE
                    ? Words::text('family.supply_base_word', name: $this->baseName())
                    : Words::ingredient($share->ranOut),
            );
    }

    public function left(): string
    {
        $taken = array_sum(array_map(static fn(Share $share): float => $share->made?->taken->volume()->inLitres() ?? 0.0, $this->shares));
        $left = $this->reading->litres - $taken;

        return $left < 0.005 ? '' : Words::text('family.supply_left', litres: Litres::of(Volume::ofLitres($left))->text());
    }

    public function fault(string $field): ?string
    {
        return ($this->reading->faults[$field] ?? null)?->message();
    }
}
