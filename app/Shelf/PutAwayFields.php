<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Kitchen\OwnVessel;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use Lento\Keeping\ReadingSense;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\Happened\Taken;
use Lento\Shelf\Spot;

/** What was typed of where a sauce goes: litres, vessels, places, row by row. */
final readonly class PutAwayFields
{
    public const ROWS = 4;

    /** °C of what nobody has read: just off the stove. */
    public const HOT = 85.0;

    public const MOST_VESSELS = 20;

    private const LEAST_LITRES = 0.01;

    /**
     * @param list<array{litres: string, vessel: string, count: string, spot: string}> $rows
     * @param array<string, FieldFault> $faults by field
     * @param array<int, Portion> $portions by row, those that could be read
     */
    private function __construct(
        public array $rows,
        public string $celsius,
        public array $faults,
        public array $portions,
        public Temperature $temperature,
    ) {}

    /**
     * @param array<mixed> $typed
     * @param array<int, OwnVessel> $vessels of the kitchen, by id
     */
    public static function read(array $typed, array $vessels): self
    {
        $rows = self::rows($typed['rows'] ?? null);
        $celsius = is_scalar($typed['celsius'] ?? null) ? trim((string) $typed['celsius']) : '';
        $used = array_keys(array_filter($rows, static fn(array $row): bool => $row['litres'] !== ''));
        $rules = ['celsius' => [Number::between(ReadingSense::LEAST_CELSIUS, ReadingSense::MOST_CELSIUS, ' °C')]];
        foreach ($used as $i) {
            $rules["rows.$i.litres"] = [Number::between(self::LEAST_LITRES, Taken::MOST_LITRES, ' l')->needed()];
            $rules["rows.$i.count"] = [Number::whole(1, self::MOST_VESSELS)];
            $rules["rows.$i.vessel"] = [OneOf::of(array_map(strval(...), array_keys($vessels)))->needed()];
            $rules["rows.$i.spot"] = [OneOf::cases(Spot::cases())->needed()];
        }
        $read = Fields::read(['rows' => $rows, 'celsius' => $celsius], $rules);
        [$portions, $faults] = [[], $read->faults];
        foreach ($used as $i) {
            $litres = $read->number("rows.$i.litres");
            $spot = $read->enum("rows.$i.spot", Spot::class);
            $vessel = $vessels[(int) ($read->word("rows.$i.vessel") ?? '0')] ?? null;
            if ($litres === null || $spot === null || $vessel === null || $read->isFaulty("rows.$i.count")) {
                continue;
            }
            $portion = new Portion(Volume::ofLitres($litres), $vessel, max(1, (int) ($read->number("rows.$i.count") ?? 1)), $spot);
            $portions[$i] = $portion;
            if ($portion->isTooFull()) {
                $faults["rows.$i.count"] = FieldFault::of("rows.$i.count", 'too_full', [
                    'most' => sprintf('%.1F', floor(10.0 * $vessel->measured()->most()->inLitres()) / 10.0),
                ]);
            }
        }
        if ($used === []) {
            $faults['rows.0.litres'] = Number::between(self::LEAST_LITRES, Taken::MOST_LITRES, ' l')->outside('rows.0.litres');
        }

        return new self($rows, $celsius, $faults, $portions, Temperature::ofCelsius($read->number('celsius') ?? self::HOT));
    }

    public function total(): Volume
    {
        return Volume::ofCubicMetres(
            array_sum(array_map(static fn(Portion $one): float => $one->volume->cubicMetres, $this->portions)),
        );
    }

    /** @return list<array{litres: string, vessel: string, count: string, spot: string}> */
    private static function rows(mixed $typed): array
    {
        $rows = [];
        $text = static fn(mixed $value): string => is_scalar($value) ? mb_substr(trim((string) $value), 0, 20) : '';
        foreach (is_array($typed) ? array_slice(array_values($typed), 0, self::ROWS) : [] as $row) {
            $row = is_array($row) ? $row : [];
            $rows[] = [
                'litres' => $text($row['litres'] ?? ''),
                'vessel' => $text($row['vessel'] ?? ''),
                'count' => $text($row['count'] ?? ''),
                'spot' => $text($row['spot'] ?? ''),
            ];
        }

        return $rows;
    }
}
