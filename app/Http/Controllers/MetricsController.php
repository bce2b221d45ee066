<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Backup\Backups;
use App\Models\Account;
use App\Models\Device;
use App\Models\Galley;
use App\Models\Pot;
use App\Models\PotEvent;
use App\Models\Tablet;
use App\People\Here;
use App\Watch\Counters;
use App\Watch\Exposition;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\RateLimiter;

/** How it goes, over all kitchens of this installation, for whoever measures it from outside and says the token: numbers, no names. */
final readonly class MetricsController
{
    private const HEARD_MINUTES = 10;

    public function __invoke(Request $request, Here $here): Response
    {
        $token = config()->string('lento.metrics_token');
        $wrong = 'wrong-token:' . $request->ip();
        if (RateLimiter::tooManyAttempts($wrong, config()->integer('lento.rates.wrong_tokens'))) {
            return new Response("Too often.\n", 429, ['Content-Type' => 'text/plain', 'Retry-After' => '60']);
        }
        if ($token === '' || !hash_equals($token, (string) $request->bearerToken())) {
            RateLimiter::hit($wrong);

            return new Response("Say the token.\n", 401, ['Content-Type' => 'text/plain', 'WWW-Authenticate' => 'Bearer']);
        }

        return new Response($here->everywhere(self::told(...)), 200, [
            'Content-Type' => 'text/plain; version=0.0.4; charset=utf-8',
            'Cache-Control' => 'no-store',
        ]);
    }

    private static function told(): string
    {
        $now = CarbonImmutable::now();
        $answered = [];
        foreach (Counters::usual()->all()['answered'] as $kind => $statuses) {
            foreach ($statuses as $status => $count) {
                $answered["kind=\"{$kind}\",status=\"{$status}\""] = $count;
            }
        }
        $newest = PotEvent::query()->max('id');
        $free = disk_free_space(storage_path());

        return (new Exposition())
            ->add('lento_requests_total', 'counter', 'Requests by what they are and how they were answered.', $answered)
            ->histogram('lento_request_seconds', 'How long requests took.', Counters::usual())
            ->add('lento_kitchens', 'gauge', 'Kitchens of this installation.', ['' => Galley::query()->count()])
            ->add('lento_pots_on', 'gauge', 'Pots that are on.', ['' => Pot::query()->whereNull('finished_at')->count()])
            ->add('lento_pots_total', 'counter', 'Pots ever put on.', ['' => Pot::query()->count()])
            ->add('lento_events_newest', 'gauge', 'Number of the newest event.', ['' => is_numeric($newest) ? (int) $newest : 0])
            ->add('lento_accounts', 'gauge', 'Accounts.', ['' => Account::query()->count()])
            ->add('lento_tablets', 'gauge', 'Paired tablets.', [
                '' => Tablet::query()->whereNull('binned_at')->whereNotNull('token_hash')->count(),
            ])
            ->add('lento_devices_heard', 'gauge', 'Devices heard of within ten minutes.', [
                '' => Device::query()->where('heard_at', '>=', $now->subMinutes(self::HEARD_MINUTES))->count(),
            ])
            ->add('lento_disk_free_bytes', 'gauge', 'Room on the disk.', ['' => $free === false ? null : (int) $free])
            ->add('lento_backup_age_seconds', 'gauge', 'Age of the last copy.', [
                '' => ($copy = Backups::usual()->latest()?->madeAt()) === null ? null : (int) $copy->diffInSeconds($now),
            ])
            ->text();
    }
}
