<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'single'),
    'channels' => [
        // Fourteen days of files; where none can be written, as on a full disk, the answer goes out all the same.
        'lasting' => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
    ],
];
