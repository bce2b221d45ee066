<?php

declare(strict_types=1);

namespace Lento\Assay;

/** The lines of a recipe, sorted: what says how it is cooked, what goes into it, and what is left over. */
final readonly class SortedLines
{
    private const FINISH = '/\A[-*•]?\s*finish(?:es|ing)?\s*(?:[:=]\s*(.*)|with\s*:?\s*(.*))\z/iu';

    /** From here on nothing is weighed out: what the method says of amounts, the list above it has said before. */
    private const METHOD = '/\A(?:method|instructions|directions|steps|preparation)\s*:?\z/iu';

    private const HEADING = '/\A(?:ingredients|you (?:will )?need)\s*:?\z/iu';

    private const SETTING = '/\A([a-z]+)\s*[:=]\s*(.+)\z/iu';

    /** "Serves 4–6", "Makes about 2 cups" */
    private const SERVES = '/\A(?:serves|makes|yields|yield|enough for|for(?= \d))\s+(.+?)'
        . '(?:\s+(?:people|persons|servings|portions|covers|guests))?\.?\z/iu';

    /**
     * @param list<string> $lines all that are not empty
     * @param list<array{int, string, bool}> $ingredients number of the line, what it says, whether it is stirred in at the end
     * @param array<int, string> $unread by the number of the line
     */
    private function __construct(public array $lines, public Settings $settings, public array $ingredients, public array $unread) {}

    public static function of(string $text): self
    {
        $lines = array_values(
            array_filter(
                array_map(trim(...), explode("\n", strtr(mb_scrub($text), "\r", "\n"))),
                static fn(string $line): bool => $line !== '',
            ),
        );
        $settings = Settings::none();
        [$ingredients, $unread, $finishes, $method] = [[], [], false, false];
        foreach ($lines as $number => $line) {
            $said = self::settingOf($line, $settings) ?? ($number === 0 && count($lines) > 1 ? self::titled($line, $settings) : null);
            $at = preg_match(self::FINISH, $line, $finish) === 1 ? ($finish[1] !== '' ? $finish[1] : $finish[2] ?? '') : null;
            if (preg_match(self::METHOD, $line) === 1) {
                $method = true;
            } elseif ($said !== null) {
                $settings = $said;
            } elseif ($method || preg_match(self::HEADING, $line) === 1) {
                continue;
            } elseif ($at !== null) {
                $finishes = $finishes || $at === '';
                $ingredients = $at === '' ? $ingredients : [...$ingredients, [$number, $at, true]];
            } elseif (preg_match(self::SETTING, $line) === 1) {
                $unread[$number] = $line;
            } else {
                $ingredients[] = [$number, $line, $finishes];
            }
        }

        return new self($lines, $settings, $ingredients, $unread);
    }

    /** A recipe begins with its name: a line with no amount in it, of nothing that is taken to taste. */
    private static function titled(string $line, Settings $settings): ?Settings
    {
        $word = KitchenWords::read($line);

        return preg_match('/[\d¼½¾⅓⅔:=]/u', $line) === 1
            || $word !== null && in_array($word['id'], [null, 'salt', 'pepper'], true)
            || WrittenAmount::read($line, $settings->measures) !== null
            || preg_match(self::FINISH, $line) === 1
            ? null
            : $settings->with('name', $line);
    }

    /** @return Settings|null with what the line says of the cooking; null where it says nothing of it */
    private static function settingOf(string $line, Settings $settings): ?Settings
    {
        if (preg_match(self::FINISH, $line, $finish) === 1) {
            $what = $finish[1] !== '' ? $finish[1] : $finish[2] ?? '';

            // "Finish with the cream and the lemon" is a sentence; "finish: 2 tbsp butter" goes in.
            $measured = $finish[1] !== '' || preg_match('/\d|[¼½¾⅓⅔]/u', $what) === 1;

            return $measured ? null : MethodSentence::of($line)?->into($settings);
        }
        if (preg_match(self::SETTING, $line, $parts) === 1) {
            $name = strtolower($parts[1]);

            // A name keeps its capitals.
            return $settings->with($name, $name === 'name' ? trim($parts[2]) : mb_strtolower(trim($parts[2])));
        }
        $serves = preg_match(self::SERVES, $line, $parts) === 1 ? $settings->with('yield', mb_strtolower($parts[1])) : null;

        return $serves ?? MethodSentence::of($line)?->into($settings);
    }
}
