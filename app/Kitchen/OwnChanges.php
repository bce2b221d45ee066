<?php

declare(strict_types=1);

namespace App\Kitchen;

/** What a kitchen does otherwise in a derivative of its own. */
final readonly class OwnChanges
{
    /**
     * @param string $amounts per litre by ingredient, "double-cream:120 butter:40"
     * @param string $more what else goes in at the end, in g per litre, written alike
     * @param mixed $acts its own, in its own order, as ActCodec keeps them; null for those of the sauce it began as
     * @param string $class '' as in the one it began as
     */
    public function __construct(
        public string $amounts,
        public string $more,
        public string $class,
        public string $story,
        public mixed $acts = null,
    ) {}
}
