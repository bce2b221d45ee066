<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\BranchState;
use App\Family\Clash;
use App\Family\KitchenWorkplace;
use App\Family\ServiceFields;
use App\Family\ServiceKey;
use App\Family\ServiceReading;
use App\Family\WorkedOut;
use App\Format\Degrees;
use App\Format\HotBand;
use App\Format\Litres;
use App\Format\RefusalWords;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Lento\Family\Catalogue;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;
use Lento\Quantity\Volume;

/** A service from its covers to its pots: what is wished for, the flow, and under each end what to do. */
final readonly class ServicePage
{
    private SauceNames $names;

    public WishOptions $options;

    public ?FlowPicture $picture;

    public int $serviceId;

    public ServiceFields $fields;

    public ServiceReading $reading;

    public ?ServiceFlow $flow;

    public Catalogue $catalogue;

    /** Why nothing could be worked out; '' where it could. */
    public string $refusal;

    /** @var array<string, BranchState> by the key of their sauce */
    private array $pots;

    private function __construct(WorkedOut $service, public Kitchen $kitchen)
    {
        [$this->serviceId, $this->fields, $this->reading, $this->flow] = [
            $service->service,
            $service->fields,
            $service->reading,
            $service->flow,
        ];
        [$this->catalogue, $this->pots] = [$service->catalogue, $service->pots];
        $this->refusal = $service->refusal === null ? '' : RefusalWords::of($service->refusal);
        [$catalogue, $flow] = [$this->catalogue, $this->flow];
        $this->names = new SauceNames($kitchen);
        $this->options = new WishOptions($catalogue, $kitchen, $this->names);
        $this->picture = $flow === null || $flow->nodes === [] ? null : new FlowPicture($flow, $this->names);
    }

    public static function of(WorkedOut $service, Kitchen $kitchen): self
    {
        return new self($service, $kitchen);
    }

    /** What this page shows, for it to say along with what was typed. */
    public function saw(): string
    {
        return json_encode($this->fields->toRow(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** "Aurore, ml each: somebody made it 60 meanwhile. Type 55 again to have yours." */
    public function clash(Clash $clash): string
    {
        $field = Words::text('family.field.' . $clash->field);

        return Words::text(
            'family.clash',
            field: $clash->sauce === '' ? $field : $this->name($clash->sauce) . ', ' . $field,
            stands: $clash->stands === '' ? Words::text('family.clash_empty') : $clash->stands,
            typed: $clash->typed === '' ? Words::text('family.clash_empty') : $clash->typed,
        );
    }

    /** @return array<string, Column> by key, one for each end of the drawing */
    public function columns(): array
    {
        return $this->flow === null || $this->picture === null
            ? []
            : (new Columns(
                $this->flow,
                $this->reading,
                $this->fields,
                $this->names,
                $this->picture,
                new NextActions($this->flow, $this->names, $this->pots),
            ))->all();
    }

    /** @return list<BaseCard> */
    public function bases(): array
    {
        return $this->flow === null
            ? []
            : (new BaseCards($this->flow, $this->names, $this->kitchen, new NextActions($this->flow, $this->names, $this->pots)))->all();
    }

    public function title(): string
    {
        return $this->fields->name === '' ? Words::text('family.untitled') : $this->fields->name;
    }

    public function covers(): int
    {
        $covers = array_map(static fn(array $row): float => TypedNumber::number($row['covers']) ?? 0.0, $this->fields->wishes);

        return (int) max([0.0, ...$covers]);
    }

    /** "72 covers, for 19:30, 5 % spare, nothing in the cold" */
    public function summary(): string
    {
        $have = count($this->fields->have);

        return implode(
            ' · ',
            array_filter(
                [
                    $this->covers() > 0 ? Words::text('family.covers_total', covers: $this->covers()) : '',
                    $this->fields->at === '' ? '' : Words::text('family.for_time', time: $this->fields->at),
                    $this->fields->spare === '' || $this->fields->spare === '0'
                        ? Words::text('family.no_spare')
                        : Words::text('family.spare_short', percent: $this->fields->spare),
                    $have === 0 ? Words::text('family.nothing_in_fridge') : trans_choice('family.in_fridge', $have, ['count' => $have]),
                ],
                static fn(string $text): bool => $text !== '',
            ),
        );
    }

    /** That no pan of this kitchen holds it, and what to do: one is never made up in silence. '' where one does, or none is known. */
    public function noPan(FlowNode $node): string
    {
        $pan = $node->derived?->pan;

        return $pan === null || $this->kitchen->pans === [] || (new KitchenWorkplace($this->kitchen))->own($pan) !== null
            ? ''
            : Words::text('family.no_pan');
    }

    /** Between which temperatures it is held at the pass. */
    public function heldAt(Column $column): string
    {
        return HotBand::text($column->node->derived?->keepBelow(), $this->kitchen->foodSafety());
    }

    /** How what is in the cold is warmed, by the kitchen’s own guidance. */
    public function reheat(): string
    {
        $preset = $this->kitchen->foodSafety();

        return Words::text(
            'family.reheat',
            temperature: Degrees::text($preset->reheatTo),
            preset: Words::text('kitchen.presets.' . $preset->name),
        );
    }

    public function totals(): string
    {
        if ($this->flow === null || $this->flow->nodes === []) {
            return '';
        }
        $served = array_sum(array_map(static fn(FlowNode $node): float => $node->served->inLitres(), $this->flow->served()));
        $bases = array_sum(array_map(static fn(FlowNode $node): float => $node->made->inLitres(), $this->flow->bases()));

        return Words::text(
            'family.all_litres',
            litres: Litres::of(Volume::ofLitres($served))->text(),
            bases: Litres::of(Volume::ofLitres($bases))->text(),
        );
    }

    public function name(string $key): string
    {
        return $this->names->name(...ServiceKey::parts($key));
    }

    public function within(string $key): string
    {
        return $this->names->within(...ServiceKey::parts($key));
    }

    /** @return array<string, FieldFault> what is wrong with a row, by its field */
    public function wrongs(int $row): array
    {
        $wrongs = [];
        foreach (['sauce', 'thickness', 'covers', 'each', 'litres'] as $name) {
            $fault = $this->fault("wishes.$row.$name");
            $wrongs += $fault === null ? [] : [$name => $fault];
        }

        return $wrongs;
    }

    /** Whether something is wrong with what changes once a day: the time, the spare, what is in the cold. */
    public function isFaultyAbout(): bool
    {
        $fields = array_keys($this->reading->faults);

        return array_intersect($fields, ['spare', 'at']) !== [] || preg_grep('/\Ahave\./', $fields) !== [];
    }

    /** "coating, 58 g flour per litre" */
    public function inClass(FlowNode $node): string
    {
        return Words::text(
            'family.in_class',
            class: Words::text('thickness.class.' . $node->thickness()->thicknessClass()->value),
            ef: sprintf('%.0F', $node->thickness()->gramsPerLitre),
        );
    }

    /**
     * @param array<string, Column> $columns
     *
     * @return array<int, array<string, string>> the typed rows that none of them shows
     */
    public function leftOut(array $columns): array
    {
        $rows = $this->fields->wishes;
        foreach ($columns as $column) {
            $rows = array_diff_key($rows, $column->rows);
        }

        return $rows;
    }

    public function fault(string $field): ?FieldFault
    {
        return $this->reading->faults[$field] ?? null;
    }

    public function portion(): string
    {
        return TypedNumber::plain($this->kitchen->portion()->inMillilitres());
    }

    /** @return string litres that a row comes to; '' where it cannot be read */
    public function rowLitres(int $row): string
    {
        $wish = array_search($row, $this->reading->rows, true);

        return $wish === false ? '' : Litres::of($this->reading->service->wishes[$wish]->volume)->text();
    }

    /**
     * What a grip between two ends moves: litres of both, and the fields that they were typed into.
     *
     * @return array{left: array{litres: float, ratio: float, field: string, covers: float}, right: array{litres: float, ratio: float,
     * field: string, covers: float}}|null null where one of them is served from more than one row
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
        $covers = TypedNumber::number($this->fields->wishes[$row]['covers']) ?? 0.0;

        return [
            'litres' => round($this->reading->service->wishes[$wishes[0]]->volume->inLitres(), 4),
            'ratio' => round($node->derived->volume()->cubicMetres / $node->derived->taken->volume()->cubicMetres, 4),
            'field' => "wishes-$row-" . ($covers > 0.0 ? 'each' : 'litres'),
            'covers' => $covers,
        ];
    }
}
