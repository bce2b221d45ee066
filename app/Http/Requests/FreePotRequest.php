<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Format\Words;
use Illuminate\Foundation\Http\FormRequest;

/** A pot that is only logged: what to call it, if anything. */
final class FreePotRequest extends FormRequest
{
    private const LONGEST = 60;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['nullable', 'string', 'max:' . self::LONGEST]];
    }

    public function name(): string
    {
        $name = $this->input('name');

        return is_string($name) && trim($name) !== '' ? trim($name) : Words::text('stove.free_usual');
    }
}
