<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only to the names that the kitchen has given its server.
 *
 * A website may point a name of its own at this address; a browser then takes Lento for a part of that site, and hands it the pages with
 * their tokens. Where a request came from is believed only of a page of Lento's own, for forms go back there.
 */
final readonly class KnownHost
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) $request->headers->get('Host'));
        if (!in_array(self::name($host), self::names(), true)) {
            return new PlainResponse(__('layout.unknown_host') . "\n", Response::HTTP_MISDIRECTED_REQUEST, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]);
        }
        $from = parse_url((string) $request->headers->get('Referer'));
        if (!is_array($from) || self::address($from) !== $host) {
            $request->headers->remove('Referer');
        }

        return $next($request);
    }

    /** @return list<string> */
    private static function names(): array
    {
        $named = explode(',', config()->string('lento.hosts'));
        $own = parse_url(config()->string('app.url'), PHP_URL_HOST);

        return array_values(array_filter(array_map(
            static fn(string $name): string => strtolower(trim($name)),
            ['localhost', '127.0.0.1', '[::1]', is_string($own) ? $own : '', ...$named],
        ), static fn(string $name): bool => $name !== ''));
    }

    /** Without its port. */
    private static function name(string $host): string
    {
        return (string) preg_replace('/:\d{1,5}\z/', '', $host);
    }

    /** @param array<string, int|string> $from */
    private static function address(array $from): string
    {
        return strtolower((string) ($from['host'] ?? '')) . (isset($from['port']) ? ':' . $from['port'] : '');
    }
}
