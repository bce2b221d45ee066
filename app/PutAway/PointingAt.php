<?php

declare(strict_types=1);

namespace App\PutAway;

use App\Models\Device;
use App\Models\Galley;
use App\Models\Pot;
use App\Models\Sauce;
use App\Models\SauceVersion;
use App\Models\Service;
use App\People\Here;

/** What goes on using something that is thrown away or put away, so that whoever does it knows. */
final readonly class PointingAt
{
    /** @return array<string, int> how many of each, by key of lang/en/bin.php's `points`; nothing where nothing does */
    public static function it(string $kind, int $id): array
    {
        $settings = Galley::query()->find(app(Here::class)->galleyId())->settings ?? [];
        $services = static fn(string $sauce): int => Service::query()
            ->atHand()
            ->get()
            ->filter(static fn(Service $one): bool => str_contains((string) json_encode($one->fields['wishes'] ?? []), '"' . $sauce . '"'))
            ->count();
        $questions = static fn(string $field): int => SauceVersion::query()
            ->whereIn('sauce_id', Sauce::query()->atHand()->select('id'))
            ->where("question->{$field}", (string) $id)
            ->distinct()
            ->count('sauce_id');
        $all = match ($kind) {
            'pans' => [
                'usual_pan' => (int) (($settings['pan'] ?? '') === (string) $id),
                'sauces' => $questions('pan'),
            ],
            'hobs' => [
                'usual_ring' => (int) (($settings['hob'] ?? '') === (string) $id),
                'sauces' => $questions('hob'),
                'devices' => Device::query()->where('place', 'ring-' . $id)->count(),
                'pots_on' => Pot::query()->whereNull('finished_at')->where('place', 'ring-' . $id)->count(),
            ],
            'own', 'own_derivatives' => ['services' => $services('own-sauce-' . $id)],
            'sauces' => [
                'pots' => Pot::query()->whereIn('sauce_version_id', SauceVersion::query()->where('sauce_id', $id)->select('id'))->count(),
            ],
            'services' => [
                'pots_on' => Pot::query()->whereNull('finished_at')->where('service_id', $id)->count(),
                'pots' => Pot::query()->whereNotNull('finished_at')->where('service_id', $id)->count(),
            ],
            default => [],
        };

        return array_filter($all, static fn(int $count): bool => $count > 0);
    }
}
