<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\EyeReading;
use App\Models\Practice;
use App\Typed\TypedNumber;
use Lento\Eye\EyeKind;
use Lento\Practice\DeedKind;
use Lento\Quantity\Volume;

/** Litres in a pan that were called by eye before the stick went in. */
final readonly class CalledLitres
{
    /** litres that anybody may call */
    private const LEAST = 0.05;

    private const MOST = 200.0;

    private function __construct() {}

    /** Whether nothing was called, or an amount that a pan may hold. */
    public static function isSound(string $typed): bool
    {
        return trim($typed) === '' || self::of($typed) !== null;
    }

    /** @return Volume|null null where nothing was called, or nothing that a pan may hold */
    public static function of(string $typed): ?Volume
    {
        $litres = TypedNumber::number(trim($typed));

        return $litres === null || $litres < self::LEAST || $litres > self::MOST ? null : Volume::ofLitres($litres);
    }

    public static function write(Practice $practice, Volume $called, RunningPractice $running): void
    {
        $actual = $running->pot->measured(DeedKind::Depth, $running->played->standing)->volume;
        if ($actual !== null) {
            EyeReading::query()->create([
                'cook_key' => $practice->cook_key,
                'kind' => EyeKind::Depth,
                'called' => $called->inLitres(),
                'actual' => $actual->inLitres(),
            ]);
        }
    }
}
