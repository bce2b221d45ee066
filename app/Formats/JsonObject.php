<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use JsonException;

/** A text that should hold one JSON object. */
final readonly class JsonObject
{
    /** @param array<mixed> $values */
    private function __construct(public ?array $values, public string $message) {}

    public static function of(string $json): self
    {
        try {
            $values = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            return new self(null, (new FieldFault('', 'not_json', ['reason' => lcfirst($e->getMessage())]))->message(''));
        }

        return is_array($values) && ($values === [] || !array_is_list($values))
            ? new self($values, '')
            : new self(null, (new FieldFault('', 'not_object'))->message(''));
    }
}
