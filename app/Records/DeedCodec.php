<?php

declare(strict_types=1);

namespace App\Records;

use BackedEnum;
use Lento\Exception\LentoException;
use Lento\Heat\HobHeat;
use Lento\Pot\Lid;
use Lento\Pot\SimmerLevel;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Practice\Where;
use Lento\Quantity\Mass;

/** What was done at a practice pot, as it stands in its row and as a page sends it: {"at": 312, "kind": "heat", "way": "medium"}. */
final readonly class DeedCodec
{
    /** @return array<string, int|float|string> */
    public static function encode(Deed $deed): array
    {
        return [
            'at' => $deed->at,
            'kind' => $deed->kind->value,
            ...$deed->way instanceof BackedEnum ? ['way' => $deed->way->value] : [],
            ...$deed->amount > 0.0 ? ['amount' => $deed->amount] : [],
            ...$deed->what !== '' ? ['what' => $deed->what] : [],
        ];
    }

    /**
     * @param array<string, mixed> $row
     *
     * @throws LentoException|Unreadable if it is none
     */
    public static function decode(array $row): Deed
    {
        $node = Node::root($row);
        $at = $node->get('at')->whole();
        $way = $node->maybe('way')?->text() ?? '';
        $what = $node->maybe('what')?->atMost(60) ?? '';
        $amount = $node->maybe('amount')?->float() ?? 0.0;
        $kind = DeedKind::tryFrom($node->get('kind')->text()) ?? throw $node->get('kind')->wrong('choice');

        return match ($kind) {
            DeedKind::Heat => Deed::heat(
                $at,
                $way === '' || $way === 'off' ? null : HobHeat::tryFrom($way) ?? throw $node->get('way')->wrong('choice'),
            ),
            DeedKind::Hold => Deed::hold($at, SimmerLevel::tryFrom($way) ?? throw $node->wrong('choice')),
            DeedKind::Stir => Deed::stir($at, $amount, Where::tryFrom($way) ?? Where::All),
            DeedKind::Lid => Deed::lid($at, Lid::tryFrom($way) ?? throw $node->wrong('choice')),
            DeedKind::Add => Deed::add($at, $what, Mass::ofGrams($amount)),
            DeedKind::Whisk => Deed::whisk($at, max(1, (int) $amount)),
            default => Deed::of($at, $kind),
        };
    }

    /**
     * @param array<mixed> $rows
     *
     * @return list<Deed>
     *
     * @throws LentoException|Unreadable if one is none
     */
    public static function all(array $rows): array
    {
        return array_values(array_map(static fn(mixed $row): Deed => self::decode(self::row($row)), $rows));
    }

    /** @return array<string, mixed> */
    private static function row(mixed $row): array
    {
        $named = [];
        foreach (is_array($row) ? $row : [] as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }
}
