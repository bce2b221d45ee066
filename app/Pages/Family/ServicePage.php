<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\KitchenWorkplace;
use App\Family\Liquids;
use App\Family\ServiceFields;
use App\Family\ServiceKey;
use App\Family\ServiceReader;
use App\Family\ServiceReading;
use App\Format\ActWords;
use App\Format\AddedColour;
use App\Format\DoseWords;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\SauceColour;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Questions\Fault;
use App\Questions\Typed;
use Lento\Compose\Base;
use Lento\Drawing\FlowAddition;
use Lento\Drawing\FlowDrawing;
use Lento\Drawing\FlowSauce;
use Lento\Exception\LentoException;
use Lento\Family\ActKind;
use Lento\Family\Catalogue;
use Lento\Family\CorrectionKind;
use Lento\Family\DoneAct;
use Lento\Family\Fate;
use Lento\Family\Flow;
use Lento\Family\FlowNode;
use Lento\Larder\Allergen;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow as Viscous;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\ThicknessClass;

/** A service from its covers to its pots: what is wished for, the flow, and under each end what to do. */
final readonly class ServicePage
{
    /** ml of the ladle that ladlefuls are counted in. */
    public const LADLE = 250.0;

    private SauceNames $names;

    /** @var array<string, string> #rrggbb by key */
    private array $colours;

    /**
     * @param array<string, PotState> $pots by the key of their sauce
     * @param string $refusal why nothing could be worked out; '' where it could
     */
    public function __construct(
        public int $serviceId,
        public ServiceFields $fields,
        public ServiceReading $reading,
        public ?Flow $flow,
        public string $refusal,
        public Kitchen $kitchen,
        public Catalogue $catalogue,
        private array $pots,
    ) {
        $this->names = new SauceNames($kitchen);
        $colours = [];
        foreach ($flow->nodes ?? [] as $key => $node) {
            $colours[$key] = $this->colour($node, $colours);
        }
        $this->colours = $colours;
    }

    public function title(): string
    {
        return $this->fields->name === '' ? Words::text('family.untitled') : $this->fields->name;
    }

    public function covers(): int
    {
        $covers = array_map(static fn(array $row): float => Typed::number($row['covers']) ?? 0.0, $this->fields->wishes);

        return (int) max([0.0, ...$covers]);
    }

    /** "72 covers, for 19:30, 5 % spare, nothing in the cold" */
    public function summary(): string
    {
        $have = count($this->fields->have);

        return implode(' · ', array_filter([
            $this->covers() > 0 ? Words::text('family.covers_total', covers: $this->covers()) : '',
            $this->fields->at === '' ? '' : Words::text('family.for_time', time: $this->fields->at),
            $this->fields->spare === '' || $this->fields->spare === '0' ? Words::text('family.no_spare') : Words::text('family.spare_short', percent: $this->fields->spare),
            $have === 0 ? Words::text('family.nothing_in_fridge') : trans_choice('family.in_fridge', $have, ['count' => $have]),
        ], static fn(string $text): bool => $text !== ''));
    }

    public function totals(): string
    {
        if ($this->flow === null || $this->flow->nodes === []) {
            return '';
        }
        $served = array_sum(array_map(static fn(FlowNode $node): float => $node->served->inLitres(), $this->flow->served()));
        $bases = array_sum(array_map(static fn(FlowNode $node): float => $node->made->inLitres(), $this->flow->bases()));

        return Words::text('family.all_litres', litres: Litres::of(Volume::ofLitres($served))->text(), bases: Litres::of(Volume::ofLitres($bases))->text());
    }

    public function name(string $key): string
    {
        return $this->names->name(...ServiceKey::parts($key));
    }

    public function within(string $key): string
    {
        return $this->names->within(...ServiceKey::parts($key));
    }

    public function fault(string $field): ?Fault
    {
        return $this->reading->faults[$field] ?? null;
    }

    /** @return array<string, string> names by id of all that can be wished for, families together */
    public function sauces(): array
    {
        $options = [];
        foreach (Base::cases() as $base) {
            if ($this->catalogue->parentOf($base->value) === null) {
                $options = [...$options, ...$this->optionsFrom($base->value, 0)];
            }
        }

        return $options;
    }

    /** @return array<string, string> what the base of a sauce can be made with; only one where there is no choice worth making */
    public function liquids(string $sauce): array
    {
        try {
            $ids = Liquids::of($sauce, $this->catalogue, $this->kitchen);
        } catch (LentoException) {
            return [];
        }

        return array_combine($ids, array_map(Words::ingredient(...), $ids));
    }

    /** @return list<ThicknessClass> */
    public function classes(): array
    {
        return ThicknessClass::askable();
    }

    public function portion(): string
    {
        return Typed::plain(ServiceReader::usualPortion($this->kitchen));
    }

    /** @return string litres that a row comes to; '' where it cannot be read */
    public function rowLitres(int $row): string
    {
        $wish = array_search($row, $this->reading->rows, true);

        return $wish === false ? '' : Litres::of($this->reading->service->wishes[$wish]->volume)->text();
    }

    public function drawing(): ?FlowDrawing
    {
        return $this->flow === null || $this->flow->nodes === [] ? null : FlowDrawing::of(array_map($this->drawn(...), array_values($this->flow->nodes), array_keys($this->flow->nodes)));
    }

    /** The drawing in sentences, for those who hear it read. */
    public function says(): string
    {
        $sentences = array_map(fn(FlowNode $node): string => $this->sentence($node), array_values($this->flow->nodes ?? []));

        return Words::text('family.flow_says', sentences: implode(' ', $sentences));
    }

    /** @return array<string, Column> by key, one for each end of the drawing */
    public function columns(): array
    {
        $columns = [];
        foreach ($this->flow->nodes ?? [] as $key => $node) {
            if ($node->served->cubicMetres > 0.0 && !$node->isBase()) {
                $columns[$key] = $this->column($key, $node);
            }
        }

        return $columns;
    }

    /**
     * What a grip between two ends moves: litres of both, and the fields that they were typed into.
     *
     * @return array{left: array{litres: float, ratio: float, field: string, covers: float}, right: array{litres: float, ratio: float, field: string, covers: float}}|null null where one of them is served from more than one row
     */
    public function grip(string $left, string $right): ?array
    {
        $both = [$this->held($left), $this->held($right)];

        return $both[0] === null || $both[1] === null ? null : ['left' => $both[0], 'right' => $both[1]];
    }

    /** @return array{litres: float, ratio: float, field: string, covers: float}|null */
    private function held(string $key): ?array
    {
        $node = $this->flow?->nodes[$key] ?? null;
        $wishes = array_keys($this->flow->wished ?? [], $key, true);
        if ($node === null || $node->derived === null || count($wishes) !== 1) {
            return null;
        }
        $row = $this->reading->rows[$wishes[0]];
        $covers = Typed::number($this->fields->wishes[$row]['covers']) ?? 0.0;

        return [
            'litres' => round($this->reading->service->wishes[$wishes[0]]->volume->inLitres(), 4),
            'ratio' => round($node->derived->volume()->cubicMetres / $node->derived->taken->volume()->cubicMetres, 4),
            'field' => "wishes-$row-" . ($covers > 0.0 ? 'each' : 'litres'),
            'covers' => $covers,
        ];
    }

    /** @return list<BaseCard> */
    public function bases(): array
    {
        return array_map(fn(FlowNode $node): BaseCard => $this->baseCard($node), $this->flow?->bases() ?? []);
    }

    public function ladles(Volume $volume): string
    {
        $count = $volume->inMillilitres() / self::LADLE;

        return trans_choice('family.ladles', $count <= 1.0 ? 1 : 2, ['count' => (new KitchenMeasure(MeasureSystem::Metric))->quarters($count)]);
    }

    public function colourOf(string $key): string
    {
        return $this->colours[$key] ?? '#efe2c4';
    }

    /** @return array<string, string> */
    private function optionsFrom(string $id, int $depth): array
    {
        $options = [$id => str_repeat('– ', $depth) . $this->names->name($id)];
        foreach ($this->catalogue->childrenOf($id) as $child) {
            $options = [...$options, ...$this->optionsFrom($child, $depth + 1)];
        }

        return $options;
    }

    private function drawn(FlowNode $node, string $key): FlowSauce
    {
        $parent = $this->flow?->parentOf($node);
        $taken = 0.0;
        foreach ($parent->branches ?? [] as $branch) {
            $taken = $branch->to === $key ? $branch->taken->inLitres() : $taken;
        }

        return new FlowSauce(
            $key,
            $this->name($key),
            $node->planned->parent,
            $taken,
            $node->volume()->inLitres(),
            $this->colours[$key],
            [...$this->additions($node), ...$this->stockOf($node)],
            $node->derived === null ? null : ActWords::gate($node->derived),
            $node->served->cubicMetres > 0.0 ? self::wrapped(self::allergenNames($node->allergens())) : [],
        );
    }

    /** @return list<FlowAddition> what joins it from the side, as much as is left of it */
    private function additions(FlowNode $node): array
    {
        $additions = [];
        foreach ($node->derived->acts ?? [] as $done) {
            foreach ($done->doses as [$dose, $mass]) {
                if (in_array($dose->fate, [Fate::Joins, Fate::StaysIn], true)) {
                    $taken = $node->derived?->taken->volume()->inLitres() ?? 0.0;
                    $additions[] = new FlowAddition(implode('|', DoseWords::parts($dose, $mass, $taken)), self::room($done, $mass->inGrams(), $dose->fate), AddedColour::of($dose->ingredient));
                }
            }
        }
        usort($additions, static fn(FlowAddition $a, FlowAddition $b): int => $b->millilitres <=> $a->millilitres);

        return $additions;
    }

    /** @return list<FlowAddition> a demi-glace is let down with stock */
    private function stockOf(FlowNode $node): array
    {
        if ($node->sheet === null || $node->planned->parent === null) {
            return [];
        }
        $stock = Volume::ofCubicMetres($node->sheet->liquid->cubicMetres * $node->sheet->question->formula->share());

        return [new FlowAddition(Litres::of($stock)->text() . '|' . Words::ingredient($node->planned->liquid), $stock->inMillilitres(), AddedColour::of('brown-stock'))];
    }

    private static function room(DoneAct $done, float $grams, Fate $fate): float
    {
        return $done->act->kind === ActKind::ReduceApart && $fate === Fate::Joins ? $grams * (1.0 - $done->act->share) : $grams;
    }

    /** @param array<string, string> $colours of those before it */
    private function colour(FlowNode $node, array $colours): string
    {
        if ($node->sheet !== null) {
            return SauceColour::of($node->sheet);
        }
        $from = $colours[$node->planned->parent ?? ''] ?? '#efe2c4';
        $added = [];
        foreach ($node->derived->acts ?? [] as $done) {
            foreach ($done->doses as [$dose, $mass]) {
                $added[$dose->ingredient] = ($added[$dose->ingredient] ?? 0.0) + ($dose->fate === Fate::Joins || $dose->fate === Fate::StaysIn ? self::room($done, $mass->inGrams(), $dose->fate) : 0.0);
            }
        }

        return AddedColour::mixed($from, $node->derived?->taken->volume()->inMillilitres() ?? 1.0, $added);
    }

    private function sentence(FlowNode $node): string
    {
        $key = $node->planned->key;
        $derived = $node->derived;
        $parent = $this->flow?->parentOf($node);
        if ($derived === null || $parent === null) {
            return Words::text('family.says_base', litres: Litres::of($node->volume())->text(), name: $this->within($key));
        }
        if ($node->isServedAsItIs()) {
            return Words::text('family.says_served', litres: Litres::of($node->served)->text(), name: $this->within($key));
        }
        $doses = [];
        foreach ($derived->acts as $done) {
            $doses = $done->doses === [] ? $doses : [...$doses, DoseWords::list($done, $derived->taken->volume()->inLitres())];
        }
        $gate = ActWords::gate($derived);

        return Words::text(
            'family.says_sauce',
            taken: Litres::of($derived->taken->volume())->text(),
            parent: $this->within($parent->planned->key),
            additions: $doses === [] ? '' : Words::text('family.says_with', list: implode(', ', $doses)),
            gate: $gate === null ? '' : Words::text('family.says_gate', gate: $gate->label),
            litres: Litres::of($node->volume())->text(),
            name: $this->within($key),
        );
    }

    private function column(string $key, FlowNode $node): Column
    {
        $parent = $this->flow?->parentOf($node);
        $taken = $node->derived?->taken->volume() ?? $node->served;
        $rows = [];
        foreach ($this->flow->wished ?? [] as $wish => $served) {
            if ($served === $key) {
                $rows[$this->reading->rows[$wish]] = $this->fields->wishes[$this->reading->rows[$wish]];
            }
        }
        $cautions = $node->derived === null ? [] : array_map(static fn(DoneAct $done): string => ActWords::of($node->derived, $done)->caution(), array_values(array_filter($node->derived->acts, static fn(DoneAct $done): bool => $done->act->kind === ActKind::OffTheBoil)));

        return new Column(
            $key,
            $this->name($key),
            $this->colours[$key],
            $node,
            self::spoon($node),
            $this->ladles($taken),
            Litres::of($taken)->text() . ' ' . ($parent === null ? '' : $this->within($parent->planned->key)),
            Litres::of($node->served)->text(),
            implode(', ', array_map(static fn(FlowAddition $one): string => str_replace('|', ' ', $one->label), $this->additions($node))),
            $node->derived === null ? '' : ActWords::gate($node->derived)->label ?? '',
            $rows,
            array_values(array_filter($cautions, static fn(string $caution): bool => $caution !== '')),
            $this->correction($node),
            $this->why($node),
            self::allergenNames($node->allergens()),
            $this->action($key, $node),
        );
    }

    private static function spoon(FlowNode $node): SpoonTest
    {
        return SpoonTest::of(Viscous::of($node->stem->sauce, Temperature::ofCelsius(EquivalentFlour::CELSIUS)));
    }

    private function correction(FlowNode $node): string
    {
        $correction = $node->derived?->correction;
        if ($node->derived === null || $correction === null) {
            return '';
        }
        $parent = $this->flow?->parentOf($node);

        return Words::text(
            'family.correct.' . $correction->kind->value,
            amount: Litres::of($correction->liquid($node->derived->taken))->text(),
            liquid: Words::ingredient($node->derived->taken->liquid->id),
            parent: $parent === null ? '' : $this->within($parent->planned->key),
            litres: $correction->downTo === null ? '' : Litres::of($correction->downTo)->text(),
            flour: Grams::of($correction->amount)->text(),
            butter: Grams::of($correction->butter)->text(),
        );
    }

    private function why(FlowNode $node): string
    {
        $correction = $node->derived?->correction;
        if ($node->derived === null || $correction === null) {
            return '';
        }
        $parent = $this->flow?->parentOf($node);

        return Words::text($correction->kind === CorrectionKind::Thin ? 'family.correct.why_thin' : 'family.correct.why_thick', parent: $parent === null ? '' : $this->within($parent->planned->key), class: Words::text('thickness.class.' . $node->derived->classUncorrected()->value), target: Words::text('thickness.class.' . $node->derived->derivative->class->value));
    }

    private function action(string $key, FlowNode $node): Action
    {
        $own = $this->pots[$key] ?? null;
        if ($own !== null) {
            return $own->finishedAt === null ? new Action('link', Words::text('family.next_act.stove'), $key, $own->potId) : new Action('none', Words::text('family.next_act.done', time: $own->finishedAt->format('H:i')), $key);
        }
        $parent = $this->flow?->parentOf($node);
        if ($parent === null || $node->made->cubicMetres <= 0.0) {
            return new Action('none', Words::text('family.next_act.fridge'), $key);
        }
        $pot = $this->pots[$parent->planned->key] ?? null;
        if ($pot !== null && isset($pot->ladles[$key])) {
            return new Action('none', Words::text('family.next_act.done', time: $pot->ladles[$key]->format('H:i')), $key);
        }
        if ($pot === null && $parent->made->cubicMetres > 0.0) {
            return $this->firstToCook($parent);
        }

        return $pot === null || $pot->ready ? new Action('ladle', Words::text('family.next_act.ladle'), $key) : new Action('link', Words::text('family.next_act.on', name: $this->within($parent->planned->key)), $key, $pot->potId);
    }

    /** Bases first: what must be on before this one can be. */
    private function firstToCook(FlowNode $node): Action
    {
        $parent = $this->flow?->parentOf($node);
        if ($parent !== null && $parent->made->cubicMetres > 0.0 && !isset($this->pots[$parent->planned->key])) {
            return $this->firstToCook($parent);
        }

        return new Action($node->isBase() ? 'cook' : 'ladle', Words::text('family.next_act.base', name: $this->within($node->planned->key)), $node->planned->key);
    }

    /** A demi-glace waits for its espagnole, which has a card of its own. */
    private function cookOrWait(FlowNode $node): Action
    {
        $first = $this->firstToCook($node);
        $parent = $this->flow?->parentOf($node);
        $from = $parent === null ? null : $this->pots[$parent->planned->key] ?? null;
        if ($parent !== null && $from !== null && !$from->ready) {
            return new Action('link', Words::text('family.next_act.on', name: $this->within($parent->planned->key)), $parent->planned->key, $from->potId);
        }

        return $first->branch === $node->planned->key ? $first : new Action('none', Words::text('family.next_act.waits', name: $this->within($first->branch)), $first->branch);
    }

    private function baseCard(FlowNode $node): BaseCard
    {
        $key = $node->planned->key;
        $pot = $this->pots[$key] ?? null;
        $workplace = new KitchenWorkplace($this->kitchen);
        $sheet = $node->sheet;

        return new BaseCard(
            $key,
            $this->name($key),
            $node,
            $sheet === null ? [] : $workplace->fields($sheet->question->base, $sheet->question->liquid, $sheet->question->yield, $sheet->question->thickness, $sheet->question->pan)->toAddress(),
            $this->whyThick($node),
            $this->suits($node),
            $sheet !== null && $workplace->own($sheet->question->pan) === null && $this->kitchen->pans !== [],
            match (true) {
                $sheet === null => new Action('none', Words::text('family.next_act.fridge'), $key),
                $pot === null => $this->cookOrWait($node),
                $pot->finishedAt === null => new Action('link', Words::text('family.next_act.stove'), $key, $pot->potId),
                default => new Action('none', Words::text('family.next_act.done', time: $pot->finishedAt->format('H:i')), $key),
            },
        );
    }

    private function whyThick(FlowNode $node): string
    {
        $thickness = $node->thickness;
        if ($thickness === null || $thickness->suits === []) {
            return '';
        }
        $usual = $this->kitchen->formula($node->planned->base ?? Base::Bechamel)->thickness->gramsPerLitre;

        return Words::text('family.base_why.' . match (true) {
            !$thickness->servesAll() => 'most',
            abs($thickness->thickness->gramsPerLitre - $usual) < 0.5 => 'usual',
            count($thickness->suits) === 1 && ($this->flow->nodes[$thickness->suits[0]->key] ?? null)?->isServedAsItIs() === true => 'asked',
            default => 'all',
        });
    }

    /** @return list<string> */
    private function suits(FlowNode $node): array
    {
        $texts = [];
        foreach ($node->thickness->suits ?? [] as $suits) {
            $texts[] = Words::text($suits->suited ? 'family.suits' : 'family.suits_not', name: $this->name($suits->key), from: sprintf('%.0F', $suits->from->gramsPerLitre), to: sprintf('%.0F', $suits->to->gramsPerLitre));
        }

        return $texts;
    }

    /**
     * @param list<Allergen> $allergens
     *
     * @return list<string>
     */
    public static function allergenNames(array $allergens): array
    {
        return array_map(static fn(Allergen $one): string => Words::text('ingredients.allergens.' . $one->value), $allergens);
    }

    /**
     * @param list<string> $names
     *
     * @return list<string> in lines that fit under a pan
     */
    private static function wrapped(array $names): array
    {
        return $names === [] ? [] : explode("\n", wordwrap(implode(', ', $names), 34, "\n"));
    }
}
