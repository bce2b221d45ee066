<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Family\WorkedOut;
use App\Kitchen\Kitchen;
use App\Models\Par;
use App\Models\Service;
use App\Models\Tub;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Lento\Quantity\Volume;
use Lento\Shelf\TubState;

/** What is to be made today: what there always is to be, and what the next service takes, less what is there and may still be used. */
final readonly class ToMake
{
    /** l: less is not worth a pot. */
    private const LEAST = 0.05;

    /** @param list<array{par: Par, there: Volume, wanted: Volume, make: Volume, soonest: ?string}> $lines */
    private function __construct(public array $lines, public string $service) {}

    public static function of(Kitchen $kitchen, CarbonImmutable $now): self
    {
        $service = Service::query()->atHand()->latest('id')->first();
        $worked = $service === null ? null : WorkedOut::of($service, $kitchen);
        $wanted = [];
        foreach ($worked->flow->nodes ?? [] as $key => $node) {
            // However thick it is wanted.
            $key = explode('!', $key)[0];
            $wanted[$key] = ($wanted[$key] ?? 0.0) + $node->made->cubicMetres;
        }
        $lines = [];
        foreach (Par::query()->orderBy('sauce')->orderBy('liquid')->get() as $par) {
            $there = self::there($par, $now);
            $needed = $wanted[$par->sauce . '@' . $par->liquid] ?? 0.0;
            $make = $par->litres / 1000.0 + $needed - $there->cubicMetres;
            $lines[] = [
                'par' => $par,
                'there' => $there,
                'wanted' => Volume::ofCubicMetres($needed),
                'make' => Volume::ofCubicMetres($make * 1000.0 < self::LEAST ? 0.0 : $make),
                'soonest' => self::soonest($par, $now),
            ];
        }

        return new self($lines, $worked->fields->name ?? '');
    }

    /** What may still be used tomorrow. */
    private static function there(Par $par, CarbonImmutable $now): Volume
    {
        $ml = self::tubs($par)->where('use_by', '>', $now->format('Y-m-d'))->sum('ml');

        return Volume::ofMillilitres((float) $ml);
    }

    private static function soonest(Par $par, CarbonImmutable $now): ?string
    {
        $soonest = self::tubs($par)->where('use_by', '>=', $now->format('Y-m-d'))->min('use_by');

        return is_string($soonest) ? substr($soonest, 0, 10) : null;
    }

    /** @return Builder<Tub> */
    private static function tubs(Par $par): Builder
    {
        return Tub::query()
            ->whereIn('state', [TubState::Kept->value, TubState::Frozen->value, TubState::Cooling->value])
            ->whereHas('batch', static function ($batch) use ($par): void {
                $batch->where('sauce', $par->sauce);
                if ($par->liquid !== '') {
                    $batch->where('liquid', $par->liquid);
                }
            });
    }
}
