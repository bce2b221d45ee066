<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Format\Degrees;
use App\Format\LarderNames;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnActs;
use App\Typed\TypedNumber;
use Lento\Family\Derivative;
use Lento\Procedure\Act;
use Lento\Procedure\Dose;

/** The acts of a kitchen's own sauce as they are built: each with what goes in, for how long, within which limit. */
final readonly class ActsPage
{
    public string $name;

    private Derivative $derivative;

    public function __construct(public string $sauce, private Kitchen $kitchen)
    {
        $this->name = (new SauceNames($kitchen))->name($sauce);
        $this->derivative = $kitchen->catalogue()->derivative($sauce);
    }

    /** "per litre of velouté" */
    public function perLitre(): string
    {
        return Words::text('family.per_litre', parent: (new SauceNames($this->kitchen))->within($this->derivative->parent));
    }

    /**
     * @return list<array{title: string, about: string, minutes: string, share: string, most: string, doses: list<array{name: string,
     * unit: string, amount: string}>}>
     */
    public function acts(): array
    {
        return array_map(static fn(Act $act): array => [
            'title' => implode(', ', [
                Words::text('steps.' . $act->kind->value . '.name'),
                Words::text('family.acts.vessel.' . $act->vessel->value),
            ]),
            'about' => self::about($act),
            'minutes' => TypedNumber::plain(round($act->least->inMinutes(), 1)),
            'share' => $act->share > 0.0 ? TypedNumber::plain(round(100.0 * $act->share)) : '',
            'most' => $act->atMost === null ? '' : TypedNumber::plain(round($act->atMost->inCelsius())),
            'doses' => array_map(static fn(Dose $dose): array => [
                'name' => $dose->isItsFat() ? Words::text('family.acts.its_fat') : Words::ingredient($dose->ingredient),
                'unit' => Words::text('units.part.' . $dose->measure->value),
                'amount' => TypedNumber::plain($dose->perLitre),
            ], $act->doses),
        ], $this->derivative->procedure->acts);
    }

    /** @return array<string, string> */
    public function kinds(): array
    {
        return array_combine(
            OwnActs::KINDS,
            array_map(static fn(string $kind): string => Words::text('steps.' . $kind . '.name'), OwnActs::KINDS),
        );
    }

    /** @return array<string, string> */
    public function larder(): array
    {
        return LarderNames::all($this->kitchen);
    }

    /** "20 min at least, down by 50 %, at most 75 °C" */
    private static function about(Act $act): string
    {
        return implode(', ', array_filter([
            $act->least->seconds > 0.0 ? Words::text(
                'family.acts.least',
                minutes: TypedNumber::plain(round($act->least->inMinutes(), 1)),
            ) : '',
            $act->share > 0.0 ? Words::text('family.acts.down', percent: sprintf('%.0F', 100.0 * $act->share)) : '',
            $act->atMost === null ? '' : Words::text('family.acts.at_most', temperature: Degrees::text($act->atMost)),
        ], static fn(string $text): bool => $text !== ''));
    }
}
