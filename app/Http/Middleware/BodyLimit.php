<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\JsonShape;
use Closure;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses a body that is larger than what its address takes, before anything reads it: whoever sends it has shown neither session nor token
 * yet, and a megabyte of brackets takes half a gigabyte to decode.
 */
final readonly class BodyLimit
{
    private const KILOBYTE = 1024;

    /** What a form, or a tap, may weigh. */
    private const USUAL = 64 * self::KILOBYTE;

    /** By the address, where it is more: what a device or a tablet has held while its line was down, and a file of the log in its form. */
    private const LARGER = [
        '#\A/api/v1/readings\z#' => 1024 * self::KILOBYTE,
        '#\A/pots/\d+/events/batch\z#' => 1024 * self::KILOBYTE,
        '#\A/log/files\z#' => 17 * 1024 * self::KILOBYTE,
    ];

    /** Said at the door of a body that was not let in. */
    private const REFUSED = 'LENTO_BODY_REFUSED';

    /** Looks at what PHP has taken in, before the framework does: of a body that is too much only that is left. */
    public static function atTheDoor(): void
    {
        $said = static fn(string $name): string => is_string($_SERVER[$name] ?? null) ? $_SERVER[$name] : '';
        $path = parse_url($said('REQUEST_URI'), PHP_URL_PATH);
        $type = $said('CONTENT_TYPE');
        if (self::isTooMuch(is_string($path) ? $path : '/', $said('CONTENT_LENGTH'), $type, (string) file_get_contents('php://input'))) {
            $_SERVER[self::REFUSED] = '1';
            // So that nobody decodes it.
            $_SERVER['CONTENT_TYPE'] = $_SERVER['HTTP_CONTENT_TYPE'] = 'application/octet-stream';
        }
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $header = static fn(string $name): string => $request->headers->get($name, '') ?? '';
        if (
            $request->server->has(self::REFUSED)
            || self::isTooMuch($request->getPathInfo(), $header('Content-Length'), $header('Content-Type'), $request->getContent())
        ) {
            throw new PostTooLargeException(headers: ['Connection' => 'close']);
        }

        return $next($request);
    }

    private static function isTooMuch(string $path, string $length, string $type, string $body): bool
    {
        $most = self::most($path);
        // What comes in pieces says no length; the parts of a form PHP has taken apart itself, with a limit of its own.
        if ($length !== '' && (!ctype_digit($length) || (int) $length > $most) || strlen($body) > $most) {
            return true;
        }

        return preg_match('#[/+]json#i', $type) === 1 && !JsonShape::of($body)->isReasonable();
    }

    private static function most(string $path): int
    {
        foreach (self::LARGER as $pattern => $most) {
            if (preg_match($pattern, $path) === 1) {
                return $most;
            }
        }

        return self::USUAL;
    }
}
