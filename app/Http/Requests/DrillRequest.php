<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Typed\TypedNumber;
use Illuminate\Foundation\Http\FormRequest;
use Lento\Drill\DrillKind;
use Lento\Practice\Draw;

final class DrillRequest extends FormRequest
{
    /** Nobody means more of anything. */
    private const MOST = 100_000.0;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'in:' . implode(',', array_column(DrillKind::cases(), 'value'))],
            'seed' => ['required', 'integer', 'between:1,' . Draw::MOST_SEED],
            'sauce' => ['nullable', 'string', 'max:60'],
            'answer' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function kind(): DrillKind
    {
        return DrillKind::from($this->string('kind')->toString());
    }

    public function seed(): int
    {
        return $this->integer('seed');
    }

    public function sauce(): string
    {
        return $this->string('sauce')->toString();
    }

    /** @return float|null null where it is no number, or none that anybody means */
    public function answer(): ?float
    {
        $number = TypedNumber::number($this->string('answer')->toString());

        return $number === null || $number < 0.0 || $number > self::MOST ? null : $number;
    }
}
