<?php

declare(strict_types=1);

return [
    'title' => 'What your pots have taught',
    'link' => 'What it has learnt',
    'how'
        => 'Each finished pot narrows what is known of your pans, your heat and your flour. A pot far off pulls no further than '
            . 'one at the edge of what is believed. Leave out one that went wrong.',
    'off' => 'Nothing of this is reckoned with now: switch it on in Kitchen.',
    'nothing' => 'Nothing yet: read a level or test a spoon at the stove, and measure what comes out.',
    'steam' => 'Steam, :pan cm pan, :level',
    'browning' => 'Browning on :heat heat',
    'browning_on' => 'Browning on :heat heat, :ring',
    'flour' => 'Flour',
    'loses_more' => 'loses :percent % more than the house figure',
    'loses_less' => 'loses :percent % less than the house figure',
    'loses_same' => 'loses as the house figure',
    'browns_more' => 'browns :percent % faster than the house figure',
    'browns_less' => 'browns :percent % slower than the house figure',
    'browns_same' => 'browns as the house figure',
    'thickens_more' => 'thickens :percent % more than the house figure',
    'thickens_less' => 'thickens :percent % less than the house figure',
    'thickens_same' => 'thickens as the house figure',
    'says' => ':does (:low to :high), from :pots',
    'pots' => '{1} one pot|[2,*] :count pots',
    'origin' => 'from :from: :does',
    'from_pan' => '{1} your one pot in this pan|[2,*] your :count pots in this pan',
    'from_heat' => '{1} your one roux on this ring and heat|[2,*] your :count roux on this ring and heat',
    'from_all' => '{1} your one pot|[2,*] your :count pots',
    'from_these' => 'The pots',
    'one_steam' => 'steam :percent',
    'one_browning' => 'browning :percent',
    'one_flour' => 'flour :percent',
    'leave_out' => 'Leave out',
    'take_in' => 'Take in again',
    'left_out' => 'left out',
    'drawing_says' => ':title. :says.',
    'pot_by_pot' => 'pots',
];
