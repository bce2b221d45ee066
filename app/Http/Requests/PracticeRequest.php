<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Format\Words;
use App\Practice\Wanted;
use App\Typed\TypedNumber;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Lento\Practice\Difficulty;
use Lento\Practice\Draw;

final class PracticeRequest extends FormRequest
{
    /** Litres that one practises with, where nobody says. */
    private const USUAL = 2.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sauce' => ['nullable', 'string', 'max:60'],
            'liquid' => ['nullable', 'string', 'max:60'],
            'litres' => ['nullable', 'string', 'max:20', self::litresWithin(...)],
            'difficulty' => ['nullable', 'in:' . implode(',', array_column(Difficulty::cases(), 'value'))],
            'seed' => ['nullable', 'integer', 'between:1,' . Draw::MOST_SEED],
            'help' => ['nullable', 'string', 'max:3'],
            'surprise' => ['nullable', 'string', 'max:3'],
        ];
    }

    /** As much as anybody practises with. */
    public static function litresWithin(string $field, mixed $typed, Closure $fail): void
    {
        $litres = TypedNumber::number(is_string($typed) ? $typed : '');
        if ($litres === null || $litres < Wanted::LEAST_LITRES || $litres > Wanted::MOST_LITRES) {
            $fail(Words::text(
                'practice.choose.litres_range',
                least: TypedNumber::plain(Wanted::LEAST_LITRES),
                most: TypedNumber::plain(Wanted::MOST_LITRES),
            ));
        }
    }

    public function sauce(): string
    {
        return $this->string('sauce', 'bechamel')->toString();
    }

    public function liquid(): string
    {
        return $this->string('liquid')->toString();
    }

    public function litres(): float
    {
        return TypedNumber::number($this->string('litres')->toString()) ?? self::USUAL;
    }

    public function difficulty(): Difficulty
    {
        return Difficulty::tryFrom($this->string('difficulty')->toString()) ?? Difficulty::Own;
    }

    public function seed(): ?int
    {
        return $this->filled('seed') ? $this->integer('seed') : null;
    }

    public function isHelped(): bool
    {
        return $this->filled('help');
    }

    public function isSurprise(): bool
    {
        return $this->filled('surprise');
    }
}
