<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * What is thrown away lies in the kitchen's bin, with who threw it there and when, until somebody takes it out again.
 *
 * @property-read string $name
 * @property string|null $binned_at
 * @property string|null $binned_by
 */
trait Binnable
{
    public static function bootBinnable(): void
    {
        static::addGlobalScope(new OutOfTheBin());
    }

    public function bin(): void
    {
        $this->forceFill([
            'binned_at' => CarbonImmutable::now()->utc()->format('Y-m-d H:i:s'),
            'binned_by' => app(Here::class)->presence()->name,
        ])->save();
    }

    /** What it is called where it lies among others. */
    public function calledInTheBin(): string
    {
        return $this->name;
    }

    public function putBack(): void
    {
        $this->forceFill(['binned_at' => null, 'binned_by' => null])->save();
    }

    /** @return Builder<covariant self> of what lies in the bin */
    public static function binned(): Builder
    {
        return static::query()->withoutGlobalScope(OutOfTheBin::class)->whereNotNull('binned_at');
    }
}
