<?php

declare(strict_types=1);

return [
    'title' => 'At another tablet',
    'open' => 'At another tablet',
    'how' => 'Point its camera here, or type the address:',
    'qr' => 'The address below as a QR code',
    'who' => 'Whoever opens it has to be signed in to this kitchen.',
    'back' => 'Back to the page',
];
