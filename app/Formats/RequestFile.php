<?php

declare(strict_types=1);

namespace App\Formats;

use App\Kitchen\Kitchen;
use App\Questions\QuestionReader;
use App\Typed\FieldFault;
use JsonException;
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
        'liquid_on_hand.amount' => 'stock',
        'liquid_on_hand.unit' => 'stock_unit',
        'fat_on_hand.amount' => 'have_fat',
        'fat_on_hand.unit' => 'have_fat_unit',
        'ready_roux.amount' => 'have_roux',
        'ready_roux.unit' => 'have_roux_unit',
        'fill_pan' => 'fill',
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

    private const OBJECTS = ['yield', 'yield.each', 'liquid_on_hand', 'fat_on_hand', 'ready_roux', 'roux', 'simmer', 'pan', 'method'];

    /** One of these says how much. */
    private const GIVEN = ['yield', 'liquid_on_hand', 'fat_on_hand', 'ready_roux', 'fill_pan'];

    /** What a field of the question is called in a request. */
    public static function path(string $field): string
    {
        return array_flip(self::PATHS)[$field] ?? $field;
    }

    public static function read(string $json, MeasureSystem $measures): RequestReading
    {
        try {
            $request = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            return RequestReading::refused([(new FieldFault('', 'not_json', ['reason' => lcfirst($e->getMessage())]))->message('')]);
        }
        if (!is_array($request) || ($request !== [] && array_is_list($request))) {
            return RequestReading::refused([(new FieldFault('', 'not_object'))->message('')]);
        }
        $fields = [];
        $messages = self::collect($request, '', $fields);
        if (($fields['amount'] ?? '') !== '' && ($fields['covers'] ?? '') !== '') {
            $messages[] = (new FieldFault('amount', 'both'))->message('yield');
        }
        $given = array_values(
            array_filter(self::GIVEN, static fn(string $key): bool => array_key_exists($key, $request) && $request[$key] !== false),
        );
        if ($given === []) {
            $messages[] = (new FieldFault('amount', 'missing'))->message('yield');
            $fields += ['amount' => '1'];
        }
        if (count($given) > 1) {
            $messages[] = (new FieldFault('amount', 'one_given', ['given' => implode(', ', $given)]))->message($given[0]);
        }
        $reading = QuestionReader::read($fields, Kitchen::unknown($measures));
        foreach ($reading->faults as $fault) {
            $messages[] = $fault->message(self::path($fault->field));
        }

        return $messages === [] && $reading->question !== null
            ? RequestReading::whole($reading->question)
            : RequestReading::refused($messages);
    }

    /**
     * @param array<mixed> $part
     * @param array<string, string> $fields
     *
     * @return list<string> faults of shape
     */
    private static function collect(array $part, string $prefix, array &$fields): array
    {
        $messages = [];
        foreach ($part as $key => $value) {
            $path = $prefix . $key;
            if (in_array($path, self::OBJECTS, true)) {
                array_push(
                    $messages,
                    ...is_array($value) && !($value !== [] && array_is_list($value))
                        ? self::collect($value, $path . '.', $fields)
                        : [(new FieldFault('', 'shape'))->message($path)],
                );
            } elseif ($path === 'fill_pan') {
                $fields += $value === false ? [] : ['fill' => 'pan'];
                array_push($messages, ...(is_bool($value) ? [] : [(new FieldFault('', 'yes_no'))->message($path)]));
            } elseif (!array_key_exists($path, self::PATHS)) {
                $messages[] = (new FieldFault('', 'unknown_key'))->message(mb_substr($path, 0, 60));
            } else {
                $fields[self::PATHS[$path]] = self::written($value);
            }
        }

        return $messages;
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
