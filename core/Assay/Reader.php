<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Exception\LentoException;
use Lento\Larder\Fat;
use Lento\Larder\FlourMeasure;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;
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

    /** No single line of a kitchen's recipe holds more than a tonne or a cubic metre. */
    private const MOST_GRAMS = 1e6;

    public function __construct(private Larder $larder) {}

    public function read(string $text): Recipe
    {
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", strtr(mb_scrub($text), "\r", "\n"))), static fn(string $line): bool => $line !== ''));
        $settings = Settings::none();
        $ingredients = [];
        $unread = [];
        $finishes = false;
        foreach ($lines as $line) {
            if (preg_match('/\A[-*•]?\s*finish(?:es|ing)?\s*(?:[:=]\s*(.*)|with\s*:?\s*(.*))\z/iu', $line, $finish) === 1) {
                $what = $finish[1] !== '' ? $finish[1] : $finish[2] ?? '';
                $what === '' ? $finishes = true : $ingredients[] = [$line, $what, true];
            } elseif (preg_match('/\A([a-z]+)\s*[:=]\s*(.+)\z/i', $line, $setting) === 1) {
                $next = $settings->with(strtolower($setting[1]), strtolower(trim($setting[2])));
                $next === null ? $unread[] = $line : $settings = $next;
            } else {
                $ingredients[] = [$line, $line, $finishes];
            }
        }
        $read = [];
        foreach ($ingredients as [$line, $what, $atTheEnd]) {
            $understood = $this->line($what, $settings->measures);
            if ($understood === null) {
                $unread[] = $line;
            } else {
                $read[] = $atTheEnd ? $understood->finishing() : $understood;
            }
        }
        usort($unread, static fn(string $a, string $b): int => array_search($a, $lines, true) <=> array_search($b, $lines, true));

        return new Recipe($read, $unread, $settings->colour, $settings->simmer, $settings->level, $settings->pan, $settings->reduce, $settings->strain);
    }

    private function line(string $line, MeasureSystem $measures): ?ReadLine
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
        $word = KitchenWords::read($phrase);
        if ($word === null || $number <= 0.0) {
            return null;
        }
        if ($word['id'] === null) {
            return new ReadLine($line, null, Mass::ofGrams(0.0), Volume::ofMillilitres(0.0), false);
        }

        return $this->weighed($line, $word['id'], $word['loose'], $number, $unit, $phrase);
    }

    /** "Salt to taste", "bay leaf": named without an amount, and light enough to leave out. */
    private function toTaste(string $line): ?ReadLine
    {
        $word = KitchenWords::read((string) preg_replace('/\A(a\s+)?(pinch|dash|grating|few|some)\b/i', '', $line));
        if ($word === null || !in_array($word['id'], [null, 'salt', 'pepper'], true)) {
            return null;
        }

        return new ReadLine($line, $word['id'], Mass::ofGrams(0.0), Volume::ofMillilitres(0.0), false);
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
    private function weighed(string $line, string $id, bool $loose, float $number, MassUnit|VolumeUnit|string|null $unit, string $phrase): ?ReadLine
    {
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

        return new ReadLine($line, $id, $mass, $density->volumeOf($mass), $loose);
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
