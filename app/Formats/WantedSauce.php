<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Words;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\UnitWord;
use Illuminate\Support\Str;
use Lento\Compose\Base;
use Lento\Compose\Question;
use Lento\Exception\LentoException;
use Lento\Family\Catalogue;
use Lento\Family\FlowNode;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/** So much of one finished sauce, base or derivative, as a request names it: by its id, its plain or its French name. */
final readonly class WantedSauce
{
    /** ml of a portion where a request counts covers and does not say. */
    private const PORTION = 60.0;

    private const MOST_COVERS = 5000.0;

    private function __construct(public string $sauce, public string $liquid, public Volume $yield, private Catalogue $catalogue) {}

    /** @return array<string, list<mixed>> */
    public static function rules(UnitNames $units): array
    {
        return [
            'yield.unit' => [UnitWord::ofVolume($units)],
            'yield.each.unit' => [UnitWord::ofVolume($units)],
            'yield.amount' => [Number::between(0.0, 1e6, '')],
            'yield.each.amount' => [Number::between(0.0, 1e6, '')],
            'yield.portions' => [Number::between(1.0, self::MOST_COVERS, '')],
        ];
    }

    public static function read(Fields $fields, UnitNames $units): self|FieldFault
    {
        $catalogue = Catalogue::house();
        $sauce = self::named($fields->text('sauce'), $catalogue);
        if ($sauce === null) {
            return FieldFault::of('sauce', 'unknown_sauce', ['value' => mb_substr($fields->text('sauce'), 0, 40)]);
        }
        $litres = self::litres($fields, $units);
        if ($litres === null || $litres < Question::LEAST_LITRES || $litres > Question::MOST_LITRES) {
            return FieldFault::of('yield', 'number', [
                'least' => (string) Question::LEAST_LITRES,
                'most' => (string) Question::MOST_LITRES,
                'unit' => ' l',
            ]);
        }
        $liquids = $catalogue->liquids($sauce);
        $liquid = $fields->text('liquid') === '' ? $liquids[0] : $fields->text('liquid');

        return in_array($liquid, $liquids, true)
            ? new self($sauce, $liquid, Volume::ofLitres($litres), $catalogue)
            : FieldFault::of('liquid', 'choice', ['value' => mb_substr($liquid, 0, 40), 'choices' => implode(', ', $liquids)]);
    }

    public function base(): ?Base
    {
        return Base::tryFrom($this->sauce);
    }

    /** @throws LentoException if it cannot be made so */
    public function flow(): ServiceFlow
    {
        return ServiceFlow::of(
            Service::of([new Wish($this->sauce, $this->liquid, $this->yield)]),
            $this->catalogue,
            Workplace::house(),
        );
    }

    /** @throws LentoException if it cannot be made so */
    public function node(ServiceFlow $flow): FlowNode
    {
        return $flow->node($this->sauce . '@' . $this->liquid);
    }

    public function root(): Base
    {
        return $this->catalogue->root($this->sauce);
    }

    public function workplace(): Workplace
    {
        return Workplace::house();
    }

    private static function named(string $name, Catalogue $catalogue): ?string
    {
        $plain = self::plain($name);
        if ($plain !== '' && $catalogue->has($plain)) {
            return $plain;
        }
        foreach (array_keys($catalogue->derivatives()) as $id) {
            $names = [Words::text('family.sauces.' . $id . '.name'), Words::text('family.sauces.' . $id . '.french')];
            if ($plain !== '' && in_array($plain, array_map(self::plain(...), $names), true)) {
                return $id;
            }
        }
        try {
            return Base::named($name)->value;
        } catch (LentoException) {
            return null;
        }
    }

    private static function plain(string $name): string
    {
        $plain = str_replace([' ', '_'], '-', str_replace(['’', "'", ','], '', Str::ascii(mb_strtolower(trim($name)))));

        return (string) preg_replace(['/\Asauce-(aux?-|a-l|au-)?/', '/-sauce\z/'], '', $plain);
    }

    private static function litres(Fields $fields, UnitNames $units): ?float
    {
        $in = static function (string $field) use ($fields, $units): ?float {
            $amount = $fields->number($field . '.amount');
            $unit = $fields->text($field . '.unit') === '' ? VolumeUnit::Litre : $units->find($fields->text($field . '.unit'));

            return $amount === null || !$unit instanceof VolumeUnit ? null : $unit->of($amount)->inLitres();
        };
        $portions = $fields->number('yield.portions');

        return $portions === null
            ? $in('yield')
            : $portions * ($in('yield.each') ?? self::PORTION / 1000.0);
    }
}
