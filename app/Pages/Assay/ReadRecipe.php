<?php

declare(strict_types=1);

namespace App\Pages\Assay;

use Lento\Assay\Assay;
use Lento\Assay\Recipe;

/** A recipe as it was read, and what it will come out as; or why nothing can be said of that. */
final readonly class ReadRecipe
{
    public function __construct(public Recipe $recipe, public ?Assay $assay, public ?string $refusal) {}

    /** One that is not read at all. */
    public static function not(string $fault): self
    {
        return new self(Recipe::unread(), null, $fault);
    }
}
