<?php

declare(strict_types=1);

namespace App\Formats;

use App\Kitchen\Kitchen;
use App\Questions\QuestionReader;
use App\Typed\FieldFault;
use App\Typed\MoreField;
use Illuminate\Support\Arr;
use Lento\Quantity\MeasureSystem;

/** A request of `lento compose`, docs/formats/compose-request.schema.json: read, or refused part by part. */
final readonly class RequestFile
{
    /** Where a field of the question stands in the request. */
    private const PATHS = [
        'sauce' => 'sauce',
        'liquid' => 'liquid',
        'thickness' => 'thickness',
        'school' => 'school',
        'yield.amount' => 'amount',
        'yield.unit' => 'unit',
        'yield.portions' => 'covers',
        'yield.each.amount' => 'each',
        'yield.each.unit' => 'each_unit',
        'formula.fat.amount' => 'have_fat',
        'formula.fat.unit' => 'have_fat_unit',
        'formula.flour.amount' => 'have_flour',
        'formula.flour.unit' => 'have_flour_unit',
        'formula.liquid.amount' => 'stock',
        'formula.liquid.unit' => 'stock_unit',
        'liquid_on_hand.amount' => 'stock',
        'liquid_on_hand.unit' => 'stock_unit',
        'fat_on_hand.amount' => 'have_fat',
        'fat_on_hand.unit' => 'have_fat_unit',
        'ratio' => 'own_ratio',
        'ratio_by' => 'own_ratio_by',
        'ready_roux.amount' => 'have_roux',
        'ready_roux.unit' => 'have_roux_unit',
        'roux.colour' => 'colour',
        'roux.fat' => 'fat',
        'roux.fat_to_flour' => 'ratio',
        'roux.heat' => 'heat',
        'simmer.minutes' => 'minutes',
        'simmer.reduce_percent' => 'reduce',
        'simmer.level' => 'level',
        'liquid_salt_percent' => 'liquid_salt',
        'salt_percent' => 'salt',
        'roux.place' => 'place',
        'roux.oven_c' => 'oven',
        'roux.flour' => 'flour',
        'roux.white_cook_out' => 'cookout',
        'roux.butter_browned' => 'browned',
        'method.stirring' => 'stirring',
        'method.aromatics' => 'aromatics',
        'method.vegetables' => 'strain',
        'method.pepper' => 'pepper',
        'method.salt' => 'salting',
        'method.milk' => 'milk',
        'method.finish' => 'finish',
        'pan.diameter_mm' => 'diameter',
        'pan.height_mm' => 'height',
    ];

    /** Those of a formula, whose fields are otherwise those of what is on hand. */
    private const OF_A_FORMULA = 'formula.';

    /** What a field of the question is called in a request. */
    public static function path(string $field, bool $formula = false): string
    {
        foreach (self::PATHS as $path => $of) {
            if ($formula && $of === $field && str_starts_with($path, self::OF_A_FORMULA)) {
                return $path;
            }
        }

        return self::pathOf($field);
    }

    private static function pathOf(string $field): string
    {
        return $field === 'more' ? 'additions' : array_flip(self::PATHS)[$field] ?? $field;
    }

    public static function read(string $json, MeasureSystem $measures): RequestReading
    {
        $text = JsonText::of($json, 'compose-request');
        $fields = self::fields($text->values);
        $reading = QuestionReader::read($fields, Kitchen::unknown($measures));
        $found = array_map(
            static fn(FieldFault $fault): FieldFault => $fault->at(self::path($fault->field, isset($text->values['formula']))),
            $text->isText() ? $reading->faults : [],
        );
        $faulty = $text->faulty(...$found);

        return $faulty->faults === [] && $reading->question !== null
            ? RequestReading::whole($reading->question)
            : RequestReading::refused($faulty->messages());
    }

    /**
     * @param array<mixed> $request
     *
     * @return array<string, string> as they would be typed
     */
    private static function fields(array $request): array
    {
        $fields = ($request['fill_pan'] ?? false) === false ? [] : ['fill' => 'pan'];
        $fields = isset($request['formula']) ? [...$fields, 'given' => 'formula'] : $fields;
        foreach (self::PATHS as $path => $field) {
            $value = Arr::get($request, $path);
            if (Arr::has($request, $path)) {
                $fields[$field] = self::written($value);
            }
        }

        if (is_array($request['additions'] ?? null)) {
            $fields['more'] = MoreField::write(array_map(static fn(mixed $one): array => is_array($one) ? [
                'what' => $one['ingredient'] ?? '',
                'amount' => $one['amount'] ?? '',
                'unit' => $one['unit'] ?? 'g',
                'place' => $one['place'] ?? '',
            ] : [], $request['additions']));
        }

        // With nothing that says how much, the schema says so; the rest is looked at all the same.
        return array_intersect(['fill', 'amount', 'covers', 'stock', 'have_fat', 'have_flour', 'have_roux'], array_keys($fields)) === []
            && !isset($request['yield'])
            ? [...$fields, 'amount' => '1']
            : $fields;
    }

    private static function written(mixed $value): string
    {
        return match (true) {
            is_string($value) => trim($value) === '' ? '?' : trim($value),
            is_int($value) => (string) $value,
            is_float($value) => is_finite($value) && abs($value) < 1e9 ? rtrim(rtrim(sprintf('%.9F', $value), '0'), '.') : '?',
            default => '?',
        };
    }
}
