<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;

/** Only what nobody has thrown away. */
final readonly class OutOfTheBin implements Scope
{
    /** @param Builder<covariant Model> $builder */
    public function apply(Builder $builder, Model $model): void
    {
        if (!app(Here::class)->isEverywhere()) {
            $builder->whereNull($model->qualifyColumn('binned_at'));
        }
    }
}
