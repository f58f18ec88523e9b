<?php

declare(strict_types=1);

namespace App\Records;

use RuntimeException;
use ZipArchive;

/** Several files in one. */
final class Archive
{
    /** @param  iterable<string, string>  $files contents by name */
    public static function of(iterable $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        try {
            $zip = new ZipArchive;
            if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
                throw new RuntimeException('No archive can be written.');
            }
            foreach ($files as $name => $content) {
                $zip->addFromString($name, $content);
            }
            $zip->close();

            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }
}
