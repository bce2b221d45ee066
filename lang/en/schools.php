<?php

declare(strict_types=1);

// Where practitioners disagree: each question, each answer, and in one line what it changes.
return [
    'title' => 'How it is made',
    'usual' => 'as this base has it',
    'ratio' => [
        'q' => 'Fat to flour',
        '1' => ['Equal weights', 'no free fat, no dry flour'],
        '1.8' => ['Equal volumes', '1.8 to 1 by weight: pale, but fat floats'],
        '1.5' => ['Fat-rich, 1.5', 'easy to keep pale, leaves a film'],
        '0.7' => ['Flour-rich, 0.7', 'lean, pasty, lumps sooner'],
    ],
    'school' => [
        'q' => 'Roux and liquid',
        'cold-on-hot' => ['Cold on hot', 'fewest lumps for one cook'],
        'hot-on-cold' => ['Boiling on cooled', 'off the heat; for large batches'],
        'warm-pours' => ['Warm in pours', 'more pours, sooner at the boil'],
        'hot-on-hot' => ['Hot on hot', 'small pours, whisk hard'],
        'roux-into-boiling' => ['Roux into boiling', 'piece by piece; it foams up'],
    ],
    'flour' => [
        'q' => 'Flour',
        'all-at-once' => ['All at once', 'every grain gets the same minutes'],
        'gradually' => ['Gradually', 'easier to keep loose; grains differ'],
    ],
    'place' => [
        'q' => 'Where the roux cooks',
        'hob' => ['On the hob', 'quick, watched'],
        'oven' => ['In the oven', 'even and slow; for brown roux over 500 g'],
    ],
    'cookout' => [
        'q' => 'White roux before the liquid',
        'brief' => ['Under a minute', 'the simmer has to cook it out'],
        'usual' => ['About 3 min', 'raw smell gone'],
        'long' => ['7 min, low', 'a little less strength, no raw taste'],
    ],
    'stirring' => [
        'q' => 'Stirring',
        'constantly' => ['Constantly', 'nothing catches; a pair of hands'],
        'visits' => ['Now and then', 'every few minutes after the boil'],
    ],
    'browned' => ['q' => 'Butter browned first', 'no' => ['No', 'clean taste'], 'yes' => ['Yes', 'nutty; its water is gone']],
    'aromatics' => [
        'q' => 'Aromatics',
        'sweated' => ['Cooked in the fat', 'sweetest; before the flour'],
        'apart' => ['Cooked apart', 'the roux keeps its own colour'],
        'infused' => ['Infused', 'in the liquid, then out'],
        'sachet' => ['In a sachet', 'simmered along'],
        'none' => ['None', 'the liquid alone'],
    ],
    'strain' => [
        'q' => 'Vegetables',
        'strained' => ['Strained', 'smooth; the strainer keeps some sauce'],
        'left-in' => ['Left in', 'rustic; they count in the yield'],
        'blended' => ['Blended', 'smooth and thicker in the mouth'],
    ],
    'pepper' => [
        'q' => 'Pepper in pale sauces',
        'white' => ['White', 'no specks'],
        'black' => ['Black', 'rounder, shows'],
        'none' => ['None', 'mild'],
    ],
    'salting' => [
        'q' => 'Salt',
        'at-the-end' => ['At the end', 'it concentrates as the pot reduces'],
        'in-the-middle' => ['In the middle', 'goes deeper; taste again'],
    ],
    'skin' => [
        'q' => 'Against a skin',
        'cartouche' => ['Cartouche', 'paper on the surface, held hot'],
        'butter-film' => ['Butter film', 'for storing; stir it in'],
        'film' => ['Film on contact', 'for the cold room'],
        'stir' => ['Stir', 'no help needed, if someone does'],
    ],
    'milk' => [
        'q' => 'Milk',
        'infused' => ['Infused', 'onion, clove and bay in the milk'],
        'cold' => ['Cold', 'aromatics in the simmer'],
        'warmed' => ['Warmed', 'more pours, sooner at the boil'],
    ],
    'late' => [
        'q' => 'If it is thin at the test',
        'reduce' => ['Reduce', 'best taste; takes volume and time'],
        'white-roux' => ['White roux', 'needs cooking out'],
        'beurre-manie' => ['Beurre manié', 'quick; cook out 5 min'],
        'slurry' => ['Slurry', 'quickest; thins if held'],
    ],
    'finish' => [
        'q' => 'Finish',
        'by-sauce' => ['By the sauce', 'as its formula says'],
        'butter' => ['Butter', 'cold, off the boil: shine'],
        'cream' => ['Cream', 'rounder, a little thinner'],
        'liaison' => ['Yolk and cream', 'thickens; never boil it again'],
    ],
];
