<?php

declare(strict_types=1);

namespace App\Records;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The rules that everything is worked out by, as one word: what was worked out by others is worked out anew. */
final class Rules
{
    private static ?string $stamp = null;

    /** By the files of the core as they lie there; where the settings are cached it is the word of that time. */
    public static function stamp(): string
    {
        return self::$stamp ??= self::ofFiles(dirname(__DIR__, 2).'/core');
    }

    private static function ofFiles(string $folder): string
    {
        $files = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[] = "{$file->getPathname()} {$file->getMTime()} {$file->getSize()}";
        }
        sort($files);

        return hash('xxh128', implode("\n", $files));
    }
}
