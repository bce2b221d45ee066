<?php

declare(strict_types=1);

return [
    'title' => 'Kitchens',
    'here' => 'you are here',
    'enter' => 'Go to :name',
    'no_account' => 'Who signs in with a password can belong to several kitchens.',
    'house' => 'House',
    'house_how' => 'Kitchens of one house share the formulas that are marked so. Empty: a house of its own.',
    'house_name' => 'Name of the house',
    'house_taken' => 'Another’s kitchens are of a house of this name. Choose another.',
    'new' => 'Another kitchen',
    'open' => 'Open it',
];
