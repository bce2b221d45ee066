<?php

declare(strict_types=1);

namespace App\Typed;

use Illuminate\Support\Str;

/** Words as a search compares them: lower case, without accents. "Velouté" is found by "veloute". */
final readonly class Plain
{
    public static function text(string $text): string
    {
        return mb_strtolower(Str::ascii($text));
    }
}
