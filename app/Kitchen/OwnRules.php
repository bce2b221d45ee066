<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Typed\TypedNumber;
use Lento\Exception\LentoException;
use Lento\Keeping\CoolingStage;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\KeepingDays;
use Lento\Keeping\Keeps;
use Lento\Keeping\Place;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** The numbers that a kitchen keeps its sauces by: its guidance, its days, its cold places. As it has set them, else the house's. */
final readonly class OwnRules
{
    /** The name of a kitchen's own guidance among the presets. */
    public const NAME = 'own';

    /** °C and hours, as the section of the Kitchen page has them. */
    public const FIELDS = ['hold', 'from', 'to', 'hours', 'from2', 'to2', 'hours2', 'reheat', 'keep'];

    public const PLACES = ['walk_in' => Place::WalkInFan, 'blast' => Place::BlastChiller];

    /** @param array<string, string> $settings */
    public function __construct(private array $settings) {}

    /** Its own numbers, where they make rules; null where it goes by a preset. */
    public function own(): ?FoodSafety
    {
        $number = fn(string $field): ?float => TypedNumber::number($this->settings['rules_' . $field] ?? '');
        [$hold, $reheat, $keep] = [$number('hold'), $number('reheat'), $number('keep')];
        $stages = array_values(array_filter([
            self::stage($number('from'), $number('to'), $number('hours')),
            self::stage($number('from2'), $number('to2'), $number('hours2')),
        ]));
        try {
            return $hold === null || $reheat === null || $keep === null || $stages === [] ? null : FoodSafety::own(
                self::NAME,
                Temperature::ofCelsius($hold),
                $stages,
                Temperature::ofCelsius($reheat),
                null,
                Temperature::ofCelsius($keep),
            );
        } catch (LentoException) {
            return null;
        }
    }

    /** Since when its own numbers read so, and what they are called there. */
    public function asOf(): string
    {
        return $this->settings['rules_as_of'] ?? '';
    }

    /** @return array<string, string> of any guidance, as the section shows it */
    public static function shown(FoodSafety $rules): array
    {
        $stage = static fn(int $i, string $what): string => !isset($rules->stages[$i]) ? '' : TypedNumber::plain(match ($what) {
            'from' => $rules->stages[$i]->from->inCelsius(),
            'to' => $rules->stages[$i]->to->inCelsius(),
            default => $rules->stages[$i]->within->inMinutes() / 60.0,
        });

        return [
            'hold' => TypedNumber::plain($rules->holdAtLeast->inCelsius()),
            'from' => $stage(0, 'from'),
            'to' => $stage(0, 'to'),
            'hours' => $stage(0, 'hours'),
            'from2' => $stage(1, 'from'),
            'to2' => $stage(1, 'to'),
            'hours2' => $stage(1, 'hours'),
            'reheat' => TypedNumber::plain($rules->reheatTo->inCelsius()),
            'keep' => TypedNumber::plain($rules->keepAtMost->inCelsius()),
        ];
    }

    public function days(): KeepingDays
    {
        $days = KeepingDays::house();
        foreach (Keeps::cases() as $keeps) {
            [$chilled, $frozen] = [
                TypedNumber::number($this->settings['days_' . $keeps->value] ?? ''),
                TypedNumber::number($this->settings['frozen_' . $keeps->value] ?? ''),
            ];
            try {
                $days = $days->with(
                    $keeps,
                    (int) ($chilled ?? $days->chilled($keeps)),
                    (int) ($frozen ?? $days->frozen($keeps)),
                );
            } catch (LentoException) {
                // What was written down once and no longer makes sense is left out.
                continue;
            }
        }

        return $days;
    }

    /** @return list<Place> where it can cool something */
    public function places(): array
    {
        $has = fn(string $what): bool => ($this->settings['cold_' . $what] ?? 'no') === 'yes';

        return [
            Place::Fridge,
            Place::FridgeUncovered,
            Place::IceBathStirred,
            Place::IceBath,
            ...array_values(array_filter(self::PLACES, static fn(Place $place, string $what): bool => $has($what), ARRAY_FILTER_USE_BOTH)),
        ];
    }

    private static function stage(?float $from, ?float $to, ?float $hours): ?CoolingStage
    {
        return $from === null || $to === null || $hours === null || $hours <= 0.0
            ? null
            : new CoolingStage(Temperature::ofCelsius($from), Temperature::ofCelsius($to), Duration::ofMinutes(60.0 * $hours));
    }
}
