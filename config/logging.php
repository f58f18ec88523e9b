<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'single'),
    'channels' => [
        // One file, which is turned over by its size; where none can be written, as on a full disk, the answer goes out all the same.
        'lasting' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
    ],
];
