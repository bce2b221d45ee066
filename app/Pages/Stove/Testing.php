<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Bands;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\WatchWords;
use App\Format\Words;
use Lento\Course\EventKind;
use Lento\Course\Happened\ReadOff;
use Lento\Course\ReadingKind;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Stove\MoveKind;
use Lento\Stove\PotWatch;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\SpoonWord;

/** The tests of the thickness: what to hold the spoon against, what they say, and the next move with the one tap that does it. */
final readonly class Testing
{
    public function __construct(private PotWatch $pot) {}

    /** What a test has said so far: class, thickness and the next move. */
    public function verdict(): string
    {
        $sauce = $this->pot->sauce;
        if ($sauce === null || !$sauce->boiled) {
            return Words::text('stove.boil.gate');
        }

        return $sauce->reckoning->strength->observations === 0 && $sauce->curve->read === []
            ? Words::text('stove.test.none')
            : Words::text(
                'stove.test.says',
                class: Words::text('thickness.class.' . $sauce->thickness->thicknessClass()->value),
                thickness: Bands::thickness($sauce->thickness),
            );
    }

    /** @return string '' before there is anything to move */
    public function move(): string
    {
        return $this->pot->move === null ? '' : WatchWords::move($this->pot->move, $this->pot);
    }

    public function then(): string
    {
        return $this->pot->move === null ? '' : WatchWords::moveThen($this->pot->move);
    }

    /**
     * The one tap that does what is to be done, as an event: what it says, and what it sends. While it simmers only a pot that is too thick
     * is
     * helped; everything else waits for the test.
     *
     * @return array{kind: string, fields: array<string, string>, says: string}|null null where there is nothing to do but go on
     */
    public function tap(): ?array
    {
        $move = $this->pot->move;
        $helps = match ($this->pot->course->step()->kind) {
            StepKind::Correct => true,
            StepKind::Simmer, StepKind::Reduce => $move?->kind === MoveKind::Thin,
            default => false,
        };
        if ($move === null || !$helps) {
            return null;
        }
        $litres = $move->liquid ?? Volume::ofMillilitres(0.0);
        $thickener = $move->thickener ?? Mass::ofGrams(0.0);
        $minutes = WatchWords::minutes($move->time);

        return match ($move->kind) {
            MoveKind::Thin => self::sends(
                EventKind::ToppedUp,
                ['litres' => sprintf('%.3F', $litres->inLitres())],
                Words::text('stove.move.done-thin', amount: Litres::of($litres)->text()),
            ),
            MoveKind::Thicken => self::sends(
                EventKind::Thickened,
                ['choice' => $move->means->value ?? '', 'grams' => sprintf('%.1F', $thickener->inGrams())],
                Words::text('stove.move.done-thicken', amount: Grams::of($thickener)->text()),
            ),
            // Once its minutes run there is nothing to tap but their end.
            MoveKind::Reduce, MoveKind::CookOut => $this->pot->course->timerEnds() !== null
                ? null
                : self::sends(
                    EventKind::MoreTime,
                    ['seconds' => (string) (60 * $minutes)],
                    Words::text('stove.move.start', minutes: $minutes),
                ),
            default => null,
        };
    }

    /**
     * @return list<array{word: SpoonWord, film: float, yield: float, viscosity: float, read: bool}> this sauce as each word would show it
     */
    public function spoons(): array
    {
        $last = null;
        foreach ($this->pot->course->all(ReadOff::class) as $read) {
            $last = $read->reading->kind === ReadingKind::Spoon ? $read->reading->asSpoonWord() : $last;
        }

        return array_map(function (SpoonWord $word) use ($last): array {
            $flow = $this->pot->sauce?->reckoning->showing($word)
            ?? Flow::of($this->pot->cooking->sauces->tested, Temperature::ofCelsius(EquivalentFlour::CELSIUS));

            return [
                'word' => $word,
                'film' => SpoonTest::of($flow)->film->inMillimetres(),
                'yield' => $flow->yield,
                'viscosity' => $flow->viscosity(EquivalentFlour::SHEAR)->pascalSeconds,
                'read' => $word === $last,
            ];
        }, SpoonWord::cases());
    }

    /**
     * @param array<string, string> $fields
     *
     * @return array{kind: string, fields: array<string, string>, says: string}
     */
    private static function sends(EventKind $kind, array $fields, string $says): array
    {
        return ['kind' => $kind->value, 'fields' => $fields, 'says' => $says];
    }
}
