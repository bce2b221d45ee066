<?php

declare(strict_types=1);

namespace App\Typed;

use Illuminate\Support\Facades\File;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The formats of docs/formats/: what a JSON text has to hold, checked by the very schemas that are published. */
final readonly class Schema
{
    /** A text with this many faults is no slip of the pen. */
    private const MOST_FAULTS = 50;

    private function __construct(private Validator $validator) {}

    public static function shipped(): self
    {
        $validator = new Validator(null, self::MOST_FAULTS, false);
        foreach (File::files(base_path('docs/formats')) as $file) {
            $validator->resolver()?->registerFile('lento:' . $file->getBasename('.schema.json'), $file->getPathname());
        }

        return new self($validator);
    }

    /**
     * @param string $schema "compose-request", or a part of one: "log#/$defs/pot"
     * @param mixed $value as json_decode gives it, with objects
     *
     * @return array<string, FieldFault> by field: "actions.0.at"; '' for the whole
     */
    public function faults(string $schema, mixed $value): array
    {
        $error = $this->validator->validate($value, 'lento:' . $schema)->error();
        $faults = [];
        foreach ($error === null ? [] : self::leaves($error) as $leaf) {
            foreach (self::told($leaf) as $fault) {
                $faults[$fault->field] ??= $fault;
            }
        }

        return $faults;
    }

    /** @return list<ValidationError> what is wrong at the root of it: of several ways of writing a thing, the one that comes nearest */
    private static function leaves(ValidationError $error): array
    {
        $parts = array_values(array_filter($error->subErrors(), static fn(mixed $one): bool => $one instanceof ValidationError));
        if ($parts === [] || self::isChoice($error)) {
            return [$error];
        }
        if (in_array($error->keyword(), ['oneOf', 'anyOf'], true)) {
            $ways = array_map(self::leaves(...), $parts);
            usort($ways, static fn(array $a, array $b): int => self::depth(...$b) <=> self::depth(...$a));

            // None of them got further than this very place: what they would have it be is told of all.
            return self::depth(...$ways[0]) === count($error->data()->fullPath()) && self::ways($error) !== [] ? [$error] : $ways[0];
        }

        return array_merge(...array_map(self::leaves(...), $parts));
    }

    private static function depth(ValidationError ...$leaves): int
    {
        return max(0, ...array_map(static fn(ValidationError $one): int => count($one->data()->fullPath()), array_values($leaves)));
    }

    /** @return list<FieldFault> */
    private static function told(ValidationError $error): array
    {
        $at = implode('.', array_map(strval(...), $error->data()->fullPath()));
        $within = static fn(string $key): string => $at === '' ? $key : $at . '.' . $key;
        $wants = self::wants($error);

        return match ($error->keyword()) {
            'required' => array_map(
                static fn(string $key): FieldFault => FieldFault::of($within($key), 'missing'),
                self::texts($error->args()['missing'] ?? []),
            ),
            'dependentRequired' => [FieldFault::of($within(self::text($error->args()['missing'] ?? '')), 'missing')],
            'additionalProperties' => array_map(
                static fn(string $key): FieldFault => FieldFault::of(mb_substr($within($key), 0, 60), 'unknown_key'),
                // Of a part that is faulty itself it would be said too.
                array_values(array_diff(self::texts($error->args()['properties'] ?? []), self::known($wants))),
            ),
            'enum' => [OneOf::of(self::texts($wants['enum'] ?? []))->fault($at, $error->data()->value())],
            'minimum', 'maximum', 'exclusiveMinimum', 'exclusiveMaximum' => [self::number($at, $wants)],
            'maxLength' => [FieldFault::of($at, 'long', ['most' => self::text($wants['maxLength'] ?? '')])],
            'maxItems' => [FieldFault::of($at, 'too_many', ['most' => self::text($wants['maxItems'] ?? '')])],
            'minLength', 'minItems' => [FieldFault::of($at, 'missing')],
            'const' => [
                ($wants['const'] ?? null) === true
                    ? FieldFault::of($at, 'yes_no')
                    : OneOf::of([self::text($wants['const'] ?? '')])->fault($at, $error->data()->value()),
            ],
            'type' => [self::type($at, $wants)],
            'anyOf' => [FieldFault::of($at, 'write', ['how' => implode('; ', self::ways($error))])],
            'oneOf' => [self::oneOf($at, self::keys($wants), $error->data()->value())],
            default => [FieldFault::of($at, 'not_so')],
        };
    }

    /** @return list<string> what each of several ways of writing a thing is, in the schema's words */
    private static function ways(ValidationError $error): array
    {
        $ways = self::wants($error)['anyOf'] ?? null;
        $described = array_map(
            static fn(mixed $way): string => is_object($way) ? self::text(get_object_vars($way)['description'] ?? '') : '',
            is_array($ways) ? $ways : [],
        );

        return $error->keyword() === 'anyOf' && !in_array('', $described, true) ? array_values($described) : [];
    }

    /** Whether it says that just one of several keys is wanted. */
    private static function isChoice(ValidationError $error): bool
    {
        return $error->keyword() === 'oneOf' && self::keys(self::wants($error)) !== [];
    }

    /**
     * @param array<mixed> $wants
     *
     * @return list<string> the first key of each way, where ways differ by their keys alone
     */
    private static function keys(array $wants): array
    {
        $keys = [];
        foreach (is_array($wants['oneOf'] ?? null) ? $wants['oneOf'] : [] as $way) {
            $way = is_object($way) ? get_object_vars($way) : [];
            if (isset($way['type']) || isset($way['$ref']) || !is_array($way['required'] ?? null)) {
                return [];
            }
            $keys[] = self::text($way['required'][0] ?? '');
        }

        return $keys;
    }

    /** @param list<string> $keys */
    private static function oneOf(string $at, array $keys, mixed $value): FieldFault
    {
        $given = array_values(array_intersect($keys, array_keys(is_object($value) ? get_object_vars($value) : [])));

        return count($given) > 1
            ? FieldFault::of($at === '' ? $given[0] : $at, 'one_given', ['given' => implode(', ', $given)])
            : FieldFault::of($at, 'one_of', ['choices' => implode(', ', $keys)]);
    }

    /**
     * @param array<mixed> $wants
     *
     * @return list<string> the keys it knows
     */
    private static function known(array $wants): array
    {
        return array_keys(is_object($wants['properties'] ?? null) ? get_object_vars($wants['properties']) : []);
    }

    /** @param array<mixed> $wants */
    private static function number(string $at, array $wants): FieldFault
    {
        $least = TypedNumber::read($wants['minimum'] ?? $wants['exclusiveMinimum'] ?? null);
        $most = TypedNumber::read($wants['maximum'] ?? $wants['exclusiveMaximum'] ?? null);

        return match (true) {
            $least !== null && $most !== null => Number::between($least, $most)->outside($at),
            $least !== null => FieldFault::of($at, 'number_from', ['least' => TypedNumber::plain($least)]),
            default => FieldFault::of($at, 'a_number'),
        };
    }

    /** @param array<mixed> $wants */
    private static function type(string $at, array $wants): FieldFault
    {
        $types = self::texts(is_array($wants['type'] ?? null) ? $wants['type'] : [$wants['type'] ?? '']);

        return match (true) {
            array_intersect(['number', 'integer'], $types) !== [] => FieldFault::of($at, 'a_number'),
            in_array('object', $types, true) => FieldFault::of($at, $at === '' ? 'not_object' : 'shape'),
            in_array('array', $types, true) => FieldFault::of($at, 'list'),
            in_array('boolean', $types, true) => FieldFault::of($at, 'yes_no'),
            default => FieldFault::of($at, 'text'),
        };
    }

    /** @return array<mixed> the schema that is not met */
    private static function wants(ValidationError $error): array
    {
        $data = $error->schema()->info()->data();

        return is_object($data) ? get_object_vars($data) : [];
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }

    /** @return list<string> */
    private static function texts(mixed $values): array
    {
        return array_values(array_map(self::text(...), is_array($values) ? $values : []));
    }
}
