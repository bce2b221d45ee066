<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Words;
use App\Typed\FieldFault;
use Lento\Family\PotSize;
use Lento\Family\ScaledPot;
use Lento\Family\Scaling;
use Lento\Quantity\Duration;

/** A service at another size, pot beside pot: what grows as much, and what does not. */
final readonly class ScalingPage
{
    /** @param array{string, string}|null $limits of the factor, where the typed one lies outside */
    public function __construct(
        public ServicePage $service,
        public ?Scaling $scaling,
        public string $factor,
        private ?array $limits,
        public string $refusal,
    ) {}

    public function fault(): ?string
    {
        return $this->limits === null
            ? null
            : FieldFault::of('factor', 'number', ['least' => $this->limits[0], 'most' => $this->limits[1], 'unit' => ''])->message();
    }

    /** @return list<array{string, string, string, string}> what, now, then, and by how much it grew; '' where it is no amount */
    public function lines(ScaledPot $pot): array
    {
        [$before, $after] = [$pot->before, $pot->after];
        $minutes = static fn(PotSize $size): string => Minutes::text($size->time);
        $pan = static fn(PotSize $size): string => Words::text(
            'family.scale.pan_of',
            cm: sprintf('%.0F', $size->pan->diameter->inCentimetres()),
        );
        $steam = static fn(PotSize $size): string => sprintf('%.0F %%', 100.0 * $size->steamPerLitre());

        return [
            [
                Words::text('family.scale.makes'),
                Litres::of($before->makes)->text(),
                Litres::of($after->makes)->text(),
                self::times($before->makes->cubicMetres, $after->makes->cubicMetres),
            ],
            [Words::text('family.scale.pan'), $pan($before), $pan($after), ''],
            [
                Words::text('family.scale.time'),
                $minutes($before),
                $minutes($after),
                self::times($before->time->seconds, $after->time->seconds),
            ],
            ...$before->roux === null || $after->roux === null
                ? []
                : [
                    [
                        Words::text('family.scale.roux'),
                        self::roux($before->roux),
                        self::roux($after->roux),
                        self::times($before->roux->seconds, $after->roux->seconds),
                    ],
                ],
            ...$before->pours === 0 ? [] : [[Words::text('family.scale.pours'), (string) $before->pours, (string) $after->pours, '']],
            [Words::text('family.scale.steam'), $steam($before), $steam($after), ''],
        ];
    }

    private static function roux(Duration $time): string
    {
        return Minutes::text($time);
    }

    private static function times(float $before, float $after): string
    {
        return $before <= 0.0 ? '' : Words::text('family.scale.times', factor: sprintf('%.2F', $after / $before));
    }
}
