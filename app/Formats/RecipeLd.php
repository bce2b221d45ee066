<?php

declare(strict_types=1);

namespace App\Formats;

use DateInterval;
use DOMDocument;
use Exception;
use JsonException;
use Lento\Assay\Settings;

/**
 * A recipe of the open vocabulary schema.org/Recipe, as JSON-LD by itself or inside a saved web page, in the plain lines that Assay reads:
 * its ingredients, then the sentences of its method. Nothing is fetched.
 */
final readonly class RecipeLd
{
    private const DEEPEST = 64;

    /** Between what goes in and what is done with it. */
    private const METHOD = 'Method:';

    /** Recipes of one file. */
    private const MOST = 50;

    private function __construct(public string $name, public string $text, public string $yield, public string $time) {}

    /** Whether a text is meant to be JSON-LD or a web page, and no recipe written in lines. */
    public static function isMeant(string $text): bool
    {
        $head = ltrim($text);

        return str_starts_with($head, '{')
            || str_starts_with($head, '[')
            || preg_match('/\A<(?:!doctype|html|head|body|script)\b/i', $head) === 1;
    }

    /** What Assay reads: its name, its lines, and what it says of its yield and time, as far as Assay knows to read them. */
    public function asLines(): string
    {
        $settings = Settings::none();
        $said = array_filter([
            'name' => mb_substr($this->name, 0, 60),
            'yield' => $this->yield,
            'time' => $this->minutes(),
        ], static fn(string $value, string $name): bool => $settings->with($name, mb_strtolower($value)) !== null, ARRAY_FILTER_USE_BOTH);
        $line = static fn(string $name): string => isset($said[$name]) && $said[$name] !== '' ? "{$name}: {$said[$name]}" : '';

        return implode("\n", array_filter(
            [$line('name'), $line('yield'), $line('time'), $this->text],
            static fn(string $line): bool => $line !== '',
        ));
    }

    /** @param list<self> $recipes shortened to what is read of them, as JSON-LD again */
    public static function write(array $recipes): string
    {
        return (string) json_encode(array_map(static fn(self $recipe): array => [
            '@type' => 'Recipe',
            'name' => $recipe->name,
            'recipeIngredient' => explode("\n", explode("\n" . self::METHOD . "\n", $recipe->text)[0]),
            'recipeInstructions' => explode("\n" . self::METHOD . "\n", $recipe->text)[1] ?? '',
            'recipeYield' => $recipe->yield,
            'totalTime' => $recipe->time,
        ], $recipes), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** ISO 8601, "PT1H30M", as "90 min"; '' where it is none. */
    private function minutes(): string
    {
        try {
            $time = $this->time === '' ? null : new DateInterval($this->time);
        } catch (Exception) {
            return '';
        }

        return $time === null ? '' : sprintf('%d min', 1440 * $time->d + 60 * $time->h + $time->i);
    }

    /** @return list<self> in their order; none where it holds no recipe, or is not to be read at all */
    public static function in(string $text): array
    {
        $found = [];
        foreach (str_starts_with(ltrim($text), '<') ? self::scripts($text) : [$text] as $json) {
            try {
                self::collect(json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), $found);
            } catch (JsonException) {
                continue;
            }
        }

        return array_slice($found, 0, self::MOST);
    }

    /** @return list<string> what stands in the page's scripts of linked data */
    private static function scripts(string $html): array
    {
        $page = new DOMDocument();
        // A page says nothing of its encoding where it was cut out of one; nothing outside of it is asked for.
        if (!@$page->loadHTML('<?xml encoding="UTF-8">' . $html, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING)) {
            return [];
        }
        $scripts = [];
        foreach ($page->getElementsByTagName('script') as $script) {
            if (str_starts_with(strtolower(trim($script->getAttribute('type'))), 'application/ld+json')) {
                $scripts[] = trim($script->textContent);
            }
        }

        return $scripts;
    }

    /** @param list<self> $found */
    private static function collect(mixed $node, array &$found): void
    {
        if (!is_array($node)) {
            return;
        }
        if (in_array('Recipe', array_map(self::localName(...), self::listed($node['@type'] ?? null)), true)) {
            $found[] = self::of($node);

            return;
        }
        foreach ($node as $inner) {
            self::collect($inner, $found);
        }
    }

    /** @param array<mixed> $recipe */
    private static function of(array $recipe): self
    {
        $lines = array_map(self::plain(...), self::listed($recipe['recipeIngredient'] ?? $recipe['ingredients'] ?? null));
        $method = self::sentences($recipe['recipeInstructions'] ?? null);
        $lines = $method === [] ? $lines : [...$lines, self::METHOD, ...$method];
        $yield = self::listed($recipe['recipeYield'] ?? null);

        return new self(
            self::plain($recipe['name'] ?? ''),
            implode("\n", array_filter($lines, static fn(string $line): bool => $line !== '')),
            $yield === [] ? '' : self::plain($yield[count($yield) - 1]),
            self::plain($recipe['totalTime'] ?? $recipe['cookTime'] ?? ''),
        );
    }

    /** @return list<string> of a text, of steps, of sections of steps; each sentence by itself */
    private static function sentences(mixed $node): array
    {
        if (is_string($node)) {
            $lines = preg_split('/(?<=[.!?])\s+|\R+|<br\s*\/?>|<\/(?:p|li)>/u', $node, -1, PREG_SPLIT_NO_EMPTY);

            return array_values(array_filter(
                array_map(self::plain(...), $lines === false ? [] : $lines),
                static fn(string $line): bool => $line !== '',
            ));
        }
        if (!is_array($node)) {
            return [];
        }
        $inner = array_is_list($node) ? $node : [$node['itemListElement'] ?? $node['text'] ?? $node['name'] ?? null];

        return array_merge(...array_map(self::sentences(...), $inner), ...[[]]);
    }

    /** @return list<mixed> */
    private static function listed(mixed $value): array
    {
        return match (true) {
            $value === null => [],
            is_array($value) && array_is_list($value) => $value,
            default => [$value],
        };
    }

    /** "https://schema.org/Recipe" is a Recipe. */
    private static function localName(mixed $type): string
    {
        return is_string($type) ? (string) preg_replace('/\A.*[\/#:]/', '', $type) : '';
    }

    private static function plain(mixed $value): string
    {
        $text = is_scalar($value) ? html_entity_decode(strip_tags((string) $value), ENT_QUOTES | ENT_HTML5) : '';

        return trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text)));
    }
}
