<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\Missing;

/** Which sauce a plan makes, and of what: ids of the catalogue and the larder, never their names. */
final readonly class Making
{
    /**
     * @param string $sauce id of the base or derivative
     * @param string $root id of the base that it comes from in the end; itself for a base
     * @param string $parent id of the sauce that it is ladled from; '' for a base that is made from stock or milk
     * @param string $liquid larder id of what it, or its base, is made with
     * @param string $fat larder id of the fat of its roux; '' where it has none of its own
     */
    private function __construct(
        public string $sauce,
        public string $root,
        public string $parent,
        public string $liquid,
        public string $fat,
    ) {}

    /** @throws Missing if it names no sauce */
    public static function of(string $sauce, string $root, string $liquid, string $parent = '', string $fat = ''): self
    {
        if ($sauce === '' || $root === '') {
            throw Missing::from('plan', 'sauce');
        }

        return new self($sauce, $root, $parent, $liquid, $fat);
    }

    public function isDerived(): bool
    {
        return $this->sauce !== $this->root;
    }
}
