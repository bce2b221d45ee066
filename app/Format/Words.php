<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use Illuminate\Support\Facades\Lang;
use Lento\Compose\Base;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\SpoonTest;

/** The sentences the program says more than once, from the language files. */
final readonly class Words
{
    /**
     * By its key, with ":name" replaced, and ":Name" with a capital; only what the text asks for is looked at, for a page says a hundred of
     * them.
     */
    public static function text(string $key, string|float|int ...$with): string
    {
        $text = __($key);
        if (!is_string($text) || $with === [] || !str_contains($text, ':')) {
            return is_string($text) ? $text : $key;
        }

        return (string) preg_replace_callback('/:(\w+)/', static function (array $match) use ($with): string {
            $name = lcfirst($match[1]);
            if (!isset($with[$name])) {
                return $match[0];
            }
            $value = (string) $with[$name];

            return $name === $match[1] ? $value : mb_strtoupper(mb_substr($value, 0, 1)) . mb_substr($value, 1);
        }, $text);
    }

    public static function ingredient(string $id): string
    {
        return match (true) {
            // A base that is ladled into another sauce is an ingredient of it; a kitchen's own may be one.
            str_starts_with($id, 'own-sauce-') || !Lang::has('ingredients.' . $id) && !str_starts_with($id, 'own-')
                => (new SauceNames(app(Kitchen::class)))->within($id),
            str_starts_with($id, 'own-') => app(Kitchen::class)->nameOf($id) ?? self::text('kitchen.gone'),
            default => trans_choice('ingredients.' . $id, 2),
        };
    }

    /** @return array<string, string> the bases by their ids, with a capital */
    public static function bases(): array
    {
        $ids = array_column(Base::cases(), 'value');

        return array_combine($ids, array_map(
            static fn(string $id): string => mb_strtoupper(mb_substr($name = self::text('sauces.' . $id), 0, 1)) . mb_substr($name, 1),
            $ids,
        ));
    }

    /** "Chicken velouté" */
    public static function sauce(Question $question): string
    {
        return self::sauceNamed($question->base, $question->liquid);
    }

    public static function sauceNamed(Base $base, string $liquid): string
    {
        return $base === Base::Veloute
            ? self::text(
                'sauces.named.veloute',
                stock: str_starts_with($liquid, 'own-') ? self::ingredient($liquid) : self::text('sauces.stock.' . $liquid),
            )
            : self::text('sauces.named.' . $base->value);
    }

    /** "2 litres of velouté that coats" */
    public static function wanted(Sheet $sheet): string
    {
        $question = $sheet->question;
        $litres = Litres::short($question->yield);
        $amount = match (true) {
            str_ends_with($litres, 'ml') => $litres,
            strlen($litres) > 3 => self::text('units.litres_short', amount: $litres),
            default => trans_choice('units.litres', $litres === '1' ? 1 : 2, ['amount' => $litres]),
        };

        return self::text(
            'compose.wanted',
            amount: $amount,
            sauce: self::text('sauces.' . $question->base->value),
            that: self::text('thickness.that.' . $sheet->thickness->thicknessClass()->value),
        );
    }

    public static function spoon(SpoonTest $spoon): string
    {
        $word = $spoon->word()->value;

        return self::text('thickness.says.' . ($word === 'coats' && $spoon->lineHolds ? 'coats-holds' : $word));
    }

    public static function warning(Warning $warning): string
    {
        $numbers = array_map(self::number(...), array_keys($warning->numbers), $warning->numbers);
        $words = isset($warning->words['ingredient'])
            ? ['ingredient' => self::ingredient($warning->words['ingredient'])] + $warning->words
            : $warning->words;
        $short = match ($warning->code) {
            WarningCode::PanOverflows, WarningCode::PanTooFull => isset($warning->numbers['fits_l']) ? '' : '-short',
            WarningCode::RouxDeep => isset($warning->numbers['oven_minutes']) ? '' : '-short',
            default => '',
        };

        return self::text(
            'warnings.' . $warning->code->value . $short,
            ...array_combine(array_keys($warning->numbers), $numbers),
            ...$words,
        );
    }

    /** Rounded as its unit asks: litres down to a safe 0.05, ratios and salt to a tenth, all else whole. */
    private static function number(string $name, float $value): string
    {
        return match (true) {
            str_ends_with($name, '_l') => Litres::short(Volume::ofLitres(floor($value * 20.0) / 20.0)),
            str_ends_with($name, '_c') => Degrees::text(Temperature::ofCelsius($value)),
            $name === 'target_percent' => sprintf('%.2F', $value),
            in_array($name, ['fat_to_flour', 'salt_percent', 'ph', 'lost_percent'], true) => sprintf('%.1F', $value),
            $name === 'flour_g' && $value < 10.0 => sprintf('%.1F', $value),
            $name === 'minutes_more' => sprintf('%.0F', max(1.0, ceil($value))),
            default => sprintf('%.0F', $value),
        };
    }
}
