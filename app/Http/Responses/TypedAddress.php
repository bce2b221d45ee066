<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Http\Request;

/**
 * The clean address of an answer, for the browser to show.
 *
 * The first answer to a field is a step of its own, to which Back leads; what is typed on in the same field takes its place. On Back the
 * whole page is asked for, and nothing may be pushed.
 */
final readonly class TypedAddress
{
    /** @return array<string, string> headers, none where no fragment was asked for */
    public static function of(Request $request, string $address): array
    {
        if ($request->header('HX-Request-Type') !== 'partial') {
            return [];
        }

        return [$request->header('Lento-Goes-On') === 'yes' ? 'HX-Replace-Url' : 'HX-Push-Url' => $address];
    }
}
