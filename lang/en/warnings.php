<?php

declare(strict_types=1);

return [
    'pan-overflows' => 'The pan runs over: :fill_percent % of the brim. At most :fits_l l fits.',
    'pan-overflows-short' => 'The pan runs over: :fill_percent % of the brim.',
    'pan-too-full' => 'Pan :fill_percent % full, and it climbs. At most :fits_l l fits below :limit_percent %.',
    'pan-too-full-short' => 'Pan :fill_percent % full, and it climbs above :limit_percent %.',
    'pan-shallow' => 'Only :depth_mm mm deep at the end: it will catch. Take a narrower pan.',
    'two-lift' => ':kilograms kg of pan and sauce: two people.',
    'never-lifted' => ':kilograms kg of pan and sauce: never lift it. Bail it out, or tap it off.',
    'fat-floats' => 'About :fat_g g of fat will float: skim it, or take less fat.',
    'roux-dry' => 'Little fat for the flour (:fat_to_flour to 1): it lumps and turns pasty. :fat_for_equal_g g more makes them equal.',
    'roux-separates' => 'Much fat for the flour (:fat_to_flour to 1): fat will separate.',
    'roux-deep'
        => ':roux_g g of brown roux lies deep for a hob, and browns unevenly. In the oven at :oven_c it takes about '
            . ':oven_minutes min, unwatched.',
    'roux-deep-short' => ':roux_g g of brown roux lies deep for a hob, and browns unevenly. Brown it in batches.',
    'raw-flour' => 'Still tastes of raw flour: simmer about :minutes_more min longer.',
    'fat-smokes' => 'This fat smokes at :smokes_c, before the roux is that brown. Take clarified butter or oil.',
    'brown-in-butter' => 'Whole butter goes no further than light brown before its solids burn. For darker take clarified butter or oil.',
    'colour-not-reached' => 'So much roux in this pan does not reach its colour within four hours: a wider pan, or batches.',
    'salt-high' => 'Ends at :salt_percent % salt: too salty for most. Take unsalted stock.',
    'salt-past-target'
        => 'Ends at :salt_percent % salt, past the :target_percent % you want: the liquid brings it, and the pot boils down. '
            . 'Take unsalted stock for part of it.',
    'scorches' => 'Catches at this simmer unless it is stirred: the bottom gets :wall_c hot.',
    'milk-catches' => 'Milk catches at this simmer: stir the bottom, or go lower. The bottom gets :wall_c hot.',
    'acid-thins' => 'Acid (pH :ph) wears off :lost_percent % of the thickening: :flour_g g of flour are in for it.',
    'may-curdle' => 'May curdle (pH :ph): milk and acid together, hot. Keep it off the boil, or add the acid last.',
    'finish-limit' => 'Off the boil: :ingredient goes in under :at_most_c, and it never boils again.',
    'not-reduced' => 'Does not come down to where the recipe wants it at this simmer.',
    'pan-assumed' => 'No pan was given: reckoned with one :diameter_cm cm wide.',
    'word-assumed' => '“:line” was read as :ingredient.',
    'amount-guessed' => '“:line” is by hand: reckoned as :grams_g g, give or take half.',
    'ounces-by-volume' => '“:line”: ounces of a liquid were taken for fluid ounces. By weight? Write “by weight”.',
    'amounts-disagree' => '“:line” says one amount twice, and they differ: :first_g g and :second_g g. The first was taken.',
];
