<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Exception\LentoException;
use Lento\Larder\Fat;
use Lento\Larder\FlourMeasure;
use Lento\Larder\Larder;
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

    /** Share by which two ways of saying one amount differ when they are rounded: 225 g for 8 oz is one in a hundred. */
    private const ROUNDED = 0.1;

    private const SECOND = '/(?:\A\s*\/|\()\s*(' . KitchenNumber::PATTERN . ')\s*([a-z][a-z .]*)/iu';

    /** No single line of a kitchen's recipe holds more than a tonne or a cubic metre. */
    private const MOST_GRAMS = 1e6;

    public function __construct(private Larder $larder) {}

    /**
     * @param array<int, string> $as larder ids that a cook has put right, by the number of the line
     */
    public function read(string $text, array $as = []): Recipe
    {
        $lines = array_values(
            array_filter(
                array_map(trim(...), explode("\n", strtr(mb_scrub($text), "\r", "\n"))),
                static fn(string $line): bool => $line !== '',
            ),
        );
        $settings = Settings::none();
        $ingredients = [];
        $unread = [];
        $finishes = false;
        foreach ($lines as $number => $line) {
            if (preg_match('/\A[-*•]?\s*finish(?:es|ing)?\s*(?:[:=]\s*(.*)|with\s*:?\s*(.*))\z/iu', $line, $finish) === 1) {
                $what = $finish[1] !== '' ? $finish[1] : $finish[2] ?? '';
                $what === '' ? $finishes = true : $ingredients[] = [$number, $what, true];
            } elseif (preg_match('/\A([a-z]+)\s*[:=]\s*(.+)\z/i', $line, $setting) === 1) {
                $next = $settings->with(strtolower($setting[1]), strtolower(trim($setting[2])));
                $next === null ? $unread[$number] = $line : $settings = $next;
            } else {
                $ingredients[] = [$number, $line, $finishes];
            }
        }
        $read = [];
        foreach ($ingredients as [$number, $what, $atTheEnd]) {
            $understood = $this->line($what, $settings->measures, $as[$number] ?? null)?->onLine($number);
            if ($understood === null) {
                $unread[$number] = $lines[$number];
            } else {
                $read[] = $atTheEnd ? $understood->finishing() : $understood;
            }
        }
        ksort($unread);

        return new Recipe(
            $read,
            array_values($unread),
            new Instructions($settings->colour, $settings->simmer, $settings->level, $settings->pan, $settings->reduce, $settings->strain),
            $unread,
        );
    }

    private function line(string $line, MeasureSystem $measures, ?string $as): ?ReadLine
    {
        $line = (string) preg_replace('/\A[-*•]\s*/u', '', $line);
        if (preg_match('/\A(' . KitchenNumber::PATTERN . ')\s*(.*)\z/us', $line, $parts) !== 1) {
            return $this->toTaste($line);
        }
        try {
            $number = KitchenNumber::parse($parts[1])->value;
        } catch (LentoException) {
            return null;
        }
        [$unit, $phrase] = $this->unit($parts[2], $measures);
        $word = $as === null ? KitchenWords::read($this->withoutSecond($phrase)) : ['id' => $as, 'loose' => false];
        if ($word === null || $number <= 0.0) {
            return null;
        }
        if ($word['id'] === null) {
            return new ReadLine($line, null, new Understood(Mass::ofGrams(0.0), Volume::ofMillilitres(0.0), false));
        }

        return $this->weighed($line, $word['id'], $word['loose'], $number, $unit, $phrase, $measures);
    }

    /** "Salt to taste", "bay leaf": named without an amount, and light enough to leave out. */
    private function toTaste(string $line): ?ReadLine
    {
        $word = KitchenWords::read((string) preg_replace('/\A(a\s+)?(pinch|dash|grating|few|some)\b/i', '', $line));
        if ($word === null || !in_array($word['id'], [null, 'salt', 'pepper'], true)) {
            return null;
        }

        return new ReadLine($line, $word['id'], new Understood(Mass::ofGrams(0.0), Volume::ofMillilitres(0.0), false));
    }

    /** @return array{MassUnit|VolumeUnit|'stick'|null, string} the longest unit the text begins with, and the rest */
    private function unit(string $text, MeasureSystem $measures): array
    {
        $names = new UnitNames($measures);
        $words = array_values(array_filter(explode(' ', strtr($text, "\t", ' ')), static fn(string $word): bool => $word !== ''));
        for ($length = min(3, count($words)); $length > 0; $length--) {
            $head = implode(' ', array_slice($words, 0, $length));
            $unit = in_array(mb_strtolower($head), ['stick', 'sticks'], true) ? 'stick' : $names->find($head);
            if ($unit !== null) {
                return [$unit, implode(' ', array_slice($words, $length))];
            }
        }

        return [null, $text];
    }

    /** @param MassUnit|VolumeUnit|'stick'|null $unit */
    private function weighed(
        string $line,
        string $id,
        bool $loose,
        float $number,
        MassUnit|VolumeUnit|string|null $unit,
        string $phrase,
        MeasureSystem $measures,
    ): ?ReadLine {
        $kind = $this->larder->any($id);
        $density = $kind instanceof Thickener ? $kind->density($this->flourMeasure($phrase)) : $kind->density;
        $piece = KitchenWords::pieceGrams($id);
        $mass = match (true) {
            $unit instanceof MassUnit => $unit->of($number),
            $unit instanceof VolumeUnit => $density->massOf($unit->of($number)),
            $unit === 'stick' && $kind instanceof Fat => Mass::ofGrams(self::STICK_GRAMS * $number),
            $unit === null && $piece !== null => Mass::ofGrams($piece * $number),
            default => null,
        };
        if ($mass === null || $mass->inGrams() > self::MOST_GRAMS) {
            return null;
        }

        return new ReadLine(
            $line,
            $id,
            new Understood($mass, $density->volumeOf($mass), $loose, $this->saidAgain($phrase, $mass, $density, $measures)),
        );
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
        [$unit] = $this->unit($parts[2], $measures);
        $second = match (true) {
            $unit instanceof MassUnit => $unit->of($number),
            $unit instanceof VolumeUnit => $density->massOf($unit->of($number)),
            $unit === 'stick' => Mass::ofGrams(self::STICK_GRAMS * $number),
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
