<?php

declare(strict_types=1);

namespace App\Providers;

use App\Casts\WrittenPlans;
use App\Database\SqliteConnector;
use App\Database\WaitingPostgres;
use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\People\Here;
use App\Score\HandsNext;
use App\Shelf\WatchedTubs;
use App\Stove\PotsOn;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Lento\Quantity\MeasureSystem;
use PDO;

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

    /** How often, by whom; in the words of lang/en/errors.php's 429. */
    private function rates(): void
    {
        $a = static fn(string $what): int => config()->integer('lento.rates.' . $what);
        $who = static fn(Request $request): string => (string) (app(Here::class)->isEntered()
            ? app(Here::class)->presence()->memberId ?? $request->ip()
            : $request->ip());
        RateLimiter::for('sign-in', static fn(Request $request): Limit => Limit::perMinute($a('sign_in'))->by(
            mb_strtolower($request->string('login')->toString()) . '|' . $request->ip(),
        ));
        RateLimiter::for('wrong-tokens', static fn(Request $request): Limit => Limit::perMinute($a('wrong_tokens'))->by(
            'door|' . $request->ip(),
        ));
        RateLimiter::for('made', static fn(Request $request): Limit => Limit::perMinute($a('made'))->by('made|' . $who($request)));
        RateLimiter::for('imports', static fn(): Limit => Limit::perHour($a('imports'))->by('imports|' . app(Here::class)->galleyId()));
    }

    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', SqliteConnector::class);
        Connection::resolverFor(
            'pgsql',
            /** @param array<string, mixed> $config */
            static fn(PDO|Closure $pdo, string $database, string $prefix, array $config): Connection => new WaitingPostgres(
                $pdo,
                $database,
                $prefix,
                $config,
            ),
        );
        $this->app->scoped(Here::class, fn(): Here => new Here($this->app->runningInConsole()));
        $this->app->scoped(PotsOn::class);
        $this->app->scoped(WrittenPlans::class);
        $this->app->scoped(HandsNext::class);
        $this->app->scoped(WatchedTubs::class);
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
        $this->rates();
        TrustProxies::at(array_values(array_filter(
            explode(',', config()->string('lento.proxies')),
            static fn(string $address): bool => $address !== '',
        )));
        Model::shouldBeStrict();
        View::composer('components.rail', static fn(ViewContract $view) => $view->with([
            'tickets' => app(PotsOn::class)->tickets(),
            'hands' => app(HandsNext::class),
            'tubs' => app(WatchedTubs::class)->calls(),
        ]));
        View::composer('components.layout', static fn(ViewContract $view) => $view->with(
            'me',
            app(Here::class)->isEntered() ? app(Here::class)->presence()->cook() ?? '' : '',
        ));
        View::composer('components.band', static fn(ViewContract $view) => $view->with('hands', app(HandsNext::class)));
    }
}
