<?php

declare(strict_types=1);

namespace App\Records;

use Lento\Larder\Acidity;
use Lento\Larder\Allergen;
use Lento\Larder\Fat;
use Lento\Larder\FatMakeup;
use Lento\Larder\FlourMakeup;
use Lento\Larder\Ingredient;
use Lento\Larder\Makeup;
use Lento\Larder\Packing;
use Lento\Larder\Role;
use Lento\Larder\Strength;
use Lento\Larder\Thickener;
use Lento\Quantity\Density;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;
use Lento\Thickness\Starch;

/** A sauce and what it is made of, as they are kept with a plan: by their parts, so that no larder is asked again. */
final readonly class SauceCodec
{
    private const STARCH = [
        'grams' => 'grams',
        'strength' => 'strengthGrams',
        'plain' => 'plainGrams',
        'dry' => 'dryGrams',
        'raw' => 'rawGrams',
        'long_simmer_loss' => 'longSimmerLoss',
        'swelling_c' => 'swellingCelsius',
        'gelatinised' => 'gelatinised',
        'acid_left' => 'acidLeft',
        'simmered_min' => 'simmeredMinutes',
        'raw_taste' => 'rawTaste',
    ];

    /** @return array<string, mixed> g; what is none of is left out */
    public static function sauce(Sauce $sauce): array
    {
        $starch = [];
        foreach (self::STARCH as $key => $property) {
            $starch[$key] = $sauce->starch->{$property};
        }

        return [
            ...array_filter($sauce->parts(), static fn(float $part): bool => $part !== 0.0),
            ...$sauce->starch->grams === 0.0 && $sauce->starch->strengthGrams === 0.0 ? [] : ['starch' => $starch],
        ];
    }

    public static function toSauce(Node $node): Sauce
    {
        $parts = [];
        foreach ($node->named() as $name => $part) {
            if ($name !== 'starch') {
                $parts[$name] = $part->float();
            }
        }

        return $node->into(static fn(Node $node): Sauce => Sauce::ofParts($parts, self::toStarch($node->maybe('starch'))));
    }

    /** @return array<string, mixed> */
    public static function ingredient(Ingredient $kind): array
    {
        return [
            'id' => $kind->id,
            'role' => $kind->role->value,
            'g_per_ml' => $kind->density->inGramsPerMillilitre(),
            'parts' => [
                'water' => $kind->water,
                'fat' => $kind->fat,
                'solids' => $kind->solids,
                'milk_solids' => $kind->milkSolids,
                'gelatin' => $kind->gelatin,
                'salt' => $kind->salt,
                'alcohol' => $kind->alcohol,
                'thickening' => $kind->thickening,
                'yolk' => $kind->yolk,
            ],
            'ph' => $kind->pH,
            'buffer' => $kind->buffer,
            'allergens' => array_column($kind->allergens, 'value'),
        ];
    }

    public static function toIngredient(Node $node): Ingredient
    {
        $parts = $node->get('parts');
        $part = static fn(string $name): float => $parts->maybe($name)?->float() ?? 0.0;

        return $node->into(static fn(Node $node): Ingredient => Ingredient::of(
            $node->get('id')->name(),
            $node->get('role')->one(Role::class),
            Density::ofGramsPerMillilitre($node->get('g_per_ml')->float()),
            Makeup::of($part('water'), $part('fat'), $part('solids'))->with(
                $part('milk_solids'),
                $part('gelatin'),
                $part('salt'),
                $part('alcohol'),
                $part('thickening'),
                $part('yolk'),
            ),
            new Acidity($node->get('ph')->float(), $node->get('buffer')->float()),
            self::toAllergens($node->get('allergens')),
        ));
    }

    /** @return array<string, mixed> */
    public static function fat(Fat $fat): array
    {
        return [
            'id' => $fat->id,
            'g_per_ml' => $fat->density->inGramsPerMillilitre(),
            'fat' => $fat->fat,
            'water' => $fat->water,
            'solids' => $fat->solids,
            'smokes_k' => $fat->smokes->kelvin,
            'melts_k' => $fat->melts->kelvin,
            'allergens' => array_column($fat->allergens, 'value'),
        ];
    }

    public static function toFat(Node $node): Fat
    {
        return $node->into(static fn(Node $node): Fat => Fat::of(
            $node->get('id')->name(),
            Density::ofGramsPerMillilitre($node->get('g_per_ml')->float()),
            new FatMakeup($node->get('fat')->float(), $node->get('water')->float(), $node->get('solids')->float()),
            Temperature::ofKelvin($node->get('smokes_k')->float()),
            Temperature::ofKelvin($node->get('melts_k')->float()),
            self::toAllergens($node->get('allergens')),
        ));
    }

    /** @return array<string, mixed> */
    public static function thickener(Thickener $kind): array
    {
        return [
            'id' => $kind->id,
            'packs_kg_per_m3' => $kind->packs(),
            'water' => $kind->water,
            'starch' => $kind->starch,
            'protein' => $kind->protein,
            'fat' => $kind->fat,
            'amylose' => $kind->amylose,
            'power' => $kind->power,
            'swelling_k' => $kind->swelling->kelvin,
            'long_simmer_loss' => $kind->longSimmerLoss,
            'raw_taste' => $kind->rawTaste,
            'allergens' => array_column($kind->allergens, 'value'),
        ];
    }

    public static function toThickener(Node $node): Thickener
    {
        return $node->into(static function (Node $node): Thickener {
            $packs = array_map(
                static fn(float $packed): Density => Density::ofGramsPerMillilitre($packed / 1000.0),
                $node->get('packs_kg_per_m3')->floats(),
            );
            if (count($packs) !== 3) {
                throw $node->get('packs_kg_per_m3')->wrong('list');
            }

            return new Thickener(
                $node->get('id')->name(),
                new Packing(...$packs),
                new FlourMakeup(
                    $node->get('water')->float(),
                    $node->get('starch')->float(),
                    $node->get('protein')->float(),
                    $node->get('fat')->float(),
                    $node->get('amylose')->float(),
                ),
                new Strength(
                    $node->get('power')->float(),
                    Temperature::ofKelvin($node->get('swelling_k')->float()),
                    $node->get('long_simmer_loss')->float(),
                    $node->get('raw_taste')->float(),
                ),
                self::toAllergens($node->get('allergens')),
            );
        });
    }

    /** @return list<Allergen> */
    public static function toAllergens(Node $node): array
    {
        return array_map(static fn(Node $one): Allergen => $one->one(Allergen::class), $node->all());
    }

    private static function toStarch(?Node $node): Starch
    {
        if ($node === null) {
            return Starch::none();
        }

        return $node->into(static fn(Node $node): Starch => Starch::ofParts(
            array_map(static fn(string $key): float => $node->get($key)->float(), array_combine(self::STARCH, array_keys(self::STARCH))),
        ));
    }
}
