<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** A roux at one moment of its cooking; time counts from when the flour went in. */
final readonly class RouxState
{
    public Shade $shade;

    /**
     * @param Duration $melting how long the fat was alone in the pan before
     * @param float $dose min at 160 °C; goes on growing where the shade stops at 4
     * @param float $rawTaste 1 raw, 0 cooked out
     * @param Mass $water free water of fat and flour still in the paste
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public Duration $melting,
        public Duration $time,
        public Temperature $temperature,
        public float $dose,
        public float $rawTaste,
        public Mass $water,
    ) {
        OutOfRange::refuse('dose', $dose, 0.0, 1e6, 'min');
        OutOfRange::refuse('raw-taste', $rawTaste, 0.0, 1.0, '');
        $this->shade = Shade::afterDose($dose);
    }

    /**
     * @internal plain numbers in, from the inner loops
     *
     * @param float $meltingSeconds of the fat alone
     * @param float $seconds since the flour went in
     * @param float $dose min at 160 °C
     * @param float $decay raw taste left is e to the minus this
     */
    public static function of(float $meltingSeconds, float $seconds, float $celsius, float $dose, float $decay, float $waterGrams): self
    {
        return new self(
            Duration::ofSeconds($meltingSeconds),
            Duration::ofSeconds($seconds),
            Temperature::ofCelsius($celsius),
            $dose,
            exp(-$decay),
            Mass::ofGrams($waterGrams),
        );
    }

    /** As a probe finds it. */
    public function heatedTo(Temperature $temperature): self
    {
        return new self($this->melting, $this->time, $temperature, $this->dose, $this->rawTaste, $this->water);
    }

    /** As the eye finds it. */
    public function colouredTo(Shade $shade): self
    {
        return new self($this->melting, $this->time, $this->temperature, $shade->dose(), $this->rawTaste, $this->water);
    }

    /** @internal for inner loops: raw taste left is e to the minus this */
    public function decay(): float
    {
        return $this->rawTaste > 0.0 ? -log($this->rawTaste) : INF;
    }
}
