<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What there is no page of: said to those who are here, for strangers are shown the door first. */
final readonly class NowhereController
{
    public function __invoke(Request $request, Router $router): never
    {
        $takes = array_values(array_filter(['GET', 'POST'], static fn(string $method): bool => !$router
            ->getRoutes()
            ->match(Request::create($request->getPathInfo(), $method))
            ->isFallback));

        throw $takes === [] ? new NotFoundHttpException() : new MethodNotAllowedHttpException($takes);
    }
}
