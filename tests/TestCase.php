<?php

declare(strict_types=1);

namespace Tests;

use App\Database\Ddl;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\DB;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->numberFromOne();
        CarbonImmutable::setTestNow(self::anAfternoon());
    }

    /** A clock that goes on from three in the afternoon, whenever it is run: "seven minutes ago" and "in four hours" are the same day. */
    private static function anAfternoon(): Closure
    {
        $began = (int) (microtime(true) * 1e6);
        $since = CarbonImmutable::today()->setTime(15, 0);

        return static fn(): CarbonImmutable => $since->addMicroseconds((int) (microtime(true) * 1e6) - $began);
    }

    /** PostgreSQL counts on where a test was rolled back; what tests say of numbers is of a fresh kitchen. */
    private function numberFromOne(): void
    {
        if (Ddl::isPostgres()) {
            DB::select(
                "select setval(format('%I.%I', schemaname, sequencename), 1, false) from pg_sequences where schemaname = current_schema() "
                    . "and sequencename not in ('migrations_id_seq', 'galleys_id_seq')",
            );
        }
    }

    /**
     * What is made once for a request must not outlive it, as it does not in a server.
     *
     * @param string $uri
     */
    protected function prepareUrlForRequest($uri): string
    {
        $this->app->forgetScopedInstances();

        return parent::prepareUrlForRequest($uri);
    }
}
