<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Here;
use App\People\Place;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Lets through whose role may change things at a place: `may:stove`. */
final readonly class May
{
    public function __construct(private Here $here) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string $place): Response
    {
        $this->here->may(Place::from($place)) || throw new AccessDeniedHttpException('Not open: ' . $place);

        return $next($request);
    }
}
