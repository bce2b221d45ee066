<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\LentoException;
use Lento\Exception\Unknown;

/** A service worked out from the finished sauces back to the bases: every pot, every ladle, every litre. */
final readonly class ServiceFlow
{
    /**
     * @internal made by FlowSolver
     *
     * @param array<string, FlowNode> $nodes by key, bases before what is made of them
     * @param list<string> $wished the key each wish is served from
     */
    public function __construct(public Service $service, public array $nodes, public array $wished) {}

    /**
     * @throws Unknown if a sauce is not in the catalogue
     * @throws LentoException if a base cannot be made as it would have to be
     */
    public static function of(Service $service, Catalogue $catalogue, Workplace $workplace): self
    {
        return FlowSolver::solve($service, $catalogue, $workplace);
    }

    /** @throws Unknown */
    public function node(string $key): FlowNode
    {
        return $this->nodes[$key] ?? throw Unknown::name('sauce-of-this-service', $key);
    }

    /** @return list<FlowNode> those that are made in a pot of their own, bases first */
    public function pots(): array
    {
        return array_values(
            array_filter($this->nodes, static fn(FlowNode $node): bool => $node->made->cubicMetres > 0.0 && !$node->isServedAsItIs()),
        );
    }

    /** @return list<FlowNode> */
    public function bases(): array
    {
        return array_values(array_filter($this->nodes, static fn(FlowNode $node): bool => $node->isBase()));
    }

    /** @return list<FlowNode> what goes to the pass */
    public function served(): array
    {
        return array_values(array_filter($this->nodes, static fn(FlowNode $node): bool => $node->served->cubicMetres > 0.0));
    }

    public function parentOf(FlowNode $node): ?FlowNode
    {
        return $node->planned->parent === null ? null : $this->node($node->planned->parent);
    }
}
