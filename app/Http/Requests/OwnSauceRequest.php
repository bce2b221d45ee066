<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Typed\Number;
use App\Typed\PartsField;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lento\Compose\Base;
use Lento\Procedure\Dose;
use Lento\Thickness\ThicknessClass;

/** A derivative that a kitchen makes in its own way. Amounts may be written as cooks write them. */
final class OwnSauceRequest extends FormRequest
{
    private const LONGEST_NAME = 60;

    private const LONGEST_STORY = 300;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $dose = Number::between(0.0, Dose::MOST);

        return [
            'name' => ['required', 'string', 'max:' . self::LONGEST_NAME],
            'story' => ['nullable', 'string', 'max:' . self::LONGEST_STORY],
            'class' => ['nullable', Rule::in(array_column(ThicknessClass::askable(), 'value'))],
            'amounts' => ['nullable', 'array', 'max:30'],
            'amounts.*' => ['nullable', $dose],
            'extra' => ['nullable', 'array', 'max:30'],
            'extra.*' => ['nullable', $dose],
            // Begun from a base, it is another sauce only by what is stirred in.
            'more_what' => [Base::tryFrom($this->sauce()) === null ? 'nullable' : 'required', Rule::in(self::addable())],
            'more' => $this->text('more_what') === '' ? ['nullable', $dose] : [$dose->needed()],
        ];
    }

    /** @return array<string, string> what a field is called where its own name says too little */
    public function attributes(): array
    {
        return array_map(
            static fn(string $key): string => Words::text('faults.fields.' . $key),
            ['story' => 'own_story', 'amounts.*' => 'amount', 'extra.*' => 'amount', 'more' => 'amount'],
        );
    }

    private function sauce(): string
    {
        $sauce = $this->route('sauce');

        return is_string($sauce) ? $sauce : '';
    }

    public function name(): string
    {
        return $this->text('name');
    }

    /** @return array<string, string> as the table keeps them */
    public function changes(): array
    {
        $more = $this->text('more_what') === '' || $this->text('more') === ''
            ? ''
            : PartsField::write([$this->text('more_what') => $this->text('more')]);

        return [
            'amounts' => PartsField::write($this->amounts('amounts')),
            'more' => trim(PartsField::write($this->amounts('extra')) . ' ' . $more),
            'class' => $this->text('class'),
            'story' => $this->text('story'),
        ];
    }

    /** @return list<string> what can be stirred in besides */
    public static function addable(): array
    {
        return [
            ...array_filter(Kitchen::known(), static fn(string $id): bool => !in_array($id, ['plain-flour'], true)),
            'mushroom',
            'parsley',
            'tarragon',
            'chervil',
            'herbs',
            'tomato-dice',
            'capers',
            'gherkin',
            'grating-cheese',
            'mature-cheese',
            'dry-mustard',
            'paprika',
            'curry-powder',
            'prepared-mustard',
            'meat-glaze',
            'fortified-wine',
        ];
    }

    /** @return array<string, string> per litre by ingredient, as typed; what was left empty is as it was */
    private function amounts(string $group): array
    {
        $amounts = [];
        $all = $this->input($group);
        foreach (is_array($all) ? $all : [] as $id => $text) {
            if (is_string($id) && preg_match('/\A[a-z0-9-]{1,40}\z/', $id) === 1 && is_string($text) && trim($text) !== '') {
                $amounts[$id] = mb_substr(trim($text), 0, 12);
            }
        }

        return $amounts;
    }

    private function text(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) ? trim(mb_scrub($value)) : '';
    }
}
