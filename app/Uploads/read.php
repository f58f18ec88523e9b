<?php

declare(strict_types=1);

use App\Uploads\Reader;
use App\Uploads\Reading;
use App\Uploads\UnreadableUpload;

/*
 * Reads one file that was sent, in a process of its own: what it costs is bounded by whoever starts it, and ends with it.
 *   php read.php KIND FILE MORE
 */

require __DIR__.'/../../vendor/autoload.php';

[, $kind, $path, $more] = array_pad($argv, 4, '');
try {
    foreach (Reader::from($kind)->read($path, $more) as $part) {
        fwrite(STDOUT, $part);
    }
} catch (UnreadableUpload $refusal) {
    fwrite(STDERR, json_encode([$refusal->field, $refusal->getMessage()], JSON_THROW_ON_ERROR));
    exit(Reading::REFUSED);
}
