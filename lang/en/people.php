<?php

declare(strict_types=1);

return [
    'title' => 'People',
    'how' => 'Who works here. On a paired tablet a cook is one tap; a chef says a PIN there for more than a cook may.',
    'new' => 'Somebody new',
    'name' => 'Name',
    'role' => 'Role',
    'roles' => ['owner' => 'owner', 'chef' => 'chef', 'cook' => 'cook', 'reader' => 'reader'],
    'roles_say'
        => 'A cook cooks: pots, sauces, services. A chef runs the kitchen as well: gear, people, files, the bin. An owner also opens '
            . 'other kitchens. A reader looks and changes nothing.',
    'pin' => 'PIN for tablets',
    'pin_how' => '4 to 8 digits; empty leaves it as it is.',
    'has_pin' => 'has a PIN',
    'login_how' => 'Only for who signs in without a tablet.',
    'new_password' => 'New password',
    'old_password' => 'Password now',
    'own' => 'Your own password',
    'out_everywhere' => 'Sign out everywhere',
];
