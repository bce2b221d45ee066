<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnActs;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use Illuminate\Foundation\Http\FormRequest;
use Lento\Exception\LentoException;
use Lento\Exception\Missing;
use Lento\Exception\Unknown;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Measure;
use Lento\Procedure\Procedure;
use Lento\Procedure\Vessel;

/** One change of the acts of a kitchen's own sauce: one added, moved, changed or left out. Numbers may be written as cooks write them. */
final class ActRequest extends FormRequest
{
    public const OPS = ['add', 'up', 'down', 'remove', 'change'];

    private const MOST_MINUTES = 480.0;

    private const MOST_SHARE = 95.0;

    /** A sauce that is not this kitchen's is not there, whatever is said of it. */
    protected function prepareForValidation(): void
    {
        $sauce = $this->route('sauce');
        abort_unless(is_string($sauce) && app(Kitchen::class)->catalogue()->has($sauce), 404);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $amount = Number::between(0.0, Dose::MOST);

        return [
            'op' => [OneOf::of(self::OPS)->needed()],
            'at' => ['nullable', Number::whole(0, Procedure::MOST_ACTS)],
            'kind' => $this->input('op') === 'add' ? [OneOf::of(OwnActs::KINDS)->needed()] : ['nullable'],
            'vessel' => ['nullable', OneOf::of(OwnActs::VESSELS)],
            'minutes' => ['nullable', Number::between(0.0, self::MOST_MINUTES, ' min')],
            'share' => ['nullable', Number::between(0.0, self::MOST_SHARE, ' %')],
            'most' => ['nullable', Number::between(30.0, 100.0, ' °C')],
            'dose' => ['nullable', 'array', 'max:30'],
            'dose.*.amount' => ['nullable', $amount],
        ];
    }

    /** @return array<string, string> what a field is called where its own name says too little */
    public function attributes(): array
    {
        return array_map(
            static fn(string $key): string => Words::text('family.acts.' . $key),
            [
                'op' => 'change',
                'at' => 'where',
                'kind' => 'kind',
                'vessel' => 'in',
                'minutes' => 'minutes',
                'share' => 'share',
                'most' => 'most',
            ],
        );
    }

    public function op(): string
    {
        return $this->text('op');
    }

    public function at(): int
    {
        return (int) $this->text('at');
    }

    /**
     * The act as it was typed, in place of another or as a new one.
     *
     * @throws LentoException if it cannot be
     */
    public function act(?Act $was, Larder $larder): Act
    {
        $kind = $was->kind ?? ActKind::from($this->text('kind'));
        $act = $was ?? Act::of($kind);
        $act = $this->text('vessel') === '' ? $act : $act->in(Vessel::from($this->text('vessel')));
        $minutes = TypedNumber::number($this->text('minutes'));
        $share = TypedNumber::number($this->text('share'));
        $most = TypedNumber::number($this->text('most'));
        $act = $minutes === null ? $act : $act->for($minutes);
        $act = $share === null ? $act : $act->downBy($share / 100.0);
        $act = $most === null ? $act : $act->between($act->atLeast?->inCelsius(), $most);

        $made = $act->with($this->doses($was->doses ?? [], $larder));

        return $made->livesByItsDoses() && $made->used() === [] ? throw Missing::from('act', 'addition') : $made;
    }

    /**
     * @param list<Dose> $were
     *
     * @return list<Dose>
     */
    private function doses(array $were, Larder $larder): array
    {
        $doses = [];
        foreach (array_slice($this->rows(), 0, OwnActs::DOSES + count($were)) as $i => $row) {
            $amount = TypedNumber::number($row['amount'] ?? '');
            $was = $were[$i] ?? null;
            if ($was !== null) {
                $doses = $amount === 0.0 ? $doses : [...$doses, $amount === null ? $was : $was->of($amount)];
            } elseif (($row['what'] ?? '') !== '' && $amount !== null && $amount > 0.0) {
                $measure = Measure::tryFrom($row['measure'] ?? '') ?? Measure::Grams;
                $doses[] = self::dose($row['what'], $measure, $amount, $larder);
            }
        }

        return $doses;
    }

    /** @throws LentoException */
    private static function dose(string $what, Measure $measure, float $amount, Larder $larder): Dose
    {
        $kind = Dose::isSpice($what) ? null : $larder->any($what);
        if ($measure === Measure::Pieces && !Dose::comesInPieces($what)) {
            throw Unknown::name('piece', $what);
        }

        return Dose::counted($what, $measure, $amount, match (true) {
            $kind === null => Fate::Flavours,
            $kind instanceof Fat => Fate::Joins,
            $kind instanceof Ingredient => $kind->role === Role::Vegetable ? Fate::StaysIn : Fate::Joins,
            default => throw Unknown::name('ingredient', $what),
        });
    }

    /** @return list<array<array-key, string>> */
    private function rows(): array
    {
        $rows = $this->input('dose');

        return array_map(static fn(mixed $row): array => array_map(
            static fn(mixed $cell): string => is_scalar($cell) ? mb_substr(trim(mb_scrub((string) $cell)), 0, 60) : '',
            is_array($row) ? $row : [],
        ), is_array($rows) ? array_values($rows) : []);
    }

    private function text(string $field): string
    {
        $value = $this->input($field);

        return is_scalar($value) ? trim(mb_scrub((string) $value)) : '';
    }
}
