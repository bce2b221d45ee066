<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\BranchState;
use App\Family\ServiceKey;
use App\Format\SauceNames;
use App\Format\Words;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;

/** What is to be done next with each sauce of a service: bases first, then the ladle, then the stove. */
final readonly class NextActions
{
    /** @param array<string, BranchState> $pots by the key of their sauce */
    public function __construct(private ServiceFlow $flow, private SauceNames $names, private array $pots) {}

    /** Of an end of the flow. */
    public function ofEnd(string $key, FlowNode $node): NextAction
    {
        $parent = $this->flow->parentOf($node);
        $ladled = ($this->pots[$parent->planned->key ?? ''] ?? null)->ladles[$key] ?? null;

        return match (true) {
            isset($this->pots[$key]) => self::ofPot($key, $this->pots[$key]),
            $parent === null || $node->made->cubicMetres <= 0.0 => new NextAction('none', Words::text('family.next_act.fridge'), $key),
            $ladled !== null => new NextAction('none', Words::text('family.next_act.done', time: $ladled->format('H:i')), $key),
            default => $this->before($node) ?? new NextAction('ladle', Words::text('family.next_act.ladle'), $key),
        };
    }

    public function ofBase(FlowNode $node): NextAction
    {
        $key = $node->planned->key;
        $before = $this->before($node);

        return match (true) {
            $node->sheet === null => new NextAction('none', Words::text('family.next_act.fridge'), $key),
            isset($this->pots[$key]) => self::ofPot($key, $this->pots[$key]),
            // A demi-glace waits for its espagnole, which has a card of its own.
            $before !== null && $before->kind !== 'link' => new NextAction(
                'none',
                Words::text('family.next_act.waits', name: $this->within($before->branch)),
                $before->branch,
            ),
            default => $before ?? $this->putOn($node),
        };
    }

    private static function ofPot(string $key, BranchState $pot): NextAction
    {
        return $pot->finishedAt === null
            ? new NextAction('link', Words::text('family.next_act.stove'), $key, $pot->potId)
            : new NextAction('none', Words::text('family.next_act.done', time: $pot->finishedAt->format('H:i')), $key);
    }

    /** What must be done before a sauce can be ladled: the base of its base put on first, or cooked on. Null where its base is ready. */
    private function before(FlowNode $node): ?NextAction
    {
        $parent = $this->flow->parentOf($node);
        if ($parent === null || $parent->made->cubicMetres <= 0.0) {
            return null;
        }
        $key = $parent->planned->key;
        $pot = $this->pots[$key] ?? null;

        return match (true) {
            $pot === null => $this->before($parent) ?? $this->putOn($parent),
            $pot->ready => null,
            default => new NextAction('link', Words::text('family.next_act.on', name: $this->within($key)), $key, $pot->potId),
        };
    }

    private function putOn(FlowNode $node): NextAction
    {
        return new NextAction(
            $node->isBase() ? 'cook' : 'ladle',
            Words::text('family.next_act.base', name: $this->within($node->planned->key)),
            $node->planned->key,
        );
    }

    private function within(string $key): string
    {
        return $this->names->within(...ServiceKey::parts($key));
    }
}
