<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;

/** A request of `lento derive`, docs/formats/derive-request.schema.json: so much of one derivative. */
final readonly class DeriveFile
{
    /** @param list<string> $messages */
    private function __construct(public ?WantedSauce $wanted, public array $messages) {}

    public static function read(string $json, MeasureSystem $measures): self
    {
        $text = JsonText::of($json, 'derive-request');
        $units = new UnitNames($measures);
        $fields = $text->read($text->isText() ? WantedSauce::rules($units) : []);
        if ($fields->faults !== []) {
            return new self(null, $fields->messages());
        }
        $wanted = WantedSauce::read($fields, $units);
        if ($wanted instanceof FieldFault) {
            return new self(null, [$wanted->message($wanted->field)]);
        }

        return $wanted->base() === null
            ? new self($wanted, [])
            : new self(null, [FieldFault::of('sauce', 'is_a_base', ['value' => $wanted->sauce])->message('sauce')]);
    }
}
