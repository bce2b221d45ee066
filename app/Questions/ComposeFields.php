<?php

declare(strict_types=1);

namespace App\Questions;

use App\Kitchen\Choices;
use App\Kitchen\Kitchen;
use App\Typed\MoreField;
use App\Typed\PanMeasure;
use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\Choice\CookOut;
use Lento\Exception\LentoException;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Dose;
use Lento\Quantity\KitchenNumber;
use Lento\Roux\Colour;
use Lento\Thickness\ThicknessClass;

/**
 * The fields of the Compose form as they come from an address, made ready to be read.
 *
 * Keeps every field as typed. The number touched last is the one that is given: the form sends what it showed along (`seen`), and whatever
 * differs from it has been touched. A changed sauce takes its own usual liquid, colour, fat, thickness and simmer.
 */
final readonly class ComposeFields
{
    /** What can be given, by the fields that say how much. */
    public const GIVEN = [
        'litres' => ['amount', 'unit'],
        'covers' => ['covers', 'each', 'each_unit'],
        'stock' => ['stock', 'stock_unit'],
        'fat' => ['have_fat', 'have_fat_unit'],
        'flour' => ['have_flour', 'have_flour_unit'],
        'roux' => ['have_roux', 'have_roux_unit'],
        'pan' => [],
        'formula' => ['have_fat', 'have_fat_unit', 'have_flour', 'have_flour_unit', 'stock', 'stock_unit'],
    ];

    /** In the order of the address. */
    public const NAMES = [
        'sauce',
        'liquid',
        'liquid_salt',
        'given',
        'amount',
        'unit',
        'covers',
        'each',
        'each_unit',
        'stock',
        'stock_unit',
        'have_fat',
        'have_fat_unit',
        'have_flour',
        'have_flour_unit',
        'have_roux',
        'have_roux_unit',
        'there_fat',
        'there_fat_unit',
        'there_liquid',
        'there_liquid_unit',
        'thickness',
        'colour',
        'fat',
        'ratio',
        'own_ratio',
        'own_ratio_by',
        'school',
        'minutes',
        'reduce',
        'level',
        'pan',
        'diameter',
        'height',
        'hob',
        'heat',
        'place',
        'oven',
        'flour',
        'cookout',
        'stirring',
        'browned',
        'aromatics',
        'strain',
        'pepper',
        'salting',
        'skin',
        'milk',
        'late',
        'finish',
        'salt',
        'parts',
        'more',
    ];

    /** What belongs to one sauce and does not carry over to the next. */
    private const OF_THE_SAUCE = [
        'liquid',
        'liquid_salt',
        'there_fat',
        'there_fat_unit',
        'there_liquid',
        'there_liquid_unit',
        'thickness',
        'colour',
        'fat',
        'own_ratio',
        'own_ratio_by',
        'minutes',
        'reduce',
        'level',
        'aromatics',
        'strain',
        'finish',
        'salt',
        'parts',
        'more',
    ];

    /** The parts of a formula are many; all else is a word or a number. */
    private const LONGEST = ['parts' => 600, 'more' => 900];

    private const USUALLY_LONGEST = 60;

    /**
     * @param array<string, string> $fields
     * @param string $left the minutes that went with the liquid which was changed for another; '' where nothing went with it
     */
    private function __construct(public array $fields, public string $left = '') {}

    /** @param array<mixed> $query */
    public static function from(array $query): self
    {
        $fields = [];
        foreach (self::NAMES as $name) {
            $fields[$name] = self::text($query[$name] ?? '', self::LONGEST[$name] ?? self::USUALLY_LONGEST);
        }
        $part = $query['part'] ?? null;
        if (is_array($part)) {
            $fields['parts'] = self::written($part);
        }
        if (is_array($query['add'] ?? null)) {
            $fields['more'] = MoreField::write($query['add']);
        }
        $seen = is_array($query['seen'] ?? null)
            ? array_map(static fn(mixed $value): string => self::text($value, self::USUALLY_LONGEST), $query['seen'])
            : [];
        $asked = $fields;
        // A field may still read "6 oz" where it was shown as 6 and its unit beside it.
        $fields = self::touched(
            self::nudged(self::withUnits($fields), self::text($query['nudge'] ?? '', 4)),
            $seen,
            self::text($query['rung'] ?? '', 20),
        );
        // Addresses from before there was more than litres and covers to give.
        $by = self::text($query['by'] ?? '', 10);
        if (!isset(self::GIVEN[$fields['given']])) {
            $fields['given'] = self::guessed($fields, $by);
        }

        return new self($fields, $fields['minutes'] === '' ? self::leftBehind($asked, $seen) : '');
    }

    /**
     * What nobody had set goes with its liquid.
     *
     * @param array<string, string> $asked as the form sent it
     * @param array<array-key, string> $seen
     */
    private static function leftBehind(array $asked, array $seen): string
    {
        $usual = $seen['usual_minutes'] ?? '';

        return $usual !== '' && ($seen['liquid'] ?? $asked['liquid']) !== $asked['liquid'] && $asked['minutes'] === $usual ? $usual : '';
    }

    /** What a kitchen that has asked nothing yet is shown. */
    public static function first(Kitchen $kitchen): self
    {
        $pan = $kitchen->firstPan();

        return self::from([
            'sauce' => 'veloute',
            'amount' => '2',
            ...$pan === null
                ? [
                    'diameter' => (string) config()->integer('lento.pan.diameter_mm'),
                    'height' => (string) config()->integer('lento.pan.height_mm'),
                ]
                : ['pan' => (string) $pan->id],
        ]);
    }

    public function given(): string
    {
        return $this->fields['given'];
    }

    /** @return array<string, string> what the reader needs: only one way of saying how much */
    public function toRead(): array
    {
        $fields = $this->withoutOthers();
        $measure = new PanMeasure(Pan::LEAST_MILLIMETRES);
        foreach (['diameter', 'height'] as $side) {
            $fields[$side] = $measure->inMillimetres($fields[$side]);
        }

        return $this->given() === 'pan' ? [...$fields, 'fill' => '1'] : $fields;
    }

    /** @return array<string, string> the question for an address, without what was left empty and what is worked out */
    public function toAddress(): array
    {
        return array_filter(
            $this->withoutOthers(),
            static fn(string $value, string $name): bool => $value !== '' && !($name === 'given' && $value === 'litres'),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, string> without the numbers that say how much in another way than the given one */
    private function withoutOthers(): array
    {
        $others = array_merge(...array_values(array_diff_key(self::GIVEN, [$this->given() => true])));
        $without = array_diff($others, self::GIVEN[$this->given()], ['']);
        $without = $this->given() === 'formula' ? [...$without, 'own_ratio', 'own_ratio_by'] : $without;

        return array_diff_key($this->fields, array_flip($without));
    }

    /** The same with another answer to some of the fields. */
    public function with(string ...$fields): self
    {
        $known = [];
        foreach ($fields as $name => $value) {
            $known[(string) $name] = $value;
        }

        return new self([...$this->fields, ...array_intersect_key($known, $this->fields)], $this->left);
    }

    /** The same with the base's and the kitchen's usual answers written out, for the form to show. */
    public function filled(Kitchen $kitchen): self
    {
        try {
            $base = Base::named($this->fields['sauce']);
        } catch (LentoException) {
            return $this;
        }
        $formula = $kitchen->formula($base);
        $liquid = $this->fields['liquid'] === '' ? $formula->liquids[0] : $this->fields['liquid'];
        $class = $formula->thickness->thicknessClass();
        $pan = $kitchen->pans[(int) $this->fields['pan']] ?? null;
        $hob = $kitchen->firstHob();
        $usual = [
            'sauce' => $base->value,
            'liquid' => $liquid,
            'thickness'
                => abs($class->target()->gramsPerLitre - $formula->thickness->gramsPerLitre) < 1e-9
                    ? $class->value
                    : TypedNumber::plain($formula->thickness->gramsPerLitre),
            'colour' => $formula->colour->value,
            'fat' => $formula->fat,
            'minutes'
                => $this->fields['reduce'] !== '' || $formula->reduceBy !== null || !$base->hasRoux()
                    ? ''
                    : (string) $formula->simmerTime($liquid)->inMinutes(),
            'reduce'
                => $this->fields['minutes'] !== '' || $formula->reduceBy === null ? '' : TypedNumber::plain(100.0 * $formula->reduceBy),
            'level'
                => $this->fields['reduce'] !== '' && $formula->level === SimmerLevel::Bare
                    ? SimmerLevel::Brisk->value
                    : $formula->level->value,
            'hob' => $hob === null ? '' : (string) $hob->id,
            'diameter' => $pan === null ? '' : (string) $pan->millimetresWide,
            'height' => $pan === null ? '' : (string) $pan->millimetresHigh,
            'salt' => TypedNumber::plain(100.0 * $formula->salt),
            'aromatics' => $formula->method->aromatics->value ?? '',
            'strain' => $formula->method->strain->value ?? '',
        ];
        foreach (Choices::all() as $name => $choices) {
            $usual[$name] ??= '';
            if ($usual[$name] === '' && !in_array($name, Choices::BY_BASE, true)) {
                $usual[$name] = $kitchen->usual()[$name] ?? $choices[0];
            }
        }
        $usual['heat'] = QuestionReader::usualHeat(
            Colour::tryFrom($this->fields['colour'] === '' ? $usual['colour'] : $this->fields['colour']),
            CookOut::tryFrom($this->fields['cookout'] === '' ? $usual['cookout'] : $this->fields['cookout']),
        )->value;
        $usual['strain'] = $usual['strain'] === '' ? 'strained' : $usual['strain'];
        $filled = $this->fields;
        foreach ($usual as $name => $value) {
            $filled[$name] = $filled[$name] === '' ? $value : $filled[$name];
        }
        $typed = PartsField::typed($this->fields['parts']);
        $filled['parts'] = PartsField::write([...array_combine(
            array_map(static fn(Dose $part): string => $part->ingredient, $formula->parts()),
            array_map(static fn(Dose $part): string => TypedNumber::plain($part->perLitre), $formula->parts()),
        ), ...$typed]);

        return new self([...$filled, 'sauce' => $base->value], $this->left);
    }

    private static function text(mixed $value, int $longest): string
    {
        return is_scalar($value) ? mb_substr(trim(mb_scrub((string) $value)), 0, $longest) : '';
    }

    /** @param array<mixed> $part */
    private static function written(array $part): string
    {
        $typed = [];
        foreach (array_slice($part, 0, 20, true) as $name => $amount) {
            $typed[preg_replace('/[^a-z-]/', '', mb_substr((string) $name, 0, 30)) ?? ''] = self::text($amount, 12);
        }

        return PartsField::write($typed);
    }

    /**
     * What was touched since the form was shown decides what is given, and what no longer holds.
     *
     * @param array<string, string> $fields
     * @param array<array-key, string> $seen
     *
     * @return array<string, string>
     */
    private static function touched(array $fields, array $seen, string $rung): array
    {
        $changed = static fn(string $name): bool => isset($seen[$name]) && $seen[$name] !== $fields[$name];
        if ($changed('sauce')) {
            return [
                ...$fields,
                ...array_fill_keys(self::OF_THE_SAUCE, ''),
                'given' => in_array($fields['given'], ['fat', 'flour', 'roux', 'formula'], true) ? 'litres' : $fields['given'],
            ];
        }
        $held = $fields['given'] === 'formula';
        foreach (self::GIVEN as $given => $names) {
            // A number of a formula that is held stays one of it.
            $names = $given === 'formula' || $held ? array_diff($names, self::GIVEN['formula']) : $names;
            if (array_filter($names, $changed) !== []) {
                $fields['given'] = $given;
            }
        }
        if ($changed('pan') && $fields['pan'] !== '') {
            [$fields['diameter'], $fields['height']] = ['', ''];
        } elseif ($changed('diameter') || $changed('height')) {
            $fields['pan'] = '';
        }
        if ($changed('liquid')) {
            $fields['liquid_salt'] = '';
            $fields['minutes'] = self::leftBehind($fields, $seen) === '' ? $fields['minutes'] : '';
        }
        if ($changed('reduce')) {
            [$fields['minutes'], $fields['level']] = ['', ''];
        } elseif ($changed('minutes')) {
            $fields['reduce'] = '';
        }
        if ($rung !== '' && isset($seen['rung']) && $seen['rung'] !== $rung) {
            $fields['thickness'] = $rung;
        }
        // A demi-glace is boiled down either to a thickness or as far as was said.
        if ($fields['sauce'] === Base::DemiGlace->value && ($changed('thickness') || isset($seen['rung']) && $seen['rung'] !== $rung)) {
            [$fields['minutes'], $fields['reduce']] = ['', ''];
        }
        // The form shows a class by its number.
        foreach (ThicknessClass::askable() as $class) {
            if ($fields['thickness'] === TypedNumber::plain($class->target()->gramsPerLitre)) {
                $fields['thickness'] = $class->value;
            }
        }

        return $fields;
    }

    /**
     * "6 oz" in one field is a number and its unit.
     *
     * @param array<string, string> $fields
     *
     * @return array<string, string>
     */
    private static function withUnits(array $fields): array
    {
        foreach (
            [
                'amount' => 'unit',
                'each' => 'each_unit',
                'stock' => 'stock_unit',
                'have_fat' => 'have_fat_unit',
                'have_flour' => 'have_flour_unit',
                'have_roux' => 'have_roux_unit',
                'there_fat' => 'there_fat_unit',
                'there_liquid' => 'there_liquid_unit',
            ] as $name => $unit
        ) {
            if (preg_match('/\A(' . KitchenNumber::PATTERN . ')\s*([a-z][a-z .]*)\z/ui', $fields[$name], $parts) === 1) {
                [$fields[$name], $fields[$unit]] = [$parts[1], $parts[2]];
            }
        }

        return $fields;
    }

    /** @param array<string, string> $fields */
    private static function guessed(array $fields, string $by): string
    {
        foreach (['stock' => 'stock', 'have_fat' => 'fat', 'have_flour' => 'flour', 'have_roux' => 'roux'] as $field => $given) {
            if ($fields[$field] !== '' && $fields['amount'] === '' && $fields['covers'] === '') {
                return $given;
            }
        }

        return $by === 'covers' || $by === '' && $fields['amount'] === '' && $fields['covers'] !== '' ? 'covers' : 'litres';
    }

    /**
     * A tap on plus or minus moves the litres or the covers.
     *
     * @param array<string, string> $fields
     *
     * @return array<string, string>
     */
    private static function nudged(array $fields, string $nudge): array
    {
        $name = $fields['given'] === 'covers' ? 'covers' : 'amount';
        $value = TypedNumber::number($fields[$name]);
        if ($value === null || !in_array($nudge, ['up', 'down'], true)) {
            return $fields;
        }
        $up = $nudge === 'up';
        $at = $up ? $value : $value - 1e-9;
        $step = match (true) {
            $name === 'covers' => $at < 20.0 ? 1.0 : 4.0,
            $at < 1.0 => 0.1,
            $at < 10.0 => 0.5,
            default => 1.0,
        };
        $fields[$name] = TypedNumber::plain(max($step, min($name === 'covers' ? 5000.0 : 200.0, $up ? $value + $step : $value - $step)));

        return $fields;
    }
}
