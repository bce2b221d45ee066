<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Pot\Pan;
use Lento\Quantity\Power;
use Lento\Quantity\Volume;

/** What a kitchen has to cook with beside the sauce's own pan. */
final readonly class Tools
{
    /**
     * @param list<Pan> $pans none where nobody has told of any: then usual ones are taken
     * @param Power|null $ring that reaches a pan at most; null for no limit
     */
    public function __construct(private array $pans = [], public ?Power $ring = null) {}

    /** In which so much is fried: the smallest in which it lies no deeper than it browns, else the widest. */
    public function secondPan(Volume $room): Pan
    {
        $usual = CookingTime::panFor($room);
        $pans = $this->pans;
        usort($pans, static fn(Pan $a, Pan $b): int => $a->areaSquareCentimetres() <=> $b->areaSquareCentimetres());
        foreach ($pans as $pan) {
            if (CookingTime::browns($pan, $room)) {
                return $pan;
            }
        }

        return $pans === [] ? $usual : $pans[count($pans) - 1];
    }
}
