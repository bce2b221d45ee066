<?php

declare(strict_types=1);

namespace App\Pages\Family;

use Lento\Family\FlowNode;
use Lento\Thickness\SpoonTest;

/** One end of the flow, as it stands under its pan: what it is, what it is ladled from, what to mind, what to do next. */
final readonly class Column
{
    /**
     * @param array<int, array<string, string>> $rows the typed rows that are served from it, by their place in the form
     * @param string $with what joins it, for where the drawing is not seen
     * @param list<string> $cautions
     * @param string $correction what sets it right; '' where its base alone does
     * @param list<string> $allergens
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $colour,
        public FlowNode $node,
        public SpoonTest $spoon,
        public string $ladles,
        public string $from,
        public string $makes,
        public string $with,
        public string $gate,
        public array $rows,
        public array $cautions,
        public string $correction,
        public string $why,
        public array $allergens,
        public NextAction $action,
    ) {}
}
