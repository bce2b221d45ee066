<?php

declare(strict_types=1);

namespace App\Pages\Assay;

use App\Formats\RecipeLd;
use Lento\Assay\Fullness;
use Lento\Thickness\ThicknessClass;

/** What a cook has handed in: the recipe's lines, and what was said beside them. */
final readonly class AskedRecipe
{
    /**
     * @param string $text as it stands in the field
     * @param array<int, string> $as lines put right by the cook
     * @param Fullness|null $spoons how full the flour's spoons are; null as the recipe has it
     * @param string $cook minutes of the flour in its fat; '' as the recipe has it
     * @param list<RecipeLd> $found recipes of the file it came from, where that had several
     */
    public function __construct(
        public string $text,
        public array $as,
        public ?Fullness $spoons,
        public string $cook,
        public ThicknessClass $to,
        public array $found = [],
    ) {}

    /** The lines with what was said beside them. */
    public function lines(): string
    {
        return implode("\n", [
            $this->text,
            ...$this->spoons === null ? [] : ['spoons: ' . $this->spoons->value],
            ...$this->cook === '' ? [] : ['cook: ' . $this->cook . ' min'],
        ]);
    }

    /** @return array<string, mixed> its address */
    public function toAddress(): array
    {
        return [
            'recipe' => $this->text,
            ...$this->as === [] ? [] : ['as' => $this->as],
            ...$this->spoons === null ? [] : ['spoons' => $this->spoons->value],
            ...$this->cook === '' ? [] : ['cook' => $this->cook],
            'to' => $this->to->value,
        ];
    }
}
