<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Quantity\KitchenNumber;

/**
 * A sentence of a recipe's method, read for what matters to the sauce: the colour of its roux, the minutes and the heat of its simmer, how
 * far it is boiled down, whether it is strained. All else in it is the cook's.
 */
final readonly class MethodSentence
{
    /** What a sentence of a method begins with, and a line of ingredients does not. */
    private const BEGINS = 'add|allow|beat|blend|boil|bring|brown (?:the|it|them)|check|combine|continue|cook|cover|deglaze|discard|finish'
        . '|fry|gently|gradually|heat|in a|keep|leave|let|lower|make|melt|mix|off the heat|once|over|pass|place|pour|put|reduce|remove'
        . '|return|roast|saute|season|serve|set|simmer|skim|slowly|start|stir|strain|sweat|take|taste|then|thin|toss|turn|warm|when|whisk'
        . '|work|sprinkle|dust|stew|rub|scatter|dissolve|swirl|ladle|tip|toast|peel|chop|bake|grill|transfer|scrape|press|sieve|sift|drain'
        . '|blitz|liquidise|puree|adjust|correct|using|meanwhile|when|as soon|after|before|while|repeat|return|rest|chill|store|to serve'
        . '|brown (?:the|and)|soften|drop|dip|push|fold|loosen|spoon|divide|drizzle|garnish|ensure|do not|don.t|carefully|finally|next'
        . '|lastly|first|carameli[sz]e';

    private const SHORT = '/\A(?:strain|season|serve|sieve|whisk|blend|skim)\b[^\d]*\z/u';

    /** Bytes: a longer one is a page, and not a sentence. */
    private const LONGEST = 2000;

    /** Each word with the colour it means; the darkest that is named counts, for a roux passes through the others. */
    private const COLOURS = [
        'dark' => '/\b(?:dark brown|chocolate|mahogany|very dark|dark)\b/u',
        'brown' => '/\b(?:brown|nutty|hazelnut|peanut butter|caramel|copper)\b/u',
        'blond' => '/\b(?:blonde?|golden|gold|straw|sandy|biscuit)\b/u',
        'white' => '/\b(?:white|pale)\b/u',
    ];

    private const NOT_BROWN = '/\b(?:without (?:letting it )?(?:brown|colou?r)\w*|'
        . '(?:do not|don.t|not) (?:let it )?(?:brown|colou?r)\w*)\b/u';

    private const STRAINS = '/\b(?:strain(?!er)\w*|(?:through|into) a (?:very )?(?:fine )?(?:sieve|strainer|chinois|cloth))\b/u';

    private const LOW = '(?:gently|barely|very low|bare|barest|lowest)';

    private function __construct(private string $text) {}

    /** Null for what is no sentence of a method. */
    public static function of(string $line): ?self
    {
        if (strlen($line) > self::LONGEST) {
            return null;
        }
        $text = mb_strtolower(trim((string) preg_replace('/\A\s*(?:step\s*)?\d{1,2}\s*[.):]\s*/iu', '', $line)));
        $text = strtr($text, ['é' => 'e', '’' => "'"]);

        $words = count(explode(' ', $text)) + (str_ends_with($text, '.') ? 1 : 0);

        $isOne = $words >= 3 || preg_match(self::SHORT, $text) === 1;

        return $isOne && preg_match('/\A(?:' . self::BEGINS . ')\b/u', $text) === 1 ? new self($text) : null;
    }

    /** The settings with what it says; what was said before stands. */
    public function into(Settings $settings): Settings
    {
        foreach ($this->says() as $name => $value) {
            $settings = $settings->has($name) ? $settings : $settings->with($name, $value) ?? $settings;
        }

        return $settings;
    }

    /** @return array<string, string> by the name of the setting */
    private function says(): array
    {
        return array_filter([
            'roux' => $this->colour(),
            'cook' => $this->cooked(),
            'simmer' => $this->minutes(),
            'level' => $this->level(),
            'reduce' => $this->reduction(),
            'strain' => preg_match(self::STRAINS, $this->text) === 1 ? 'yes' : '',
        ], static fn(string $value): bool => $value !== '');
    }

    private function colour(): string
    {
        if (preg_match('/\b(?:roux|flour|paste)\b/u', $this->text) !== 1) {
            return '';
        }
        if (preg_match(self::NOT_BROWN, $this->text) === 1) {
            return 'white';
        }
        foreach (self::COLOURS as $colour => $pattern) {
            if (preg_match($pattern, $this->text) === 1) {
                return $colour;
            }
        }

        return '';
    }

    /** "cook the flour for 2 minutes", "stir over the heat for 1–2 minutes": of the flour in its fat, before any liquid. */
    private function cooked(): string
    {
        $number = KitchenNumber::PATTERN;
        $pattern = '/\b(?:cook|stir|fry|whisk|heat)\w*\b[^.;]*?\b(?:about\s+|another\s+|just\s+)?('
            . $number . ')(?:\s*(?:-|–|to|or)\s*(' . $number
            . '))?\s*-?\s*min/u';
        $ofRoux = preg_match('/\b(?:flour|roux|paste)\b/u', $this->text) === 1 && preg_match('/\bsimmer/u', $this->text) !== 1;
        if (!$ofRoux || preg_match($pattern, $this->text, $parts) !== 1) {
            return '';
        }
        $low = KitchenNumber::parse($parts[1])->value;

        return sprintf('%.1F min', isset($parts[2]) ? 0.5 * ($low + KitchenNumber::parse($parts[2])->value) : $low);
    }

    /** "for 20–25 minutes": the middle of what it says after "simmer". */
    private function minutes(): string
    {
        $number = KitchenNumber::PATTERN;
        $pattern = '/\bsimmer\w*\b[^.;]*?\b(?:for\s+)?(?:about\s+|at least\s+|another\s+)?(' . $number . ')(?:\s*(?:-|–|to)\s*(' . $number
            . '))?\s*-?\s*(min|hour|hr)/u';
        if (preg_match($pattern, $this->text, $parts) !== 1) {
            return preg_match('/\bsimmer\w*\b[^.;]*?\b(?:for )?(?:half an hour)/u', $this->text) === 1 ? '30 min'
                : (preg_match('/\bsimmer\w*\b[^.;]*?\b(?:an|one) hour/u', $this->text) === 1 ? '60 min' : '');
        }
        $low = KitchenNumber::parse($parts[1])->value;
        $middle = $parts[2] === '' ? $low : 0.5 * ($low + KitchenNumber::parse($parts[2])->value);

        return sprintf('%.1F min', $middle * ($parts[3] === 'min' ? 1.0 : 60.0));
    }

    private function level(): string
    {
        return match (true) {
            preg_match('/\b' . self::LOW . '\b[^.;]*\bsimmer|\bsimmer\w*\b[^.;]*\b' . self::LOW . '\b/u', $this->text) === 1 => 'bare',
            preg_match('/\b(?:briskly|brisk)\b/u', $this->text) === 1 => 'brisk',
            preg_match('/\b(?:boil (?:hard|rapidly|fast)|rolling boil for)\b/u', $this->text) === 1 => 'boil',
            default => '',
        };
    }

    /** "reduce by a third", "boil down to half", "until reduced by half" */
    private function reduction(): string
    {
        $share = 'a third|one third|two thirds|a half|half|a quarter|three quarters|\d{1,2} ?%';

        return match (true) {
            preg_match('/\b(?:reduc\w+|boil\w* down)\b[^.;]*?\b(by|to) (?:about )?(' . $share . ')/u', $this->text, $parts) === 1
                => $parts[1] . ' ' . $parts[2],
            preg_match('/\bhas (?:reduced|boiled down) (by|to) (?:about )?(' . $share . ')/u', $this->text, $parts) === 1
                => $parts[1] . ' ' . $parts[2],
            default => '',
        };
    }
}
