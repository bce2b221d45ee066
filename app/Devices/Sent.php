<?php

declare(strict_types=1);

namespace App\Devices;

/** One reading as a device sent it. */
final readonly class Sent
{
    /**
     * @param string $id the device's own, so that what is sent twice is told so
     * @param int $atMs by the device's clock
     * @param float $value °C, or kg
     */
    public function __construct(public string $id, public int $atMs, public float $value) {}
}
