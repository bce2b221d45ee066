<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as Rows;

/**
 * Words that are looked for whatever their case, in the words of the engine that holds them.
 *
 * The sign that takes the meaning from others is no backslash: PHP's own reader of queries takes one before a quote for its escape.
 */
final readonly class Matching
{
    /** What stands for itself and not for any letters. */
    public static function pattern(string $words): string
    {
        return '%' . str_replace(['!', '%', '_'], ['!!', '!%', '!_'], $words) . '%';
    }

    /**
     * @template TModel of Model
     *
     * @param Builder<TModel> $query
     */
    public static function orHas(Builder $query, string $column, string $pattern): void
    {
        $query->orWhereRaw(self::sql($query->toBase(), $column), [$pattern]);
    }

    public static function has(Rows $rows, string $column, string $pattern): Rows
    {
        return $rows->whereRaw(self::sql($rows, $column), [$pattern]);
    }

    private static function sql(Rows $rows, string $column): string
    {
        return $rows->getGrammar()->wrap($column) . (Ddl::isPostgres() ? ' ilike' : ' like') . " ? escape '!'";
    }
}
