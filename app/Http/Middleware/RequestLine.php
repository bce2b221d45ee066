<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Here;
use App\Watch\Counters;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpFoundation\Response;

/**
 * Each request has a number, which its answer and every line of the log about it carry; and one line of its own: which route, not which
 * address, for addresses hold what was typed.
 */
final readonly class RequestLine
{
    public const HEADER = 'X-Request-Id';

    public function __construct(private Here $here) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $id = bin2hex(random_bytes(8));
        Log::shareContext(['request' => $id]);
        $began = hrtime(true);
        $answer = $next($request);
        $seconds = (hrtime(true) - $began) / 1e9;
        $answer->headers->set(self::HEADER, $id);
        Log::info('request', [
            'method' => $request->method(),
            'route' => $request->route()?->uri() ?? '',
            'status' => $answer->getStatusCode(),
            'ms' => round(1000.0 * $seconds, 1),
            'kitchen' => $this->here->isEntered() ? $this->here->galleyId() : null,
            'member' => $this->here->isEntered() ? $this->here->presence()->memberId : null,
        ]);
        if (config('lento.metrics_token') !== '') {
            Counters::usual()->count(self::kind($request), $answer->getStatusCode(), $seconds);
        }

        return $answer;
    }

    private static function kind(Request $request): string
    {
        return match ($request->route()?->getName()) {
            'pots.events', 'pots.batch' => 'tap',
            'api.readings' => 'reading',
            'pulse' => 'pulse',
            default => $request->isMethod('GET') ? 'page' : 'form',
        };
    }
}
