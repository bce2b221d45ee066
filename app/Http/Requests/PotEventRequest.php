<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Questions\Fault;
use App\Questions\Typed;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lento\Course\EventKind;
use Lento\Thickness\SpoonWord;

/** Something a cook did to a pot, from the keys of the Stove page. */
final class PotEventRequest extends FormRequest
{
    private const MOST_LITRES = 300.0;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(EventKind::class)],
            'step' => ['required', 'integer', 'between:0,50'],
            'token' => ['required', 'string', 'max:64'],
            'pour' => ['nullable', 'integer', 'between:0,50'],
            'seconds' => ['nullable', 'integer', 'between:1,3600'],
            'text' => ['required_if:kind,note', 'nullable', 'string', 'max:500'],
            'volume' => ['nullable', 'string', 'max:30'],
            'spoon' => ['nullable', Rule::enum(SpoonWord::class)],
            'taste' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($this->kind() !== EventKind::Finished) {
                return;
            }
            $litres = Typed::number($this->text('volume'));
            if ($litres === null || $litres <= 0.0 || $litres > self::MOST_LITRES) {
                $validator->errors()->add('volume', (new Fault('volume', 'number', ['least' => '0.01', 'most' => '300', 'unit' => ' l']))->message());
            }
            if ($this->text('spoon') === '') {
                $validator->errors()->add('spoon', (new Fault('spoon', 'missing'))->message());
            }
        }];
    }

    public function kind(): ?EventKind
    {
        return EventKind::tryFrom($this->text('kind'));
    }

    /** @return array{volume_ml: float, spoon: string, taste: string} */
    public function outcome(): array
    {
        return [
            'volume_ml' => round(1000.0 * (Typed::number($this->text('volume')) ?? 0.0), 1),
            'spoon' => $this->text('spoon'),
            'taste' => $this->text('taste'),
        ];
    }

    /** A field as typed; the rules have their say on anything that is not text, but they are asked at the same time. */
    public function text(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) ? trim($value) : '';
    }
}
