<?php

declare(strict_types=1);

namespace Tests\Security;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;

/** Asks a route, and says what fell over. */
final readonly class Fuzz
{
    public function __construct(private Kernel $kernel, private Hostile $hostile) {}

    /** @return string|null what was thrown and where; null where it was answered */
    public function ask(Route $route): ?string
    {
        $request = $this->hostile->request($route);
        try {
            $response = $this->kernel->handle($request);
            self::read($response);
        } catch (Throwable $thrown) {
            return self::told($request, $route, $thrown);
        }
        if ($response->getStatusCode() < 500 || $response->getStatusCode() === 503) {
            return null;
        }
        $thrown = property_exists($response, 'exception') && $response->exception instanceof Throwable ? $response->exception : null;

        return self::told($request, $route, $thrown);
    }

    /** A file is written only as it is read. */
    private static function read(Response $response): void
    {
        if ($response instanceof StreamedResponse) {
            ob_start();
            try {
                $response->sendContent();
            } finally {
                ob_end_clean();
            }
        }
    }

    private static function told(Request $request, Route $route, ?Throwable $thrown): string
    {
        return sprintf(
            '%s %s %s',
            $request->method(),
            $route->uri(),
            $thrown === null
                ? '?'
                : $thrown::class . ' ' . substr(
                    $thrown->getMessage(),
                    0,
                    160,
                ) . ' at ' . basename($thrown->getFile()) . ':' . $thrown->getLine(),
        );
    }
}
