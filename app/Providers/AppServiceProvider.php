<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\SqliteConnector;
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
    /** A browser test moves the server's clock along with its page's: the file holds how far, in ms. Nowhere but in tests. */
    private function movedClock(): void
    {
        $file = $this->app->environment('testing') ? getenv('LENTO_TEST_CLOCK') : false;
        if ($file !== false && is_file($file)) {
            CarbonImmutable::setTestNow(
                CarbonImmutable::createFromTimestampMs((int) (microtime(true) * 1000.0) + (int) file_get_contents($file)),
            );
        }
    }

    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', SqliteConnector::class);
        $this->app->scoped(PotsOn::class);
        $this->app->scoped(Kitchen::class, static fn(): Kitchen => (new LoadKitchen())());
        $this->app->bind(
            MeasureSystem::class,
            static fn(): MeasureSystem => MeasureSystem::tryFrom(config()->string('lento.measures')) ?? MeasureSystem::Metric,
        );
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        $this->movedClock();
        Model::shouldBeStrict();
        View::composer('components.rail', static fn(ViewContract $view) => $view->with('tickets', app(PotsOn::class)->tickets()));
    }
}
