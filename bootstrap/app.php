<?php

declare(strict_types=1);

use App\Database\Locked;
use App\Http\Controllers\MetricsController;
use App\Http\Controllers\UpController;
use App\Http\Middleware\BodyLimit;
use App\Http\Middleware\CleanText;
use App\Http\Middleware\ContentSecurity;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\May;
use App\Http\Middleware\OwnForms;
use App\Http\Middleware\RequestLine;
use App\Http\Middleware\SignedIn;
use App\Http\Responses\ErrorPage;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: [__DIR__ . '/../routes/doors.php', __DIR__ . '/../routes/web.php'],
        api: __DIR__ . '/../routes/api.php',
        // For whoever watches over it; neither has a session.
        then: static function (): void {
            Route::get('/up', UpController::class)->name('up');
            Route::get('/metrics', MetricsController::class)->name('metrics');
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // The first stands around all others, so that what they refuse has its headers as well.
        $middleware->prepend([RequestLine::class, ContentSecurity::class, KnownHost::class, BodyLimit::class, CleanText::class]);
        // Who it is stands before anything is looked up: of another kitchen there is nothing to be found.
        $middleware->web(
            remove: [SubstituteBindings::class],
            append: [SignedIn::class, SubstituteBindings::class],
            replace: [ValidateCsrfToken::class => OwnForms::class],
        );
        $middleware->alias(['may' => May::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['old_password', 'new_password', 'pin', 'code']);
        // A file larger than the server takes at all comes without its form: said where it was sent from.
        $exceptions->render(
            static fn(PostTooLargeException $e, Request $request) => $request->expectsJson() || !$request->is('log/files')
                ? null
                : redirect(route('log', ['large' => '1']) . '#files'),
        );
        // What was typed is in a query's own words; of one that failed only where it was asked is written down.
        $exceptions->report(static function (QueryException $e): bool {
            $at = collect($e->getTrace())->first(static fn(array $call): bool => str_contains($call['file'] ?? '', '/app/'));
            $where = basename($at['file'] ?? '') . ':' . ($at['line'] ?? 0);
            Log::error('A query failed', ['code' => $e->errorInfo[1] ?? null, 'at' => $where]);

            return false;
        });
        // Somebody else writes for longer than one waits: that passes.
        $exceptions->map(
            static fn(PDOException $e) => Locked::is($e) ? new ServiceUnavailableHttpException(2, 'locked', $e) : $e,
        );
        $exceptions->respond(ErrorPage::instead(...));
    })
    ->create();
