<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Formats\RecipeOut;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A sauce as a file to take away: JSON-LD, or plain lines. */
final readonly class RecipeFile implements Responsable
{
    public const FORMATS = ['jsonld', 'txt'];

    public function __construct(private RecipeOut $recipe, private string $name, private string $format) {}

    public function toResponse($request): Response
    {
        $isText = $this->format === 'txt';
        $file = Str::slug($this->name);

        return new Response($isText ? $this->recipe->text() : $this->recipe->json(), 200, [
            'Content-Type' => $isText ? 'text/plain; charset=utf-8' : 'application/ld+json; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . ($file === '' ? 'sauce' : $file) . '.' . $this->format . '"',
        ]);
    }
}
