<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class StartPotRequest extends QuestionRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'question' => ['required', 'string', 'max:4000'],
            'version' => ['nullable', 'integer', 'exists:sauce_versions,id'],
        ];
    }

    public function version(): ?int
    {
        return $this->filled('version') ? $this->integer('version') : null;
    }
}
