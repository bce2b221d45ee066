<?php

declare(strict_types=1);

namespace App\Log;

use App\Questions\Fault;
use App\Questions\Typed;
use BackedEnum;
use DateTimeImmutable;
use DateTimeZone;

/** What a line of a log file may hold, value by value: each says what is wrong with it, or gives it back. */
final readonly class LineChecks
{
    public function __construct(private int $line) {}

    /** @return array<string, mixed> */
    public function map(string $field, mixed $value): array
    {
        if (!is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($field, new Fault('', $value === null ? 'missing' : 'shape'));
        }

        /** @var array<string, mixed> $value */
        return $value;
    }

    /** @return list<array<string, mixed>> */
    public function rows(string $field, mixed $rows): array
    {
        if (!is_array($rows) || !array_is_list($rows) || count($rows) > RecordReader::MOST_STEPS) {
            $this->refuse($field, new Fault('', 'list'));
        }

        return array_map(fn(mixed $row, int $i): array => $this->map("{$field}.{$i}", $row), $rows, array_keys($rows));
    }

    /**
     * @param array<string, mixed> $values
     * @param list<string> $known
     */
    public function known(string $path, array $values, array $known): void
    {
        $unknown = array_diff(array_map(strval(...), array_keys($values)), $known);
        if ($unknown !== []) {
            $this->refuse(mb_substr($path . array_values($unknown)[0], 0, 60), new Fault('', 'unknown_key'));
        }
    }

    /** @param array<string, mixed> $values */
    public function text(string $name, array $values, int $longest, int $shortest = 0, string $path = ''): string
    {
        $value = $values[$name] ?? null;
        if (!is_string($value)) {
            $this->refuse($path . $name, new Fault('', $value === null ? 'missing' : 'text'));
        }
        if (mb_strlen($value) < $shortest || mb_strlen($value) > $longest) {
            $this->refuse($path . $name, mb_strlen($value) < $shortest ? new Fault('', 'missing') : new Fault('', 'long', ['most' => (string) $longest]));
        }

        return $value;
    }

    public function number(string $field, mixed $value, float $least, float $most): void
    {
        if ((!is_int($value) && !is_float($value)) || $value < $least || $value > $most) {
            $this->refuse($field, new Fault('', 'number', ['least' => Typed::plain($least), 'most' => Typed::plain($most), 'unit' => '']));
        }
    }

    public function numberIfThere(string $field, mixed $value, float $least, float $most): void
    {
        if ($value !== null) {
            $this->number($field, $value, $least, $most);
        }
    }

    /** @return int<0, max> */
    public function whole(string $field, mixed $value, int $most): int
    {
        if (!is_int($value) || $value < 0 || $value > $most) {
            $this->refuse($field, new Fault('', 'number', ['least' => '0', 'most' => (string) $most, 'unit' => '']));
        }

        return $value;
    }

    /** @param class-string<BackedEnum> $enum */
    public function choice(string $field, mixed $value, string $enum): void
    {
        if (!is_string($value) || $enum::tryFrom($value) === null) {
            $this->refuse($field, new Fault('', $value === null ? 'missing' : 'choice', ['value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?', 'choices' => implode(', ', array_column($enum::cases(), 'value'))]));
        }
    }

    public function moment(string $field, mixed $value): DateTimeImmutable
    {
        $moment = is_string($value) ? DateTimeImmutable::createFromFormat('!' . PotRecord::MOMENT, $value, new DateTimeZone('UTC')) : false;
        if ($moment === false || $moment->format(PotRecord::MOMENT) !== $value || $moment->getTimestamp() < 0) {
            $this->refuse($field, new Fault('', 'moment'));
        }

        return $moment->setTimezone(new DateTimeZone(date_default_timezone_get()));
    }

    public function refuse(string $field, Fault $fault): never
    {
        throw Refused::fault($this->line, $field, $fault);
    }
}
