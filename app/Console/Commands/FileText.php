<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Underbolt\Fault;
use Underbolt\File\Typed\FaultyFile;

/** The text of a file named on the command line. */
final class FileText
{
    /** @throws FaultyFile when there is no such file, or it can't be read */
    public static function of(string $path): string
    {
        $text = is_file($path) ? @file_get_contents($path) : false;
        if ($text === false) {
            throw FaultyFile::with([new Fault($path, 'there is no such file, or it can\'t be read')]);
        }

        return $text;
    }
}
