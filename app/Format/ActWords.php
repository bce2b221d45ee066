<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Drawing\FlowGate;
use Lento\Family\Derived;
use Lento\Procedure\ActKind;
use Lento\Procedure\Worked;

/** What to mind at an act of a derivative, and what of it stands between the sauce and its pass. */
final readonly class ActWords
{
    private function __construct(private Worked $done) {}

    public static function of(Worked $done): self
    {
        return new self($done);
    }

    /** '' where there is nothing to mind. */
    public function caution(): string
    {
        $most = $this->done->atMost();
        $least = $this->done->atLeast();
        if ($most === null) {
            return '';
        }

        return $this->done->hasYolk() && $least !== null
            ? Words::text('family.caution.yolk', least: Degrees::text($least), most: Degrees::text($most))
            : Words::text('family.caution.limit', most: Degrees::text($most));
    }

    /** What stands between a sauce and its pass that must not be missed; null where nothing does. */
    public static function gate(Derived $derived): ?FlowGate
    {
        $gates = [];
        foreach ($derived->acts as $done) {
            $gate = self::of($done)->asGate();
            $gates = $gate === null ? $gates : [...$gates, $gate];
        }
        usort($gates, static fn(FlowGate $a, FlowGate $b): int => ($a->kind === 'limit' ? 0 : 1) <=> ($b->kind === 'limit' ? 0 : 1));

        return $gates[0] ?? null;
    }

    private function asGate(): ?FlowGate
    {
        $most = $this->done->atMost();
        $act = $this->done->act;

        return match (true) {
            $most !== null => new FlowGate('limit', Words::text('family.gate.under', temperature: Degrees::number($most) . '°')),
            $act->kind === ActKind::Simmer => new FlowGate(
                'do',
                Words::text('family.gate.minutes', minutes: sprintf('%.0F', $this->done->time->inMinutes())),
            ),
            $act->kind === ActKind::Reduce => new FlowGate(
                'do',
                Words::text('family.gate.reduce', percent: sprintf('%.0F', 100.0 * $act->share)),
            ),
            $act->kind === ActKind::StirIn && $act->words === 'last' && $this->done->doses !== [] => new FlowGate(
                'do',
                Words::text('family.gate.last', what: Words::ingredient($this->done->doses[0]->dose->ingredient)),
            ),
            $act->kind === ActKind::Strain, $act->kind === ActKind::RubThrough => new FlowGate('do', Words::text('family.gate.strain')),
            default => null,
        };
    }
}
