<?php

declare(strict_types=1);

return [
    'typed' => 'What you typed',
    'send_again' => 'Send it again',
    'back' => 'Back',
    'stove' => 'To the stove',
    403 => ['title' => 'Not for you', 'what' => 'This is not open to you. Ask whoever runs the kitchen.'],
    404 => ['title' => 'Nothing here', 'what' => 'There is no such page, or what it showed has been taken away.'],
    405 => ['title' => 'Not like this', 'what' => 'This address takes no such request. Go back and use the page’s own buttons.'],
    413 => ['title' => 'Too much at once', 'what' => 'What was sent is larger than this address takes. Nothing of it was kept.'],
    419 => [
        'title' => 'This page has been open too long',
        'what' => 'Its permission to send has run out. Nothing was lost: look at what you typed, and send it again.',
    ],
    421 => ['title' => 'Not this name', 'what' => 'Lento does not go by this name here.'],
    429 => ['title' => 'Too fast', 'what' => 'That was asked for too often. Wait a minute, then try again.'],
    500 => [
        'title' => 'That went wrong',
        'what' => 'It is Lento’s fault, not yours, and has been written down. What is on the stove goes on.',
    ],
    503 => ['title' => 'One moment', 'what' => 'Too many were writing at once, or Lento is being looked after. Send it again in a moment.'],
];
