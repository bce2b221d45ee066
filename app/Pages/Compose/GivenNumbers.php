<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Grams;
use App\Format\Litres;
use App\Kitchen\Kitchen;
use App\Questions\ComposeFields;
use App\Typed\TypedNumber;
use Lento\Compose\Sheet;

/** The numbers that say how much, each of which can be the given one: as typed where it is, else as the sheet has worked them out. */
final readonly class GivenNumbers
{
    /** @param array<string, string> $fields as typed, the usual written out */
    public function __construct(private array $fields, private ?Sheet $sheet, private Kitchen $kitchen) {}

    /** What a number field shows: as typed where it is given, else as worked out. */
    public function number(string $field): string
    {
        return $this->isGiven($field) ? $this->fields[$field] : $this->workedOut($field)[0];
    }

    public function unit(string $field): string
    {
        if (!$this->isGiven($field)) {
            return $this->workedOut($field)[1];
        }
        if ($this->isFree($field)) {
            return $this->workedOut($field)[1];
        }
        $typed = $this->fields[$this->unitField($field) ?? ''] ?? '';

        return $typed !== '' ? WhichUnit::called($typed, $this->kitchen->measures) : $this->usualUnit($field);
    }

    /** Unit fields that have to go along with their numbers; a gram or a litre needs no saying. */
    public function unitField(string $field): ?string
    {
        return match ($field) {
            'covers' => null,
            'amount' => 'unit',
            default => $field . '_unit',
        };
    }

    public function isGiven(string $field): bool
    {
        return in_array($field, ComposeFields::GIVEN[$this->fields['given']] ?? [], true);
    }

    /** Whether it is one of a formula that the cook left free: worked out, and shown where it would be written. */
    public function isFree(string $field): bool
    {
        return $this->fields['given'] === 'formula' && $this->isGiven($field) && $this->fields[$field] === '';
    }

    /** What a free number comes to. */
    public function comesTo(string $field): string
    {
        return $this->workedOut($field)[0];
    }

    /** @return array{string, string} number and unit that the sheet has for a field */
    private function workedOut(string $field): array
    {
        $sheet = $this->sheet;
        if ($sheet === null) {
            return [$this->fields[$field] ?? '', $this->usualUnit($field)];
        }
        $yield = $sheet->question->yield;

        return match ($field) {
            'amount' => [Litres::short($yield), 'l'],
            'covers' => [
                sprintf('%.0F', max(1.0, round($yield->inMillilitres() / max(1.0, TypedNumber::number($this->each()) ?? 1.0)))),
                '',
            ],
            'each' => [$this->each(), 'ml'],
            'stock' => self::split(Litres::of($sheet->stock())),
            'have_fat' => self::split(Grams::of($sheet->roux->fat)),
            'have_flour' => self::split(Grams::of($sheet->roux->flour)),
            'have_roux' => self::split(Grams::of($sheet->cookedRoux)),
            default => ['', ''],
        };
    }

    /** ml of a portion: as typed, or the kitchen's. */
    private function each(): string
    {
        return $this->fields['each'] !== '' ? $this->fields['each'] : TypedNumber::plain($this->kitchen->portion()->inMillilitres());
    }

    private function usualUnit(string $field): string
    {
        return match ($field) {
            'amount', 'stock' => 'l',
            'each' => 'ml',
            'have_fat', 'have_flour', 'have_roux' => 'g',
            default => '',
        };
    }

    /** @return array{string, string} */
    private static function split(Grams|Litres $text): array
    {
        return [$text->number, $text->unit];
    }
}
