<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Format\Words;
use App\Practice\Wanted;
use App\Typed\TypedNumber;
use Illuminate\Foundation\Http\FormRequest;
use Lento\Practice\Difficulty;
use Lento\Practice\Draw;

final class ExerciseRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'min:1', 'max:60'],
            'sauce' => ['required', 'string', 'max:60'],
            'liquid' => ['nullable', 'string', 'max:60'],
            'litres' => ['required', 'string', 'max:20', PracticeRequest::litresWithin(...)],
            'difficulty' => ['required', 'in:' . implode(',', array_column(Difficulty::cases(), 'value'))],
            'seed' => ['nullable', 'integer', 'between:1,' . Draw::MOST_SEED],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['title.*' => Words::text('practice.exercise.name_range')];
    }

    public function title(): string
    {
        return $this->string('title')->toString();
    }

    public function sauce(): string
    {
        return $this->string('sauce')->toString();
    }

    public function liquid(): string
    {
        return $this->string('liquid')->toString();
    }

    public function litres(): float
    {
        return TypedNumber::number($this->string('litres')->toString()) ?? Wanted::LEAST_LITRES;
    }

    public function difficulty(): Difficulty
    {
        return Difficulty::from($this->string('difficulty')->toString());
    }

    public function seed(): ?int
    {
        return $this->filled('seed') ? $this->integer('seed') : null;
    }
}
