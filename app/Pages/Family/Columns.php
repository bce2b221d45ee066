<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\ServiceFields;
use App\Family\ServiceKey;
use App\Family\ServiceReading;
use App\Format\ActWords;
use App\Format\Allergens;
use App\Format\CorrectionWords;
use App\Format\Ladlefuls;
use App\Format\Litres;
use App\Format\SauceNames;
use Lento\Drawing\FlowAddition;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;

/** What stands under the ends of the drawing: each sauce with its typed rows, its cautions, and what is done next. */
final readonly class Columns
{
    public function __construct(
        private ServiceFlow $flow,
        private ServiceReading $reading,
        private ServiceFields $fields,
        private SauceNames $names,
        private FlowPicture $picture,
        private NextActions $next,
    ) {}

    /** @return array<string, Column> by key */
    public function all(): array
    {
        $columns = [];
        foreach ($this->flow->nodes as $key => $node) {
            if ($node->served->cubicMetres > 0.0 && !$node->isBase()) {
                $columns[$key] = $this->column($key, $node);
            }
        }

        return $columns;
    }

    private function column(string $key, FlowNode $node): Column
    {
        $parent = $this->flow->parentOf($node);
        $derived = $node->derived;
        $taken = $derived?->taken->volume() ?? $node->served;
        $from = $parent === null ? '' : $this->names->within(...ServiceKey::parts($parent->planned->key));

        return new Column(
            new ColumnHead($key, $this->names->name(...ServiceKey::parts($key)), $this->picture->colourOf($key)),
            $node,
            new ColumnFlow(
                Ladlefuls::text($taken),
                trim(Litres::of($taken)->text() . ' ' . $from),
                Litres::of($node->served)->text(),
                implode(
                    ', ',
                    array_map(static fn(FlowAddition $one): string => $one->amount . ' ' . $one->name, $this->picture->additions($node)),
                ),
            ),
            new ColumnNotes(
                $derived === null ? '' : ActWords::gate($derived)->label ?? '',
                $this->cautions($node),
                $derived === null ? '' : CorrectionWords::what($derived, $from),
                $derived === null ? '' : CorrectionWords::why($derived, $from),
                Allergens::line($node->allergens(), $node->readLabel()),
            ),
            $this->rows($key),
            $this->next->ofEnd($key, $node),
        );
    }

    /** @return array<int, array<string, string>> the typed rows that are served from it, by their place in the form */
    private function rows(string $key): array
    {
        $rows = [];
        foreach (array_keys($this->flow->wished, $key, true) as $wish) {
            $rows[$this->reading->rows[$wish]] = $this->fields->wishes[$this->reading->rows[$wish]];
        }

        return $rows;
    }

    /** @return list<string> its own, and those of the sauces it is made of: yolk stays yolk */
    private function cautions(FlowNode $node): array
    {
        $cautions = [];
        for ($one = $node; $one !== null; $one = $this->flow->parentOf($one)) {
            $derived = $one->derived;
            foreach ($derived->acts ?? [] as $done) {
                $caution = $derived !== null && $done->atMost() !== null ? ActWords::of($done)->caution() : '';
                $cautions = $caution === '' || in_array($caution, $cautions, true) ? $cautions : [...$cautions, $caution];
            }
        }

        return $cautions;
    }
}
