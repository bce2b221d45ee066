<?php

declare(strict_types=1);

namespace App\Pages\Family;

use Lento\Family\FlowNode;

/** One end of the flow, as it stands under its pan: what it is, what it is ladled from, what to mind, what to do next. */
final readonly class Column
{
    public string $key;

    public string $name;

    public string $colour;

    public string $ladles;

    public string $from;

    public string $makes;

    public string $with;

    public string $gate;

    /** @var list<string> */
    public array $cautions;

    public string $correction;

    public string $why;

    public string $allergens;

    /**
     * @param array<int, array<string, string>> $rows the typed rows that are served from it, by their place in the form
     */
    public function __construct(
        ColumnHead $head,
        public FlowNode $node,
        ColumnFlow $flow,
        ColumnNotes $notes,
        public array $rows,
        public NextAction $action,
    ) {
        $this->key = $head->key;
        $this->name = $head->name;
        $this->colour = $head->colour;
        $this->ladles = $flow->ladles;
        $this->from = $flow->from;
        $this->makes = $flow->makes;
        $this->with = $flow->with;
        $this->gate = $notes->gate;
        $this->cautions = $notes->cautions;
        $this->correction = $notes->correction;
        $this->why = $notes->why;
        $this->allergens = $notes->allergens;
    }
}
