<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Exception\LentoException;
use Lento\Larder\Fat;
use Lento\Larder\FlourMeasure;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Larder\Thickener;
use Lento\Quantity\Density;
use Lento\Quantity\KitchenNumber;
use Lento\Quantity\Mass;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/** Reads a recipe as a cook writes it, one ingredient a line; a line it cannot read is kept aside, never guessed at. */
final readonly class Reader
{
    /** g: a US stick of butter. */
    private const STICK_GRAMS = 113.4;

    /** ml of juice in a lemon. */
    private const LEMON_MILLILITRES = 45.0;

    private const READY_ROUX = '/\A(?:of\s+)?(?:(?:ready|ready-made|cooked|cold|frozen|white|blonde?|brown|dark)\s+)*roux\z/iu';

    /** "- 1-1/2 cups", "25g/1oz" */
    private const SPACING = ['/\A[-*•]\s*/u', '/\A(\d{1,3})-(\d\/\d)/', '/(?<=\d|\d )([a-z]{1,5})\/(?=[\d¼½¾⅓⅔])/iu'];

    private const BY_WEIGHT = '/\b(?:by\s+weight|weight|weighed)\b/iu';

    /** Share by which two ways of saying one amount differ when they are rounded: 225 g for 8 oz is one in a hundred. */
    private const ROUNDED = 0.1;

    private const SECOND = '/(?:\A\s*\/|\()\s*(' . KitchenNumber::PATTERN . ')\s*([a-z][a-z .]*)/iu';

    /** No single line of a kitchen's recipe holds more than a tonne or a cubic metre. */
    private const MOST_GRAMS = 1e6;

    /** What a cook says of a line that shall not count. */
    public const LEFT_OUT = 'left-out';

    public function __construct(private Larder $larder) {}

    /**
     * @param array<int, string> $as larder ids that a cook has put right, or `left-out`, by the number of the line
     */
    public function read(string $text, array $as = []): Recipe
    {
        $sorted = SortedLines::of($text);
        [$settings, $unread] = [$sorted->settings, $sorted->unread];
        $read = [];
        foreach ($sorted->ingredients as [$number, $what, $atTheEnd]) {
            $roux = isset($as[$number]) ? [] : $this->readyRoux($what, $settings->measures);
            if ($roux !== []) {
                array_push($read, ...array_map(static fn(ReadLine $line): ReadLine => $line->onLine($number), $roux));
                continue;
            }
            $understood = $this->line($what, $settings, $as[$number] ?? null)?->onLine($number);
            if ($understood === null) {
                $unread[$number] = $sorted->lines[$number];
            } else {
                $read[] = $atTheEnd ? $understood->finishing() : $understood;
            }
        }
        ksort($unread);

        return new Recipe(
            $read,
            array_values($unread),
            new Instructions($settings->roux, $settings->simmer, $settings->level, $settings->pan, $settings->reduce, $settings->strain),
            $unread,
            $settings->said,
        );
    }

    /** @return list<ReadLine> "200 g ready roux": as much flour as butter, and said so; none for anything else */
    private function readyRoux(string $line, MeasureSystem $measures): array
    {
        $amount = WrittenAmount::read($line, $measures);
        $unit = $amount?->parts[0][1];
        if ($amount === null || !$unit instanceof MassUnit || preg_match(self::READY_ROUX, trim($amount->phrase)) !== 1) {
            return [];
        }
        $half = Mass::ofGrams(0.5 * $unit->of($amount->parts[0][0])->inGrams());
        if ($half->inGrams() <= 0.0 || $half->inGrams() > self::MOST_GRAMS) {
            return [];
        }
        [$flour, $butter] = [$this->larder->thickener('plain-flour'), $this->larder->fat('butter')];

        return [
            new ReadLine(
                $line,
                $flour->id,
                new Understood($half, $flour->density()->volumeOf($half), true, measuring: $amount->measuring()),
            ),
            new ReadLine(
                $line,
                $butter->id,
                new Understood($half, $butter->density->volumeOf($half), true, measuring: $amount->measuring()),
            ),
        ];
    }

    private function line(string $line, Settings $settings, ?string $as): ?ReadLine
    {
        $measures = $settings->measures;
        if ($as === self::LEFT_OUT) {
            return new ReadLine($line, null, new Understood(Mass::ofGrams(0.0), Volume::ofMillilitres(0.0), false));
        }
        $line = (string) preg_replace(self::SPACING, ['', '$1 $2', '$1 / '], $line);
        $amount = $this->juice($line) ?? WrittenAmount::read($line, $measures);
        if ($amount === null) {
            return $this->toTaste($line);
        }
        $word = $as === null ? KitchenWords::read($this->withoutSecond($amount->phrase)) : ['id' => $as, 'loose' => false];
        if ($word === null || $amount->isNothing()) {
            return null;
        }
        if ($word['id'] === null) {
            return new ReadLine($line, null, new Understood(Mass::ofGrams(0.0), Volume::ofMillilitres(0.0), false));
        }

        return $this->weighed($line, $word, $amount, $settings);
    }

    /** "juice of half a lemon", "the juice of 2 lemons" */
    private function juice(string $line): ?WrittenAmount
    {
        if (preg_match('/\A(?:the\s+)?juice\s+of\s+(.+)\z/iu', $line, $parts) !== 1 || preg_match('/\blemons?\b/iu', $parts[1]) !== 1) {
            return null;
        }
        $counted = WrittenAmount::read($parts[1], MeasureSystem::Metric);

        return $counted === null
            ? null
            : WrittenAmount::of($counted->parts[0][0] * self::LEMON_MILLILITRES, VolumeUnit::Millilitre, 'lemon juice');
    }

    /** @return non-empty-list<array{id: string|null, loose: bool}|null> "salt, pepper and nutmeg", one by one */
    private static function seasonings(string $text): array
    {
        $each = preg_split('/\s*(?:,|&|\band\b)\s*/iu', $text, -1, PREG_SPLIT_NO_EMPTY);

        return $each === false || $each === [] ? [null] : array_map(KitchenWords::read(...), $each);
    }

    /** "Salt to taste", "bay leaf": named without an amount, and light enough to leave out. */
    private function toTaste(string $line): ?ReadLine
    {
        $plain = (string) preg_replace(['/\A(a\s+)?(pinch|dash|grating|few|some)\b/i', '/[,\s]+to (?:taste|season)\.?\z/i'], '', $line);
        $whole = KitchenWords::read($plain);
        $words = $whole === null ? self::seasonings($plain) : [$whole];
        foreach ($words as $word) {
            if ($word === null || !in_array($word['id'], [null, 'salt', 'pepper'], true)) {
                return null;
            }
        }

        return new ReadLine($line, $words[0]['id'], new Understood(Mass::ofGrams(0.0), Volume::ofMillilitres(0.0), false));
    }

    /** @param array{id: string, loose: bool} $word */
    private function weighed(string $line, array $word, WrittenAmount $amount, Settings $settings): ?ReadLine
    {
        [$id, $measures] = [$word['id'], $settings->measures];
        $kind = $this->larder->any($id);
        $density = $kind instanceof Thickener ? $kind->density($this->flourMeasure($amount->phrase)) : $kind->density;
        $byVolume = $kind instanceof Ingredient && $kind->role === Role::Liquid && preg_match(self::BY_WEIGHT, $line) !== 1;
        [$grams, $ounces] = [0.0, false];
        foreach ($amount->parts as [$number, $unit]) {
            // An ounce of a liquid is a fluid ounce, unless it is said to be weighed.
            $fluid = $byVolume && $unit === MassUnit::Ounce;
            $unit = $fluid ? (new UnitNames($measures))->unit('fl oz') : $unit;
            $mass = self::massOf($number, $unit, $kind, $density, KitchenWords::pieceGrams($id, $amount->phrase));
            if ($mass === null) {
                return null;
            }
            // A spoon of flour that nobody said how full it is.
            $full = $kind instanceof Thickener && !$amount->saysHowFull && Measured::by($unit, false) === Measured::Spoon;
            $times = $full ? $settings->spoons?->times() ?? 1.0 : 1.0;
            [$grams, $ounces] = [$grams + $times * $mass->inGrams(), $ounces || $fluid];
        }
        if ($grams > self::MOST_GRAMS) {
            return null;
        }
        $mass = Mass::ofGrams($grams);
        $taken = new Understood(
            $mass,
            $density->volumeOf($mass),
            $word['loose'],
            $this->saidAgain($amount->phrase, $mass, $density, $measures),
            measuring: $amount->measuring(said: $settings->spoons !== null),
            fluidOunces: $ounces,
        );

        return new ReadLine($line, $id, $taken);
    }

    /** @param MassUnit|VolumeUnit|'stick'|null $unit */
    private static function massOf(
        float $number,
        MassUnit|VolumeUnit|string|null $unit,
        Thickener|Fat|Ingredient $kind,
        Density $density,
        ?float $piece,
    ): ?Mass {
        return match (true) {
            $unit instanceof MassUnit => $unit->of($number),
            $unit instanceof VolumeUnit => $density->massOf($unit->of($number)),
            $unit === WrittenAmount::STICK && $kind instanceof Fat => Mass::ofGrams(self::STICK_GRAMS * $number),
            // A stick of celery is a piece of it.
            $piece !== null => Mass::ofGrams($piece * $number),
            default => null,
        };
    }

    /** "8 oz" of "(8 oz) butter" or "/ 8 oz butter", where it is another amount than the one before it. */
    private function saidAgain(string $phrase, Mass $mass, Density $density, MeasureSystem $measures): ?Mass
    {
        if (preg_match(self::SECOND, $phrase, $parts) !== 1) {
            return null;
        }
        try {
            $number = KitchenNumber::parse($parts[1])->value;
        } catch (LentoException) {
            return null;
        }
        [, $unit] = WrittenAmount::read('1 ' . $parts[2], $measures)->parts[0] ?? [1.0, null];
        $second = match (true) {
            $unit instanceof MassUnit => $unit->of($number),
            $unit instanceof VolumeUnit => $density->massOf($unit->of($number)),
            $unit === WrittenAmount::STICK => Mass::ofGrams(self::STICK_GRAMS * $number),
            default => null,
        };

        return $second === null || abs($second->inGrams() - $mass->inGrams()) <= self::ROUNDED * $mass->inGrams() ? null : $second;
    }

    private function withoutSecond(string $phrase): string
    {
        return (string) preg_replace(
            '/\A\s*\/\s*' . KitchenNumber::PATTERN . '\s*(?:g|kg|oz|lb|ml|l|cups?|tbsp|tsp|pints?|quarts?|fl oz)\b/iu',
            '',
            $phrase,
        );
    }

    private function flourMeasure(string $phrase): FlourMeasure
    {
        return match (1) {
            preg_match('/\bscooped\b/i', $phrase) => FlourMeasure::Scooped,
            preg_match('/\bsifted\b/i', $phrase) => FlourMeasure::Sifted,
            default => FlourMeasure::Spooned,
        };
    }
}
