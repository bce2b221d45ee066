<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Typed\FieldFault;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A page of Lento's own that is to be opened at another tablet. */
final class ElsewhereRequest extends FormRequest
{
    private const LONGEST = 2000;

    private const LONG = 600;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'path' => [
                'required',
                'string',
                'max:' . self::LONGEST,
                /** @param Closure(string): mixed $fail */
                static function (string $field, mixed $value, Closure $fail): void {
                    if (!is_string($value) || !self::isAPage($value)) {
                        $fail(FieldFault::of($field, 'page')->message());
                    }
                },
            ],
        ];
    }

    public function path(): string
    {
        return $this->string('path')->toString();
    }

    /** The page of this request, for its foot to send: a recipe that was pasted is too long for a code, and not said twice on a page. */
    public static function here(Request $request): string
    {
        $whole = $request->getRequestUri();

        return strlen($whole) > self::LONG ? $request->getPathInfo() : $whole;
    }

    /** Of our own, and one that is read: an address that leads away, or does something, is none. */
    private static function isAPage(string $path): bool
    {
        if (preg_match('#\A/(?![/\\\\])[\x21-\x7e]*\z#', $path) !== 1) {
            return false;
        }
        try {
            return Route::getRoutes()->match(Request::create($path))->getName() !== null;
        } catch (HttpException) {
            return false;
        }
    }
}
