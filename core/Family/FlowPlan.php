<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\Unknown;

/** Which sauces a service needs and which of them is made from which; parents come before their children. */
final readonly class FlowPlan
{
    /**
     * @param array<string, Planned> $sauces by key
     * @param list<string> $wished the key that each wish is served from
     */
    private function __construct(public array $sauces, public array $wished) {}

    /** @throws Unknown if a sauce is not in the catalogue */
    public static function of(Service $service, Catalogue $catalogue, Workplace $workplace): self
    {
        [$sauces, $wished] = [[], []];
        foreach ($service->wishes as $wish) {
            [$sauces, $key] = self::wished($sauces, $wish, $catalogue, $workplace);
            $sauces[$key] = $sauces[$key]->serving($service->wanted($wish));
            $wished[] = $key;
        }
        foreach ($service->onHand as $have) {
            $key = self::key($have->sauce, $have->liquid);
            // What is in the cold and nobody wants is no part of this service.
            if (isset($sauces[$key])) {
                $sauces[$key] = $sauces[$key]->having($have->volume);
            }
        }

        return new self($sauces, $wished);
    }

    public static function key(string $sauce, string $liquid): string
    {
        return $sauce . '@' . $liquid;
    }

    /** @return list<Planned> what is made from it */
    public function childrenOf(string $key): array
    {
        return array_values(array_filter($this->sauces, static fn(Planned $one): bool => $one->parent === $key));
    }

    /** @return array<string, PlannedBase> by key, each after the one it is made from */
    public function bases(): array
    {
        $bases = [];
        foreach ($this->sauces as $key => $sauce) {
            $bases = $sauce->base === null
                ? $bases
                : [...$bases, $key => new PlannedBase($sauce->base, $sauce->liquid, $sauce->parent, $sauce->served, $sauce)];
        }

        return $bases;
    }

    /** @return list<PlannedDerivative> all that is made from it, through any number of sauces that are no bases */
    public function descendantsOf(string $key): array
    {
        $all = [];
        foreach ($this->childrenOf($key) as $child) {
            $all = $child->derivative === null
                ? $all
                : [
                    ...$all,
                    new PlannedDerivative($child->key, $child->derivative, $key, $child->served),
                    ...$this->descendantsOf($child->key),
                ];
        }

        return $all;
    }

    /**
     * @param array<string, Planned> $sauces
     *
     * @return array{array<string, Planned>, string}
     */
    private static function wished(array $sauces, Wish $wish, Catalogue $catalogue, Workplace $workplace): array
    {
        $base = $catalogue->base($wish->sauce);
        $key = self::key($wish->sauce, $wish->liquid);
        // Asked for otherwise than it is usually made, a derivative is a pot of its own, whatever else is made of its base.
        $from = $base === null && $wish->class !== null ? $catalogue->derivative($wish->sauce)->parent : $wish->sauce;
        $sauces = self::added($sauces, $from, $wish->liquid, $catalogue);
        if ($base === null && $wish->class === null) {
            return [$sauces, $key];
        }
        $class = $wish->class ?? $workplace->formula($base)->thickness->thicknessClass();
        $own = $key . '!' . $class->value;
        $derivative = $base === null ? $catalogue->derivative($wish->sauce)->asThickAs($class) : Derivative::asItIs($base, $class);
        $parent = $base === null ? self::key($derivative->parent, $wish->liquid) : $key;

        return [
            [...$sauces, $own => $sauces[$own] ?? new Planned($own, $wish->sauce, $wish->liquid, new Descent(null, $derivative, $parent))],
            $own,
        ];
    }

    /**
     * @param array<string, Planned> $sauces
     *
     * @return array<string, Planned>
     */
    private static function added(array $sauces, string $sauce, string $liquid, Catalogue $catalogue): array
    {
        $key = self::key($sauce, $liquid);
        if (isset($sauces[$key])) {
            return $sauces;
        }
        $base = $catalogue->base($sauce);
        $parent = $catalogue->parentOf($sauce);
        // A demi-glace is named by the stock it is let down with; its espagnole is made with the usual one.
        $with = $parent === null || $base === null ? $liquid : $catalogue->liquids($parent)[0];
        $sauces = $parent === null ? $sauces : self::added($sauces, $parent, $with, $catalogue);

        return [
            ...$sauces,
            $key => new Planned(
                $key,
                $sauce,
                $liquid,
                new Descent(
                    $base,
                    $base === null ? $catalogue->derivative($sauce) : null,
                    $parent === null ? null : self::key($parent, $with),
                ),
            ),
        ];
    }
}
