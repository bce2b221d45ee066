<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Doors\Demo;
use App\Doors\WhoIsIt;
use App\Format\Words;
use App\People\Here;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** What cannot be answered, on a page of Lento's own: with the rail, a way back, and what was typed. */
final readonly class ErrorPage
{
    /** Statuses with words of their own, in lang/en/errors.php. */
    private const KNOWN = [403, 404, 405, 413, 419, 421, 429, 500, 503];

    /** What a form carries besides what was typed. */
    private const UNSEEN = ['_token', '_method', 'token', 'question', 'version', 'seen', 'step', 'at', 'kind', ...self::SECRET];

    /** What no page shows again, in clear or hidden. */
    private const SECRET = ['password', 'old_password', 'new_password', 'pin', 'code'];

    private const MOST_TYPED = 200;

    public static function instead(Response $response, Throwable $e, Request $request): Response
    {
        $status = $response->getStatusCode();
        if (!in_array($status, self::KNOWN, true) || $request->expectsJson() || $request->isJson() || config('app.debug') === true) {
            return $response;
        }
        $page = [
            'status' => $status,
            'title' => Words::text("errors.$status.title"),
            'what' => Words::text("errors.$status.what"),
            ...self::typed($request),
        ];
        // Where the database is what failed, or nobody knows who asks, there is no rail to show.
        try {
            self::enter($request);
            $html = View::make('pages.error', $page)->render();
        } catch (Throwable) {
            $html = View::make('pages.error-bare', $page)->render();
        }

        return new HtmlResponse($html, $status, Arr::except($response->headers->all(), ['content-type', 'content-length']));
    }

    /** What failed before anybody was let in is shown to whoever would have been. */
    private static function enter(Request $request): void
    {
        $here = app(Here::class);
        if (!$here->isEntered() && ($request->hasSession() || Demo::isOn())) {
            $presence = WhoIsIt::of($request, $here)->presence;
            if ($presence !== null) {
                $here->enter($presence);
            }
        }
    }

    /**
     * Only of a form of Lento's own: another site's words are not put into a cook's mouth.
     *
     * @return array{action: string, back: string, sent: array<string, string>, typed: array<string, string>}
     */
    private static function typed(Request $request): array
    {
        $from = $request->headers->get('Referer');
        $own = $request->isMethod('post') && is_string($from) && $request->headers->get('Sec-Fetch-Site', 'same-origin') === 'same-origin';
        $sent = [];
        foreach ($own ? array_slice(Arr::dot($request->post()), 0, self::MOST_TYPED, true) : [] as $name => $value) {
            if (is_scalar($value) && $name !== '_token' && !in_array($name, self::SECRET, true)) {
                $sent[self::fieldName((string) $name)] = (string) $value;
            }
        }

        return [
            'action' => $request->getRequestUri(),
            // A page of Lento's own, or none: KnownHost has seen to that.
            'back' => is_string($from) && $from !== $request->fullUrl() ? $from : '',
            'sent' => $sent,
            'typed' => array_filter(
                $sent,
                static fn(string $value, string $name): bool => trim($value) !== '' && !in_array(strtok($name, '['), self::UNSEEN, true),
                ARRAY_FILTER_USE_BOTH,
            ),
        ];
    }

    /** "wishes.0.covers" as a form calls it: wishes[0][covers]. */
    private static function fieldName(string $dotted): string
    {
        $parts = explode('.', $dotted);
        $first = array_shift($parts);

        return $first . implode('', array_map(static fn(string $part): string => "[$part]", $parts));
    }
}
