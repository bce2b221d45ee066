<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Family\OnHand;
use Lento\Family\Service;
use Lento\Family\Wish;
use Lento\Quantity\Volume;
use Lento\Thickness\ThicknessClass;

/** Turns the typed rows of a service into wishes for the core, and collects what is wrong, row by row. */
final readonly class ServiceReader
{
    public const MOST_COVERS = 5000.0;

    public const LEAST_EACH = 2.0;

    public const MOST_EACH = 1000.0;

    public const LEAST_LITRES = 0.05;

    public const MOST_LITRES = 150.0;

    private function __construct(private Kitchen $kitchen, private Catalogue $catalogue) {}

    public static function read(ServiceFields $fields, Kitchen $kitchen, Catalogue $catalogue): ServiceReading
    {
        $reader = new self($kitchen, $catalogue);
        [$wishes, $rows, $faults, $have] = [[], [], [], []];
        foreach ($fields->wishes as $i => $row) {
            $wish = $reader->wish($row, "wishes.$i");
            if ($wish instanceof Wish) {
                [$wishes, $rows] = [[...$wishes, $wish], [...$rows, $i]];
            } else {
                $faults = [...$faults, ...$wish];
            }
        }
        foreach ($fields->have as $i => $row) {
            $here = $reader->onHand($row, "have.$i");
            if ($here instanceof OnHand) {
                $have[] = $here;
            } else {
                $faults = [...$faults, ...$here];
            }
        }
        $spare = $fields->spare === '' ? 0.0 : TypedNumber::number($fields->spare);
        if ($spare === null || $spare < 0.0 || $spare > 100.0 * Service::MOST_SPARE) {
            $faults['spare'] = self::between('spare', 0.0, 100.0 * Service::MOST_SPARE, ' %');
            $spare = 0.0;
        }
        if ($fields->at !== '' && preg_match('/\A([01]?\d|2[0-3])[:.h]?([0-5]\d)\z/', $fields->at) !== 1) {
            $faults['at'] = new FieldFault('at', 'time');
        }

        return new ServiceReading(Service::of($wishes, $spare / 100.0, $have), $rows, $faults);
    }

    /**
     * @param array<string, string> $row
     *
     * @return Wish|non-empty-array<string, FieldFault>
     */
    private function wish(array $row, string $at): Wish|array
    {
        $liquid = $this->liquid($row, $at);
        if (!is_string($liquid)) {
            return $liquid;
        }
        $class = $row['thickness'] === '' ? null : ThicknessClass::tryFrom($row['thickness']);
        if ($row['thickness'] !== '' && $class === null) {
            return [
                "$at.thickness" => new FieldFault('thickness', 'choice', [
                    'value' => $row['thickness'],
                    'choices' => implode(', ', array_column(ThicknessClass::askable(), 'value')),
                ]),
            ];
        }
        $litres = $row['covers'] === '' ? $this->litres($row['litres'], "$at.litres") : $this->covers($row, $at);

        return is_float($litres) ? new Wish($row['sauce'], $liquid, Volume::ofLitres($litres), $class) : $litres;
    }

    /**
     * @param array<string, string> $row
     *
     * @return OnHand|non-empty-array<string, FieldFault>
     */
    private function onHand(array $row, string $at): OnHand|array
    {
        $liquid = $this->liquid($row, $at);
        if (!is_string($liquid)) {
            return $liquid;
        }
        $litres = $this->litres($row['litres'], "$at.litres");

        return is_float($litres) ? new OnHand($row['sauce'], $liquid, Volume::ofLitres($litres)) : $litres;
    }

    /**
     * What its base is made with: said, or the usual one.
     *
     * @param array<string, string> $row
     *
     * @return string|non-empty-array<string, FieldFault>
     */
    private function liquid(array $row, string $at): string|array
    {
        if (!$this->catalogue->has($row['sauce'])) {
            return ["$at.sauce" => new FieldFault('service_sauce', 'unknown_sauce', ['value' => $row['sauce']])];
        }
        try {
            $liquids = Liquids::of($row['sauce'], $this->catalogue, $this->kitchen);
        } catch (LentoException) {
            return ["$at.sauce" => new FieldFault('service_sauce', 'unknown_sauce', ['value' => $row['sauce']])];
        }

        // A sauce that was changed has another base: its old stock no longer holds.
        return in_array($row['liquid'], $liquids, true) ? $row['liquid'] : $liquids[0];
    }

    /**
     * @param array<string, string> $row
     *
     * @return float|non-empty-array<string, FieldFault>
     */
    private function covers(array $row, string $at): float|array
    {
        $covers = TypedNumber::number($row['covers']);
        $each = $row['each'] === '' ? $this->kitchen->portion()->inMillilitres() : TypedNumber::number($row['each']);
        if ($covers === null || $covers < 1.0 || $covers > self::MOST_COVERS) {
            return ["$at.covers" => self::between('covers', 1.0, self::MOST_COVERS, '')];
        }
        if ($each === null || $each < self::LEAST_EACH || $each > self::MOST_EACH) {
            return ["$at.each" => self::between('each', self::LEAST_EACH, self::MOST_EACH, ' ml')];
        }
        $litres = $covers * $each / 1000.0;

        return $litres < self::LEAST_LITRES || $litres > self::MOST_LITRES
            ? ["$at.covers" => self::between('covers_litres', self::LEAST_LITRES, self::MOST_LITRES, ' l')]
            : $litres;
    }

    /** @return float|non-empty-array<string, FieldFault> */
    private function litres(string $text, string $at): float|array
    {
        $litres = TypedNumber::number($text);

        return $litres === null || $litres < self::LEAST_LITRES || $litres > self::MOST_LITRES
            ? [$at => self::between('litres', self::LEAST_LITRES, self::MOST_LITRES, ' l')]
            : $litres;
    }

    private static function between(string $field, float $least, float $most, string $unit): FieldFault
    {
        return new FieldFault($field, 'number', [
            'least' => TypedNumber::plain($least),
            'most' => TypedNumber::plain($most),
            'unit' => $unit,
        ]);
    }
}
