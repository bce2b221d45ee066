<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Schema;
use JsonException;

/** A JSON text of one of Lento's formats: its shape held against the published schema, its numbers and words against rules. */
final readonly class JsonText
{
    private const DEEPEST = 32;

    /**
     * @param array<mixed> $values
     * @param array<string, FieldFault> $faults of shape, by field
     */
    private function __construct(public array $values, private array $faults) {}

    public static function of(string $json, string $schema): self
    {
        try {
            $value = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
            $values = json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            return new self([], ['' => FieldFault::of('', 'not_json', ['reason' => lcfirst($e->getMessage())])]);
        }

        return new self(is_object($value) && is_array($values) ? $values : [], Schema::shipped()->faults($schema, $value));
    }

    /** Whether there is anything to read. */
    public function isText(): bool
    {
        return !isset($this->faults['']) || $this->values !== [];
    }

    /** @param array<string, list<mixed>> $rules by field: "actions.*.at"; they name the range, and so have the first word */
    public function read(array $rules): Fields
    {
        return Fields::read($this->values, $rules)->and($this->faults);
    }

    /** What is wrong with its shape, after what else was found wrong with it. */
    public function faulty(FieldFault ...$found): Fields
    {
        return Fields::faulty(array_combine(array_column($found, 'field'), $found))->and($this->faults);
    }
}
