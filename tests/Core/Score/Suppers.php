<?php

declare(strict_types=1);

namespace Tests\Core\Score;

use App\Formats\InstanceJson;
use Lento\Family\Catalogue;
use Lento\Family\Service as Wanted;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Quantity\Volume;
use Lento\Score\Arrangement;
use Lento\Score\Cook;
use Lento\Score\Galley;
use Lento\Score\Part;
use Lento\Score\Ring;
use Lento\Score\Service;
use Lento\Score\Shelf;
use Lento\Score\Times;
use RuntimeException;

/** Suppers as they are cooked, made into tasks: which tasks, waits and places come of their pots is kept. */
final readonly class Suppers
{
    private const WISHES = [
        'chains and derivatives' => [['mornay' => 1.2, 'hunters' => 1.0], false],
        'a liaison' => [['supreme' => 1.0, 'aurore' => 1.0], false],
        'from the cold' => [['mornay' => 1.0], true],
        'large' => [['supreme' => 14.0, 'mornay' => 9.0], false],
    ];

    /** @return array<string, array<string, mixed>> */
    public static function arranged(): array
    {
        $cooks = [new Cook('Ines', ['liaison']), new Cook('Petra')];
        $galley = new Galley($cooks, [new Ring('front', 1000, 3), new Ring('back', 1000, 2)], []);
        $arranged = [];
        foreach (self::WISHES as $name => [$litres, $cold]) {
            $arrangement = Arrangement::of(self::parts($litres, $cold), $galley, new Shelf());
            $json = json_encode(InstanceJson::of($arrangement->instance('supper', new Times(0, 0, 2000))), JSON_THROW_ON_ERROR);
            /** @var array<string, mixed> $told */
            $told = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
            $arranged[$name] = $told;
        }

        return $arranged;
    }

    /**
     * @param array<string, float> $litres by sauce
     *
     * @return non-empty-list<Part> served at 19:30
     */
    public static function parts(array $litres, bool $cold = false): array
    {
        $catalogue = Catalogue::house();
        $wishes = [];
        foreach ($litres as $sauce => $amount) {
            $wishes[] = new Wish($sauce, $catalogue->liquids($sauce)[0], Volume::ofLitres($amount));
        }
        $parts = [];
        foreach (ServiceFlow::of(Wanted::of($wishes), $catalogue, Workplace::house())->pots() as $node) {
            $plan = $node->sheet?->plan() ?? $node->derived?->plan($catalogue->root($node->planned->sauce), Workplace::house());
            if ($plan !== null && !($cold && $node->isBase())) {
                $served = $node->served->cubicMetres > 0.0 ? new Service(1170, 0, 1, 20, 90) : null;
                $from = $cold ? null : $node->planned->parent;
                $parts[] = new Part($node->planned->key, $node->planned->sauce, $plan, $from, $served, $cold);
            }
        }

        return $parts === [] ? throw new RuntimeException('nothing to cook') : $parts;
    }
}
