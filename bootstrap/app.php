<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurity;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        api: __DIR__ . '/../routes/api.php',
        health: '/up',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append(ContentSecurity::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A file larger than the server takes at all comes without its form: said where it was sent from.
        $exceptions->render(
            static fn(PostTooLargeException $e, Request $request) => $request->expectsJson()
                ? null
                : redirect(route('log', ['large' => '1']) . '#files'),
        );
    })
    ->create();
