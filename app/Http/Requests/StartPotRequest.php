<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class StartPotRequest extends QuestionRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['question' => ['required', 'string', 'max:2000'], 'token' => ['nullable', 'string', 'max:64']];
    }
}
