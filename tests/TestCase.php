<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
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
