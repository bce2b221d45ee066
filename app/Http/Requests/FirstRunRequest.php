<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Doors\FirstRun;
use App\Doors\Owner;
use App\Doors\Password;
use App\Doors\Told;
use App\Format\Words;
use App\Typed\Number;
use App\Typed\PanMeasure;
use App\Typed\TypedNumber;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lento\Compose\Base;
use Lento\Compose\Question;
use Lento\Pot\Hob;
use Lento\Pot\HobKind;
use Lento\Pot\Pan;
use Lento\Quantity\MeasureSystem;

/** The first run's form. The owner cannot be skipped; a pan or a ring that has a name has all its numbers. */
final class FirstRunRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $pan = $this->text('pan_name') !== '';
        $ring = $this->text('ring_name') !== '';
        $if = static fn(bool $told, Number $number): array => $told ? [$number->needed()] : ['nullable', $number];

        return [
            'code' => [
                static function (string $field, mixed $value, Closure $fail): void {
                    if (!FirstRun::isTheCode(is_string($value) ? $value : '')) {
                        $fail(Words::text('doors.first_code_wrong'));
                    }
                },
            ],
            'owner' => ['required', 'string', 'max:60'],
            'login' => ['required', 'string', 'min:3', 'max:60', 'regex:/\A[^\s]+\z/u'],
            'password' => [self::strong($this->text('login'), $this->text('owner'), $this->text('kitchen'))],
            'kitchen' => ['nullable', 'string', 'max:60'],
            'measures' => ['nullable', Rule::enum(MeasureSystem::class)],
            'degrees' => ['nullable', Rule::in(['c', 'f'])],
            'pan_name' => ['nullable', 'string', 'max:60'],
            'diameter_mm' => $if($pan, Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm')),
            'height_mm' => $if($pan, Number::between(Pan::LEAST_MILLIMETRES, Pan::MOST_HEIGHT_MILLIMETRES, ' mm')),
            'ring_name' => ['nullable', 'string', 'max:60'],
            'kind' => ['nullable', Rule::enum(HobKind::class)],
            'power_w' => $if($ring, Number::between(Hob::LEAST_WATTS, Hob::MOST_WATTS, ' W')),
            'cooks' => ['nullable', 'string', 'max:600'],
            'sauce' => ['nullable', Rule::enum(Base::class)],
            'litres' => ['nullable', Number::between(Question::LEAST_LITRES, Question::MOST_LITRES, ' l')],
        ];
    }

    public static function strong(string ...$known): Closure
    {
        return static function (string $field, mixed $value, Closure $fail) use ($known): void {
            $fault = Password::fault(is_string($value) ? $value : '', ...$known);
            if ($fault !== null) {
                $fail(Words::text('doors.' . $fault, least: Password::LEAST, most: Password::MOST));
            }
        };
    }

    /** @return array<string, string> the question of the first sheet: '' of what was skipped */
    public function firstSauce(): array
    {
        return array_filter(
            ['sauce' => $this->text('sauce'), 'amount' => $this->text('litres')],
            static fn(string $told): bool => $told !== '',
        );
    }

    public function told(): Told
    {
        $whole = fn(string $field): int => (int) round(TypedNumber::number($this->text($field)) ?? 0.0);

        return new Told(
            new Owner($this->text('owner'), mb_strtolower($this->text('login')), $this->string('password')->toString()),
            array_filter(
                ['name' => $this->text('kitchen'), 'measures' => $this->text('measures'), 'degrees' => $this->text('degrees')],
                static fn(string $told): bool => $told !== '',
            ),
            $this->text('pan_name') === '' ? null : [
                'name' => $this->text('pan_name'),
                'diameter_mm' => $whole('diameter_mm'),
                'height_mm' => $whole('height_mm'),
            ],
            $this->text('ring_name') === '' ? null : [
                'name' => $this->text('ring_name'),
                'kind' => HobKind::tryFrom($this->text('kind')) ?? HobKind::Gas,
                'power_w' => $whole('power_w'),
            ],
            $this->cooks(),
        );
    }

    /** @return list<string> each once, and not the owner again */
    private function cooks(): array
    {
        $names = array_map(static fn(string $name): string => mb_substr(trim($name), 0, 60), explode(',', $this->text('cooks')));
        $owner = $this->text('owner');

        return array_values(array_unique(array_filter($names, static fn(string $name): bool => $name !== '' && $name !== $owner)));
    }

    protected function prepareForValidation(): void
    {
        $measure = new PanMeasure(Pan::LEAST_MILLIMETRES);
        foreach (['diameter_mm', 'height_mm'] as $side) {
            $this->merge([$side => $measure->inMillimetres($this->text($side))]);
        }
    }

    private function text(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) ? trim($value) : '';
    }

    protected function getRedirectUrl(): string
    {
        return route('first-run');
    }
}
