<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Here;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that makes something makes it once: a wet finger taps twice, a line that is lost has the browser send again.
 *
 * The page gives each form a mark. The same form with the same words and the same mark leads where the first led; with other words it is
 * another form. What was refused, or failed, leaves nothing and may be sent again.
 */
final readonly class SentOnce
{
    private const REMEMBERED_DAYS = 7;

    public function handle(Request $request, Closure $next): Response
    {
        $once = $request->post('once');
        if (!is_string($once) || $once === '') {
            return self::answer($next, $request);
        }
        $said = $request->except('_token');
        ksort($said);
        $where = app(Here::class)->galleyId() . ' ' . $request->path();
        $mark = hash('sha256', $where . "\n" . json_encode($said, JSON_PARTIAL_OUTPUT_ON_ERROR));

        DB::beginTransaction();
        try {
            $before = DB::table('forms_sent')->where('mark', $mark)->value('led_to');
            $answer = is_string($before) ? $this->again($request, $before) : self::answer($next, $request);
            if (!is_string($before) && $this->made($request, $answer)) {
                $now = CarbonImmutable::now();
                DB::table('forms_sent')->where('sent_at', '<', $now->subDays(self::REMEMBERED_DAYS))->delete();
                DB::table('forms_sent')->insert([
                    'mark' => $mark,
                    'led_to' => $answer->headers->get('Location'),
                    'sent_at' => $now,
                ]);
                DB::commit();
            } else {
                DB::rollBack();
            }
        } catch (\Throwable $e) {
            DB::rollBack();

            throw $e;
        }

        return $answer;
    }

    private static function answer(Closure $next, Request $request): Response
    {
        /** @var Response $answer */
        $answer = $next($request);

        return $answer;
    }

    /** What the first one told its page, a device's token, is told to whoever waits for the second. */
    private function again(Request $request, string $ledTo): Response
    {
        $request->session()->reflash();

        return redirect()->to($ledTo);
    }

    private function made(Request $request, Response $answer): bool
    {
        $new = $request->session()->get('_flash.new', []);

        return $answer instanceof RedirectResponse
            && $answer->exception === null
            && !(is_array($new) && in_array('errors', $new, true));
    }
}
