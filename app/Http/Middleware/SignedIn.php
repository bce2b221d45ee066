<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Doors\Demo;
use App\Doors\FirstRun;
use App\Doors\WhoIsIt;
use App\Models\StoredEvents;
use App\People\Here;
use App\People\Place;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Lets in whom it knows; shows everybody else the door that is theirs. */
final readonly class SignedIn
{
    public function __construct(private Here $here) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $who = WhoIsIt::of($request, $this->here);
        if ($who->presence === null) {
            return Demo::isOn()
                ? throw new AccessDeniedHttpException('Not open: demo')
                : $this->toTheDoor($request, FirstRun::isDue() ? 'first-run' : 'sign-in');
        }
        $this->here->enter($who->presence);
        // What is told once is for the page that comes next, and no pulse between takes it away.
        if ($request->routeIs('pulse', 'rail')) {
            $request->session()->reflash();
        }
        // Before anything of the page is read: what happens while it is made up shows as something newer than it.
        if ($request->isMethod('get') && self::isAPage($request)) {
            View::share('latest', StoredEvents::latest());
        }
        // What a tablet has held is taken before anybody has said who they are, unless the kitchen wishes to know.
        $lets = $who->hasSaid || !self::isAPage($request) && $this->here->may(Place::Stove);
        $answer = $lets ? $next($request) : $this->toTheDoor($request, 'who');
        // What is a kitchen's is in no cache on the way, and in none that the next who signs in could look into.
        $answer->headers->set('Cache-Control', 'no-store, private');

        return $answer;
    }

    private function toTheDoor(Request $request, string $door): Response
    {
        if (!self::isAPage($request)) {
            return new JsonResponse(['message' => __('doors.closed')], 401, ['Cache-Control' => 'no-store']);
        }

        return $request->isMethod('get') ? redirect()->guest(route($door)) : redirect()->route($door);
    }

    private static function isAPage(Request $request): bool
    {
        return !$request->expectsJson() && !$request->isJson() && !$request->headers->has('HX-Request');
    }
}
