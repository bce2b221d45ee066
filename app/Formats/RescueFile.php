<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use App\Typed\OneOf;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Rescue\Fault;
use Lento\Rescue\Severity;
use Lento\Rescue\Stage;

/** A request of `lento rescue`, docs/formats/rescue-request.schema.json: a sauce, how far it is, what is wrong with it and how badly. */
final readonly class RescueFile
{
    /** @param list<string> $messages */
    private function __construct(
        public ?WantedSauce $wanted,
        public Stage $stage,
        public Fault $fault,
        public Severity $severity,
        public array $messages,
    ) {}

    public static function read(string $json, MeasureSystem $measures): self
    {
        $text = JsonText::of($json, 'rescue-request');
        $units = new UnitNames($measures);
        $fields = $text->read($text->isText() ? [
            ...WantedSauce::rules($units),
            'stage' => [OneOf::cases(Stage::cases())],
            'fault' => [OneOf::cases(Fault::cases())],
            'severity' => [OneOf::cases(Severity::cases())],
        ] : []);
        if ($fields->faults !== []) {
            return self::refused($fields->messages());
        }
        $wanted = WantedSauce::read($fields, $units);

        return $wanted instanceof FieldFault
            ? self::refused([$wanted->message($wanted->field)])
            : new self(
                $wanted,
                $fields->enum('stage', Stage::class) ?? Stage::Simmering,
                $fields->enum('fault', Fault::class) ?? Fault::TooThin,
                $fields->enum('severity', Severity::class) ?? Severity::Clearly,
                [],
            );
    }

    /** @param list<string> $messages */
    private static function refused(array $messages): self
    {
        return new self(null, Stage::Simmering, Fault::TooThin, Severity::Clearly, $messages);
    }
}
