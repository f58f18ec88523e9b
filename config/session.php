<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    // A working week: nobody signs in again with a tape in one hand.
    'lifetime' => 60 * 24 * 7,
    // Who wants to stay signed in after the browser is closed says so at the door.
    'expire_on_close' => true,
    'cookie' => 'underbolt_session',
    'http_only' => true,
    'same_site' => 'lax',
    'secure' => env('SESSION_SECURE_COOKIE'),
];
