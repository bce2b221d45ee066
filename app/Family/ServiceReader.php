<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use App\Typed\ClockTime;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
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

    private Fields $read;

    private function __construct(private ServiceFields $fields, private Kitchen $kitchen, private Catalogue $catalogue)
    {
        $this->read = Fields::read($fields->toRow(), $this->rules());
    }

    public static function read(ServiceFields $fields, Kitchen $kitchen, Catalogue $catalogue): ServiceReading
    {
        return (new self($fields, $kitchen, $catalogue))->reading();
    }

    /** @return array<string, list<mixed>> */
    private function rules(): array
    {
        $sauce = [new ServedSauce($this->catalogue, $this->kitchen)];
        $litres = [Number::between(self::LEAST_LITRES, self::MOST_LITRES, ' l')->needed()];
        $rules = [
            'wishes.*.sauce' => $sauce,
            'wishes.*.thickness' => [OneOf::cases(ThicknessClass::askable())],
            'have.*.sauce' => $sauce,
            'have.*.litres' => $litres,
            'spare' => [Number::between(0.0, 100.0 * Service::MOST_SPARE, ' %')],
            'at' => [new ClockTime()],
            'wishes.*.at' => [new ClockTime()],
        ];
        // A row has covers or litres, whichever was typed.
        foreach ($this->fields->wishes as $i => $row) {
            $rules += $row['covers'] === ''
                ? ["wishes.$i.litres" => $litres]
                : [
                    "wishes.$i.covers" => [Number::between(1.0, self::MOST_COVERS)],
                    "wishes.$i.each" => [Number::between(self::LEAST_EACH, self::MOST_EACH, ' ml')],
                ];
        }

        return $rules;
    }

    private function reading(): ServiceReading
    {
        [$wishes, $rows, $have, $faults] = [[], [], [], $this->read->faults];
        foreach ($this->fields->wishes as $i => $row) {
            $litres = $row['covers'] === '' ? $this->read->number("wishes.$i.litres") : $this->covers($i);
            if ($litres instanceof FieldFault) {
                $faults += [$litres->field => $litres];
            } elseif ($litres !== null && !$this->read->isFaulty("wishes.$i.sauce", "wishes.$i.thickness")) {
                $class = $this->read->enum("wishes.$i.thickness", ThicknessClass::class);
                $wishes[] = new Wish($row['sauce'], $this->liquid($row), Volume::ofLitres($litres), $class);
                $rows[] = $i;
            }
        }
        foreach ($this->fields->have as $i => $row) {
            $litres = $this->read->number("have.$i.litres");
            if ($litres !== null && !$this->read->isFaulty("have.$i.sauce")) {
                $have[] = new OnHand($row['sauce'], $this->liquid($row), Volume::ofLitres($litres));
            }
        }

        return new ServiceReading(Service::of($wishes, ($this->read->number('spare') ?? 0.0) / 100.0, $have), $rows, $faults);
    }

    /**
     * What its base is made with: said, or the usual one.
     *
     * @param array<string, string> $row of a sauce that there is
     */
    private function liquid(array $row): string
    {
        $liquids = Liquids::of($row['sauce'], $this->catalogue, $this->kitchen);

        // A sauce that was changed has another base: its old stock no longer holds.
        return in_array($row['liquid'], $liquids, true) ? $row['liquid'] : $liquids[0];
    }

    private function covers(int $i): float|FieldFault|null
    {
        $covers = $this->read->number("wishes.$i.covers");
        $each = $this->fields->wishes[$i]['each'] === ''
            ? $this->kitchen->portion()->inMillilitres()
            : $this->read->number("wishes.$i.each");
        if ($covers === null || $each === null) {
            return null;
        }
        $litres = $covers * $each / 1000.0;

        return $litres < self::LEAST_LITRES || $litres > self::MOST_LITRES
            ? Number::between(self::LEAST_LITRES, self::MOST_LITRES, ' l')->outside("wishes.$i.covers")->named('covers_litres')
            : $litres;
    }
}
