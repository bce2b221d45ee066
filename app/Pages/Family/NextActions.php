<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\ServiceKey;
use App\Format\SauceNames;
use App\Format\Words;
use Lento\Family\Flow;
use Lento\Family\FlowNode;

/** What is to be done next with each sauce of a service: bases first, then the ladle, then the stove. */
final readonly class NextActions
{
    /** @param array<string, PotState> $pots by the key of their sauce */
    public function __construct(private Flow $flow, private SauceNames $names, private array $pots) {}

    /** Of an end of the flow. */
    public function ofEnd(string $key, FlowNode $node): Action
    {
        $own = $this->pots[$key] ?? null;
        if ($own !== null) {
            return $own->finishedAt === null ? new Action('link', Words::text('family.next_act.stove'), $key, $own->potId) : new Action('none', Words::text('family.next_act.done', time: $own->finishedAt->format('H:i')), $key);
        }
        $parent = $this->flow->parentOf($node);
        if ($parent === null || $node->made->cubicMetres <= 0.0) {
            return new Action('none', Words::text('family.next_act.fridge'), $key);
        }
        $pot = $this->pots[$parent->planned->key] ?? null;
        if ($pot !== null && isset($pot->ladles[$key])) {
            return new Action('none', Words::text('family.next_act.done', time: $pot->ladles[$key]->format('H:i')), $key);
        }
        if ($pot === null && $parent->made->cubicMetres > 0.0) {
            return $this->firstToCook($parent);
        }

        return $pot === null || $pot->ready ? new Action('ladle', Words::text('family.next_act.ladle'), $key) : new Action('link', Words::text('family.next_act.on', name: $this->within($parent->planned->key)), $key, $pot->potId);
    }

    public function ofBase(FlowNode $node): Action
    {
        $key = $node->planned->key;
        $pot = $this->pots[$key] ?? null;

        return match (true) {
            $node->sheet === null => new Action('none', Words::text('family.next_act.fridge'), $key),
            $pot === null => $this->cookOrWait($node),
            $pot->finishedAt === null => new Action('link', Words::text('family.next_act.stove'), $key, $pot->potId),
            default => new Action('none', Words::text('family.next_act.done', time: $pot->finishedAt->format('H:i')), $key),
        };
    }

    /** Bases first: what must be on before this one can be. */
    private function firstToCook(FlowNode $node): Action
    {
        $parent = $this->flow->parentOf($node);
        if ($parent !== null && $parent->made->cubicMetres > 0.0 && !isset($this->pots[$parent->planned->key])) {
            return $this->firstToCook($parent);
        }

        return new Action($node->isBase() ? 'cook' : 'ladle', Words::text('family.next_act.base', name: $this->within($node->planned->key)), $node->planned->key);
    }

    /** A demi-glace waits for its espagnole, which has a card of its own. */
    private function cookOrWait(FlowNode $node): Action
    {
        $first = $this->firstToCook($node);
        $parent = $this->flow->parentOf($node);
        $from = $parent === null ? null : $this->pots[$parent->planned->key] ?? null;
        if ($parent !== null && $from !== null && !$from->ready) {
            return new Action('link', Words::text('family.next_act.on', name: $this->within($parent->planned->key)), $parent->planned->key, $from->potId);
        }

        return $first->branch === $node->planned->key ? $first : new Action('none', Words::text('family.next_act.waits', name: $this->within($first->branch)), $first->branch);
    }

    private function within(string $key): string
    {
        return $this->names->within(...ServiceKey::parts($key));
    }
}
