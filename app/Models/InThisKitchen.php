<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;

/** Only the rows of the kitchen that the request is in; nothing before it is in one. */
final readonly class InThisKitchen implements Scope
{
    /** @param Builder<covariant Model> $builder */
    public function apply(Builder $builder, Model $model): void
    {
        $here = app(Here::class);
        if (!$here->isEverywhere()) {
            $builder->where($model->qualifyColumn('galley_id'), $here->galleyId());
        }
    }
}
