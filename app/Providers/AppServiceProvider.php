<?php

declare(strict_types=1);

namespace App\Providers;

use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Stove\PotsOn;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Lento\Quantity\MeasureSystem;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(PotsOn::class);
        $this->app->scoped(Kitchen::class, static fn(): Kitchen => (new LoadKitchen())());
        $this->app->bind(MeasureSystem::class, static fn(): MeasureSystem => MeasureSystem::tryFrom(config()->string('lento.measures')) ?? MeasureSystem::Metric);
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict();
        View::composer('components.rail', static fn(ViewContract $view) => $view->with('tickets', app(PotsOn::class)->tickets()));
    }
}
