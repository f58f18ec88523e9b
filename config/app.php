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

    // How many costly works, such as paper and reading files, are done at once: half of those who answer.
    'heavy_works' => (int) env('UNDERBOLT_HEAVY_WORKS', 4),

    // How many cores there are to be shared among accounts: with more waiting for one than that, whoever asks without end gets
    // less of them. None is for a machine that one person has to herself.
    'cores' => (int) env('UNDERBOLT_CORES', 0),

    // Whether papers that were made once are kept until something changes; while the code itself changes they are not.
    'keeps_answers' => (bool) env('UNDERBOLT_KEEPS_ANSWERS', env('APP_ENV') === 'production'),

    // By which rules what is kept was worked out: with others it is worked out anew.
    'rules' => App\Records\Rules::stamp(),

    // How often a minute one address may try to sign in or to register: a whole house may be behind one.
    'sign_ins' => (int) env('UNDERBOLT_SIGN_INS', 30),
];
