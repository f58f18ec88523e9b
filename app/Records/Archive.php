<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RuntimeException;
use ZipArchive;

/** Several files in one. */
final class Archive
{
    /** What is larger waits on the disk until all is packed: the archive keeps what it is given until then. */
    private const LARGE_BYTES = 50_000;

    /** @param  iterable<string, string>  $files contents by name */
    public static function of(iterable $files): string
    {
        $path = self::file($files);
        try {
            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }

    /**
     * @param  iterable<string, string>  $files contents by name
     * @return string its path, to be deleted by whoever asked
     */
    public static function file(iterable $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $folder = sys_get_temp_dir().'/'.Str::random(20);
        File::makeDirectory($folder, 0o700);
        try {
            $zip = new ZipArchive;
            if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
                throw new RuntimeException('No archive can be written.');
            }
            foreach ($files as $name => $content) {
                if (strlen($content) < self::LARGE_BYTES) {
                    $zip->addFromString($name, $content);
                } else {
                    $waits = "{$folder}/".$zip->numFiles;
                    file_put_contents($waits, $content);
                    $zip->addFile($waits, $name);
                }
            }
            if (! $zip->close()) {
                throw new RuntimeException('No archive can be written.');
            }
        } catch (RuntimeException $failure) {
            unlink($path);

            throw $failure;
        } finally {
            File::deleteDirectory($folder);
        }

        return $path;
    }
}
