<?php

declare(strict_types=1);

namespace App\Records;

use Lento\Exception\LentoException;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Measure;
use Lento\Procedure\Procedure;
use Lento\Procedure\Vessel;

/** The acts of a kitchen's own sauce, as they are kept: in their order, in °C and min, amounts for a litre of what it is made from. */
final readonly class ActCodec
{
    /** @return list<array<string, mixed>> */
    public static function encode(Procedure $procedure): array
    {
        return array_map(static fn(Act $act): array => array_filter([
            'kind' => $act->kind->value,
            'vessel' => $act->vessel->value,
            'words' => $act->words,
            'doses' => array_map(self::dose(...), $act->doses),
            'share' => $act->share,
            'least_min' => $act->least->inMinutes(),
            'level' => $act->level->value,
            'at_least_c' => $act->atLeast?->inCelsius(),
            'at_most_c' => $act->atMost?->inCelsius(),
            'to_c' => $act->to?->inCelsius(),
        ], static fn(mixed $value): bool => $value !== null && $value !== '' && $value !== []), $procedure->acts);
    }

    /** @throws LentoException naming the field where it makes no sense */
    public static function decode(mixed $kept): Procedure
    {
        return Procedure::of(...array_map(self::toAct(...), Node::root($kept, 'acts')->all()));
    }

    /** @return array<string, mixed> */
    private static function dose(Dose $dose): array
    {
        return array_filter([
            'of' => $dose->ingredient,
            'measure' => $dose->measure->value,
            'per_litre' => $dose->perLitre,
            'usual' => $dose->usual,
            'fate' => $dose->fate->value,
            'tied' => $dose->tied,
        ], static fn(mixed $value): bool => $value !== false);
    }

    private static function toAct(Node $node): Act
    {
        return $node->into(static function (Node $node): Act {
            $act = Act::of($node->get('kind')->one(ActKind::class), ...array_map(self::toDose(...), $node->maybe('doses')?->all() ?? []))
                ->in($node->get('vessel')->one(Vessel::class))
                ->saying($node->maybe('words')?->text() ?? '')
                ->downBy($node->maybe('share')?->float() ?? 0.0)
                ->for($node->maybe('least_min')?->float() ?? 0.0)
                ->at($node->maybe('level')?->one(SimmerLevel::class) ?? SimmerLevel::Bare);
            $most = $node->maybe('at_most_c')?->float();
            $act = $most === null ? $act : $act->between($node->maybe('at_least_c')?->float(), $most);
            $to = $node->maybe('to_c')?->float();

            return $to === null ? $act : $act->until($to);
        });
    }

    private static function toDose(Node $node): Dose
    {
        return $node->into(static fn(Node $node): Dose => Dose::kept(
            $node->get('of')->name(),
            $node->get('measure')->one(Measure::class),
            [$node->get('per_litre')->float(), $node->maybe('usual')?->float() ?? $node->get('per_litre')->float()],
            $node->get('fate')->one(Fate::class),
            $node->maybe('tied')?->yes() ?? false,
        ));
    }
}
