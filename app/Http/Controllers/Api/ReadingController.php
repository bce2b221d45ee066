<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Devices\Sent;
use App\Devices\TakeReadings;
use App\Devices\TakeTubReadings;
use App\Formats\JsonText;
use App\Models\Device;
use App\Models\DeviceKind;
use App\Models\Tub;
use App\People\Here;
use App\People\Presence;
use App\People\Role;
use App\Typed\FieldFault;
use App\Typed\Fields;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Throwable;

/** POST /api/v1/readings: docs/formats/readings-request.schema.json. */
final readonly class ReadingController
{
    public function __construct(private TakeReadings $take, private TakeTubReadings $takeInTub) {}

    public function __invoke(Request $request, Here $here): JsonResponse
    {
        $wrong = 'wrong-token:' . $request->ip();
        if (RateLimiter::tooManyAttempts($wrong, config()->integer('lento.rates.wrong_tokens'))) {
            return self::tooOften();
        }
        $device = Device::holding((string) $request->bearerToken());
        if ($device === null) {
            RateLimiter::hit($wrong);

            return new JsonResponse(['message' => __('devices.unknown')], 401, ['WWW-Authenticate' => 'Bearer']);
        }
        $often = 'readings:' . $device->id;
        if (RateLimiter::tooManyAttempts($often, config()->integer('lento.rates.readings'))) {
            return self::tooOften();
        }
        RateLimiter::hit($often);
        $here->enter(new Presence($device->galley_id, Role::Cook, null, $device->name, $device->name));
        $text = JsonText::of($request->getContent(), 'readings-request');
        $read = $text->read([]);
        if ($read->faults !== []) {
            return self::refused($read);
        }
        $sentAt = self::moment($text->values['sent_at'] ?? null);
        $faults = $sentAt === null ? [FieldFault::of('sent_at', 'moment')] : [];
        $sent = [];
        foreach (is_array($text->values['readings'] ?? null) ? array_values($text->values['readings']) : [] as $i => $reading) {
            $reading = is_array($reading) ? $reading : [];
            $at = self::moment($reading['at'] ?? null);
            if ($at === null) {
                $faults[] = FieldFault::of("readings.$i.at", 'moment');
            } elseif (is_string($reading['id'] ?? null) && is_numeric($reading['value'] ?? null)) {
                $sent[] = new Sent($reading['id'], $at, (float) $reading['value']);
            }
        }

        return $sentAt === null || $faults !== []
            ? self::refused($text->faulty(...$faults))
            : $this->taken($device, $sent, $sentAt, $text->values['container'] ?? null);
    }

    /**
     * Of the tub that the request names or the device stands in; else of the pot at its place.
     *
     * @param list<Sent> $sent
     */
    private function taken(Device $device, array $sent, int $sentAt, mixed $container): JsonResponse
    {
        $now = CarbonImmutable::now();
        // A tub that is empty by now has no probe in it any more.
        $tub = is_int($container)
            ? Tub::query()->with('batch')->find($container)
            : Tub::query()->with('batch')->there()->find($device->tub_id);
        if (!is_int($container) && $tub === null) {
            return new JsonResponse(($this->take)($device, $sent, $sentAt, $now));
        }
        if ($tub === null || $device->kind !== DeviceKind::Probe) {
            return self::refused(Fields::faulty(['container' => FieldFault::of('container', 'tub_gone')]));
        }

        return new JsonResponse(($this->takeInTub)($device, $tub, $sent, $sentAt, $now));
    }

    private static function tooOften(): JsonResponse
    {
        return new JsonResponse(['message' => __('devices.too_often')], 429, ['Retry-After' => '60']);
    }

    private static function refused(Fields $read): JsonResponse
    {
        $errors = [];
        foreach ($read->faults as $fault) {
            $field = $fault->field === '' ? 'request' : $fault->field;
            $errors[$field] = [$fault->message($field)];
        }

        return new JsonResponse(['message' => $read->messages()[0], 'errors' => $errors], 422);
    }

    /** ms since 1970; null of a day that there is not. */
    private static function moment(mixed $said): ?int
    {
        try {
            return is_int($said) ? $said : (is_string($said) ? CarbonImmutable::parse($said)->getTimestampMs() : null);
        } catch (Throwable) {
            return null;
        }
    }
}
