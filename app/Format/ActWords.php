<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Drawing\FlowGate;
use Lento\Family\ActKind;
use Lento\Family\Derived;
use Lento\Family\DoneAct;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;

/** What to mind at an act of a derivative, and what of it stands between the sauce and its pass. */
final readonly class ActWords
{
    private function __construct(private DoneAct $done) {}

    public static function of(DoneAct $done): self
    {
        return new self($done);
    }

    /** '' where there is nothing to mind. */
    public function caution(): string
    {
        $most = $this->done->atMost();
        $least = $this->done->atLeast();
        if ($this->done->act->kind === ActKind::OffTheBoil && $most !== null) {
            return $this->hasYolk() && $least !== null
                ? Words::text('family.caution.yolk', least: Degrees::text($least), most: Degrees::text($most))
                : Words::text('family.caution.limit', most: Degrees::text($most));
        }
        $key = 'family.caution.' . $this->done->act->kind->value;
        $text = Words::text($key);

        return $text === $key ? '' : $text;
    }

    /** What stands between a sauce and its pass that must not be missed; null where nothing does. */
    public static function gate(Derived $derived): ?FlowGate
    {
        foreach ([ActKind::OffTheBoil, ActKind::Simmer, ActKind::Reduce, ActKind::AtTheEnd, ActKind::Strain] as $kind) {
            foreach ($derived->acts as $done) {
                if ($done->act->kind === $kind && ($gate = self::of($done)->asGate()) !== null) {
                    return $gate;
                }
            }
        }

        return null;
    }

    private function asGate(): ?FlowGate
    {
        $most = $this->done->atMost();

        return match ($this->done->act->kind) {
            ActKind::OffTheBoil => $most === null
                ? null
                : new FlowGate('limit', Words::text('family.gate.under', temperature: Degrees::number($most) . '°')),
            ActKind::Simmer => new FlowGate(
                'do',
                Words::text('family.gate.minutes', minutes: sprintf('%.0F', $this->done->time->inMinutes())),
            ),
            ActKind::Reduce => new FlowGate(
                'do',
                Words::text('family.gate.reduce', percent: sprintf('%.0F', 100.0 * $this->done->act->share)),
            ),
            ActKind::AtTheEnd => $this->done->doses === []
                ? null
                : new FlowGate('do', Words::text('family.gate.last', what: Words::ingredient($this->done->doses[0][0]->ingredient))),
            ActKind::Strain => new FlowGate('do', Words::text('family.gate.strain')),
            default => null,
        };
    }

    private function hasYolk(): bool
    {
        foreach ($this->done->finishings as $finishing) {
            if ($finishing->what instanceof Ingredient && $finishing->what->role === Role::Egg) {
                return true;
            }
        }

        return false;
    }

}
