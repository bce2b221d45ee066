<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Practice\RunningPractice;
use App\Typed\TypedNumber;
use Illuminate\Foundation\Http\FormRequest;
use Lento\Practice\DeedKind;
use Lento\Thickness\SpoonWord;

/** What was done at a practice pot: "heat:medium", "stir:1:edge", "add:butter" with its grams, "wait:60". */
final class PracticeDeedRequest extends FormRequest
{
    private const WAITS = 'wait';

    private const TURN = 'turn';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'deed' => ['required', 'string', 'max:100'],
            'version' => ['required', 'integer', 'min:0'],
            'at' => ['required', 'integer', 'min:0', 'max:43200'],
            'grams' => ['nullable', 'string', 'max:20'],
            'where' => ['nullable', 'string', 'max:10'],
            'called' => ['nullable', 'string', 'max:20'],
            'litres' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function saw(): int
    {
        return $this->integer('version');
    }

    /** What the cook took the spoon for, before it was dipped. */
    public function called(): ?SpoonWord
    {
        return $this->said()[0] === DeedKind::Dip->value ? SpoonWord::tryFrom($this->string('called')->toString()) : null;
    }

    /** The litres that the cook took it for, as typed, before the stick went in. */
    public function litres(): string
    {
        return $this->said()[0] === DeedKind::Depth->value ? $this->string('litres')->toString() : '';
    }

    public function waitsUntilItTurns(): bool
    {
        return $this->said() === [self::WAITS, self::TURN];
    }

    /**
     * @param RunningPractice|null $running the pot, where it is to be looked at until it turns
     *
     * @return array<string, mixed> App\Records\DeedCodec
     */
    public function deed(?RunningPractice $running): array
    {
        [$kind, $way] = [...$this->said(), ''];
        $at = $this->integer('at');

        return match ($kind) {
            self::WAITS => ['at' => $running === null ? $at + (int) $way : self::turn($running, $at), 'kind' => DeedKind::Look->value],
            DeedKind::Add->value => ['at' => $at, 'kind' => $kind, 'what' => $way, 'amount' => $this->grams()],
            DeedKind::Stir->value => [
                'at' => $at,
                'kind' => $kind,
                'amount' => (float) $way,
                'way' => $this->string('where', 'all')->toString(),
            ],
            DeedKind::Whisk->value => ['at' => $at, 'kind' => $kind, 'amount' => (float) ($way === '' ? 10 : $way)],
            default => ['at' => $at, 'kind' => $kind, ...$way === '' ? [] : ['way' => $way]],
        };
    }

    private function grams(): float
    {
        return TypedNumber::number($this->string('grams')->toString()) ?? 0.0;
    }

    /** @return list<string> */
    private function said(): array
    {
        return explode(':', $this->string('deed')->toString(), 2);
    }

    private static function turn(RunningPractice $running, int $at): int
    {
        $looks = $running->ahead($at);
        foreach ($looks as $i => $look) {
            if ($i > 0 && $look->turnsFrom($looks[$i - 1])) {
                return $look->at;
            }
        }

        return $looks[count($looks) - 1]->at;
    }
}
