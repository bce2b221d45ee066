<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class KeepSauceRequest extends QuestionRequest
{
    private const LONGEST_NAME = 60;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['question' => ['required', 'string', 'max:2000'], 'name' => ['required', 'string', 'max:' . self::LONGEST_NAME]];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }
}
