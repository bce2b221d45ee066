<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\BaseInHand;
use App\Family\KitchenWorkplace;
use App\Format\Allergens;
use App\Format\HotBand;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\RefusalWords;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Lento\Exception\LentoException;
use Lento\Family\Derived;
use Lento\Quantity\Volume;

/** What can be made of a pot that is in hand, right there: how much of it, in which pan, and what that takes. */
final readonly class MakePage
{
    private const LEAST_LITRES = 0.05;

    public SauceNames $names;

    public ?Derived $derived;

    public string $refusal;

    public ?FieldFault $fault;

    public bool $samePan;

    public function __construct(
        public BaseInHand $from,
        public string $sauce,
        public string $litres,
        string $pan,
        private Kitchen $kitchen,
    ) {
        $this->names = new SauceNames($kitchen);
        $this->samePan = $pan === 'same' && $from->where->pan !== null;
        $number = TypedNumber::number($litres);
        $most = $from->stem->volume()->inLitres() * 3.0;
        $this->fault = !$this->samePan && $litres !== '' && ($number === null || $number < self::LEAST_LITRES || $number > $most)
            ? FieldFault::of('litres', 'number', [
                'least' => TypedNumber::plain(self::LEAST_LITRES),
                'most' => TypedNumber::plain(floor(10.0 * $most) / 10.0),
                'unit' => ' l',
            ])
            : null;
        [$derived, $refusal] = [null, ''];
        if ($sauce !== '' && $this->fault === null) {
            try {
                $derived = $from->derived($sauce, $number === null ? null : Volume::ofLitres($number), $this->samePan);
                $refusal = $from->holds($derived) ? '' : Words::text(
                    'family.make.too_little',
                    takes: Litres::of($derived->taken->volume())->text(),
                    there: Litres::of($from->stem->volume())->text(),
                );
            } catch (LentoException $refused) {
                $refusal = RefusalWords::of($refused);
            }
        }
        [$this->derived, $this->refusal] = [$derived, $refusal];
    }

    /** Whether it can be started as it stands. */
    public function isReady(): bool
    {
        return $this->derived !== null && $this->refusal === '';
    }

    /** @return array<string, string> name by id */
    public function sauces(): array
    {
        $ids = $this->from->sauces();

        return array_combine($ids, array_map($this->names->name(...), $ids));
    }

    /** "2.00 l, 58 g/l: coating" */
    public function stands(): string
    {
        $thickness = $this->from->stem->thickness();

        return Words::text(
            'family.make.stands',
            litres: Litres::of($this->from->stem->volume())->text(),
            grams: sprintf('%.0F', $thickness->gramsPerLitre),
            class: Words::text('thickness.class.' . $thickness->thicknessClass()->value),
        );
    }

    /** @return array<string, string> what it comes to, by what that is called */
    public function facts(Derived $derived): array
    {
        return [
            Words::text('family.make.takes') => Litres::of($derived->taken->volume())->text(),
            Words::text('family.make.makes') => Litres::of($derived->volume())->text(),
            Words::text('family.make.thick') => Words::text('thickness.class.' . $derived->thickness()->thicknessClass()->value)
                . sprintf(', %.0F g/l', $derived->thickness()->gramsPerLitre),
            Words::text('family.make.time') => Minutes::text($derived->time()),
            Words::text('family.make.pan') => sprintf('%.0F cm', $derived->pan->diameter->inCentimetres()),
            Words::text('family.make.keep') => HotBand::text($derived->keepBelow(), $this->kitchen->foodSafety()),
        ];
    }

    /** @return list<array{title: string, cue: string, caution: string, minutes: string}> */
    public function steps(Derived $derived): array
    {
        return StepsOnPaper::of(
            $derived->plan($this->kitchen->catalogue()->root($this->sauce), (new KitchenWorkplace($this->kitchen))->workplace()),
        );
    }

    public function allergens(Derived $derived): string
    {
        return Allergens::line($derived->allergens(), $derived->readLabel());
    }
}
