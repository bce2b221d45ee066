<?php

declare(strict_types=1);

namespace App\Questions;

use Lento\Compose\Base;
use Lento\Exception\LentoException;

/**
 * The fields of the Compose form as they come from an address, made ready to be read.
 *
 * Keeps every field as typed. A changed sauce takes its own usual liquid, colour, fat, thickness and simmer; a tap on plus or minus
 * moves the amount; litres and covers exclude each other.
 */
final readonly class ComposeFields
{
    /** In the order of the address. */
    public const NAMES = ['sauce', 'liquid', 'by', 'amount', 'unit', 'covers', 'each', 'thickness', 'colour', 'fat', 'ratio', 'school', 'minutes', 'level', 'diameter', 'height'];

    /** What belongs to one sauce and does not carry over to the next. */
    private const OF_THE_SAUCE = ['liquid', 'thickness', 'colour', 'fat', 'minutes', 'level'];

    private const LONGEST = 60;

    /** @param array<string, string> $fields */
    private function __construct(public array $fields) {}

    /** @param array<mixed> $query */
    public static function from(array $query): self
    {
        $fields = [];
        foreach (self::NAMES as $name) {
            $value = $query[$name] ?? '';
            $fields[$name] = is_scalar($value) ? mb_substr(trim(mb_scrub((string) $value)), 0, self::LONGEST) : '';
        }
        $was = $query['was'] ?? null;
        if (is_string($was) && $was !== '' && $was !== $fields['sauce']) {
            $fields = [...$fields, ...array_fill_keys(self::OF_THE_SAUCE, '')];
        }
        $nudge = $query['nudge'] ?? '';
        if ($nudge === 'up' || $nudge === 'down') {
            $fields['amount'] = self::nudged($fields['amount'], $nudge === 'up');
        }

        return new self($fields);
    }

    /** What a kitchen that has asked nothing yet is shown. */
    public static function first(): self
    {
        return self::from([
            'sauce' => 'veloute',
            'amount' => '2',
            'covers' => '72',
            'each' => '55',
            'diameter' => (string) config()->integer('lento.pan.diameter_mm'),
            'height' => (string) config()->integer('lento.pan.height_mm'),
        ]);
    }

    public function byCovers(): bool
    {
        return $this->fields['by'] === 'covers';
    }

    /** @return array<string, string> what the reader needs: only one way of saying how much */
    public function toRead(): array
    {
        return array_diff_key($this->fields, array_flip($this->byCovers() ? ['amount', 'unit'] : ['covers', 'each']));
    }

    /** @return array<string, string> the question for an address, without what was left empty */
    public function toAddress(): array
    {
        return array_filter($this->fields, static fn(string $value): bool => $value !== '');
    }

    /** The same with the sauce's usual answers written out, for the form to show. */
    public function filled(): self
    {
        try {
            $base = Base::named($this->fields['sauce']);
        } catch (LentoException) {
            return $this;
        }
        $liquid = $this->fields['liquid'] === '' ? $base->liquids()[0] : $this->fields['liquid'];
        $usual = [
            'sauce' => $base->value,
            'liquid' => $liquid,
            'by' => 'litres',
            'thickness' => $base->thickness()->value,
            'colour' => $base->colour()->value,
            'fat' => $base->fat(),
            'ratio' => '1',
            'school' => 'cold-on-hot',
            'minutes' => (string) $base->simmerTime($liquid)->inMinutes(),
            'level' => $base->simmerLevel()->value,
        ];
        $filled = $this->fields;
        foreach ($usual as $name => $value) {
            $filled[$name] = $filled[$name] === '' ? $value : $filled[$name];
        }

        return new self([...$filled, 'sauce' => $base->value]);
    }

    private static function nudged(string $amount, bool $up): string
    {
        $litres = Typed::number($amount);
        if ($litres === null) {
            return $amount;
        }
        $step = match (true) {
            $litres < ($up ? 1.0 : 1.01) => 0.1,
            $litres < ($up ? 10.0 : 10.01) => 0.5,
            default => 1.0,
        };

        return Typed::plain(max(0.1, min(200.0, $up ? $litres + $step : $litres - $step)));
    }
}
