<?php

declare(strict_types=1);

use App\Models\Galley;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\ViewErrorBag;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');

/**
 * What the kitchen has set, and nothing else.
 *
 * @param array<string, string> $settings
 */
function setting(array $settings): void
{
    Galley::query()->firstOrFail()->update(['settings' => $settings]);
}

/** The engine that these tests run on. */
function usualEngine(): string
{
    $said = getenv('DB_CONNECTION');

    return is_string($said) && $said !== '' ? $said : 'sqlite';
}

/** The secret that the next page would tell. */
function toldToken(string $what = 'device'): string
{
    $kept = session('told.' . $what);
    $told = is_string($kept) ? Crypt::decrypt($kept) : null;

    return text(row($told)['secret'] ?? null);
}

/** What the page after a form says of a field. */
function errorAt(string $field): string
{
    $errors = session('errors');

    return $errors instanceof ViewErrorBag ? $errors->first($field) : '';
}

/** What a row of a table or a parsed answer holds, where a number is wanted. */
function number(mixed $value): float
{
    return is_numeric($value) ? (float) $value : throw new UnexpectedValueException(var_export($value, true) . ' is no number');
}

/** The same where a text is wanted. */
function text(mixed $value): string
{
    return is_scalar($value) ? (string) $value : throw new UnexpectedValueException(var_export($value, true) . ' is no text');
}

/**
 * Fields as a form sends them.
 *
 * @return array<string, string>
 */
function fields(mixed $typed): array
{
    $fields = [];
    foreach (row($typed) as $name => $value) {
        $fields[(string) $name] = text($value);
    }

    return $fields;
}

/**
 * The same where a list or a row is wanted.
 *
 * @return array<array-key, mixed>
 */
function row(mixed $value): array
{
    return is_array($value) ? $value : throw new UnexpectedValueException(var_export($value, true) . ' is no row');
}
