<?php

declare(strict_types=1);

namespace Tests\Core\Family;

use Lento\Family\Catalogue;
use Lento\Family\Derived;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Quantity\Volume;
use RuntimeException;

/** Derivatives as they come out of a service of their own. */
final class FamilyPots
{
    /** As the catalogue's sauce comes out of a service of its own. */
    public static function derived(string $sauce, float $litres): Derived
    {
        $catalogue = Catalogue::house();
        $liquid = $catalogue->liquids($sauce)[0];
        $flow = ServiceFlow::of(Service::of([new Wish($sauce, $liquid, Volume::ofLitres($litres))]), $catalogue, Workplace::house());

        return $flow->node("$sauce@$liquid")->derived ?? throw new RuntimeException("no $sauce");
    }
}
