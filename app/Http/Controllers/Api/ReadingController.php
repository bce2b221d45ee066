<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Devices\Sent;
use App\Devices\TakeReadings;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Throwable;

/** POST /api/v1/readings: docs/formats/readings-request.schema.json. */
final readonly class ReadingController
{
    private const MOST = 1000;

    public function __invoke(Request $request, TakeReadings $take): JsonResponse
    {
        $device = Device::holding((string) $request->bearerToken());
        if ($device === null) {
            return new JsonResponse(['message' => __('devices.unknown')], 401, ['WWW-Authenticate' => 'Bearer']);
        }
        $body = json_decode($request->getContent(), true);
        $errors = [];
        $sent = $this->readings(is_array($body) ? $body : [], $errors);
        $sentAt = $this->moment(is_array($body) ? $body['sent_at'] ?? null : null, 'sent_at', $errors);
        if ($errors !== [] || $sentAt === null) {
            return new JsonResponse(['message' => array_values($errors)[0][0], 'errors' => $errors], 422);
        }

        return new JsonResponse($take($device, $sent, $sentAt, CarbonImmutable::now()));
    }

    /**
     * @param array<mixed> $body
     * @param array<string, list<string>> $errors
     *
     * @return list<Sent>
     */
    private function readings(array $body, array &$errors): array
    {
        $readings = $body['readings'] ?? null;
        if (!is_array($readings) || $readings === [] || count($readings) > self::MOST) {
            $errors['readings'][] = (string) trans('devices.field.readings', ['most' => self::MOST]);

            return [];
        }
        $sent = [];
        foreach (array_values($readings) as $i => $reading) {
            $reading = is_array($reading) ? $reading : [];
            $id = is_string($reading['id'] ?? null) && $reading['id'] !== '' && strlen($reading['id']) <= 60 ? $reading['id'] : null;
            $value = is_int($reading['value'] ?? null) || is_float($reading['value'] ?? null) ? (float) $reading['value'] : null;
            $at = $this->moment($reading['at'] ?? null, "readings.{$i}.at", $errors);
            if ($id === null) {
                $errors["readings.{$i}.id"][] = (string) trans('devices.field.id');
            }
            if ($value === null) {
                $errors["readings.{$i}.value"][] = (string) trans('devices.field.value');
            }
            if ($id !== null && $value !== null && $at !== null) {
                $sent[] = new Sent($id, $at, $value);
            }
        }

        return $sent;
    }

    /**
     * ms since 1970, or an ISO 8601 time with its zone.
     *
     * @param array<string, list<string>> $errors
     */
    private function moment(mixed $said, string $field, array &$errors): ?int
    {
        if (is_int($said) && $said > 0) {
            return $said;
        }
        if (is_string($said) && preg_match('/\A\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)\z/', $said) === 1) {
            try {
                return CarbonImmutable::parse($said)->getTimestampMs();
            } catch (Throwable) {
                // Told below, as any other time that is none.
            }
        }
        $errors[$field][] = (string) trans('devices.field.' . ($field === 'sent_at' ? 'sent_at' : 'at'));

        return null;
    }
}
