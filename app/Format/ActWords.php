<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Drawing\FlowGate;
use Lento\Family\ActKind;
use Lento\Family\Derived;
use Lento\Family\DoneAct;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;

/** An act of a derivative in the words of the kitchen: what to do, what to look for, what to mind. */
final readonly class ActWords
{
    private function __construct(private Derived $derived, private DoneAct $done) {}

    public static function of(Derived $derived, DoneAct $done): self
    {
        return new self($derived, $done);
    }

    public function title(): string
    {
        return Words::text('family.act.' . $this->done->act->kind->value, ...$this->with());
    }

    public function cue(): string
    {
        return Words::text('family.cue.' . $this->done->act->kind->value, ...$this->with());
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

    /** @return list<string> what is ticked off one by one: "6 egg yolks" */
    public function ticks(): array
    {
        return array_map(fn(array $dose): string => DoseWords::text($dose[0], $dose[1], $this->derived->taken->volume()->inLitres()), $this->done->doses);
    }

    /** What stands between a sauce and its pass that must not be missed; null where nothing does. */
    public static function gate(Derived $derived): ?FlowGate
    {
        foreach ([ActKind::OffTheBoil, ActKind::Simmer, ActKind::Reduce, ActKind::AtTheEnd, ActKind::Strain] as $kind) {
            foreach ($derived->acts as $done) {
                if ($done->act->kind === $kind && ($gate = self::of($derived, $done)->asGate()) !== null) {
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
            ActKind::OffTheBoil => $most === null ? null : new FlowGate('limit', Words::text('family.gate.under', temperature: Degrees::number($most) . '°')),
            ActKind::Simmer => new FlowGate('do', Words::text('family.gate.minutes', minutes: sprintf('%.0F', $this->done->time->inMinutes()))),
            ActKind::Reduce => new FlowGate('do', Words::text('family.gate.reduce', percent: sprintf('%.0F', 100.0 * $this->done->act->share))),
            ActKind::AtTheEnd => $this->done->doses === [] ? null : new FlowGate('do', Words::text('family.gate.last', what: Words::ingredient($this->done->doses[0][0]->ingredient))),
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

    /** @return array<string, string> */
    private function with(): array
    {
        return [
            'list' => DoseWords::list($this->done, $this->derived->taken->volume()->inLitres()),
            'percent' => sprintf('%.0F', 100.0 * $this->done->act->share),
            'litres' => Litres::of($this->done->volume)->text(),
            'minutes' => Minutes::text($this->done->time),
            'mm' => sprintf('%.0F', $this->done->depth->inMillimetres()),
        ];
    }
}
