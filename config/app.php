<?php

declare(strict_types=1);

return [
    'name' => 'Underbolt',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://localhost'),
    'key' => env('APP_KEY'),
    'timezone' => 'UTC',

    // Where anyone may open the demo workroom with one press; never on a server with real figures.
    'demo' => (bool) env('UNDERBOLT_DEMO', false),

    // How often a minute one address may try to sign in or to register: a whole house may be behind one.
    'sign_ins' => (int) env('UNDERBOLT_SIGN_INS', 30),
];
