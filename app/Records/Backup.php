<?php

declare(strict_types=1);

namespace App\Records;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use RuntimeException;

/** The whole workroom as one file: written while it is in use, and put back. */
final class Backup
{
    /** Daily ones that are kept. */
    private const KEPT = 14;

    /**
     * The database copies itself, consistent at one moment, while others go on reading and writing.
     *
     * @throws RuntimeException when the file is there already or can't be written
     */
    public static function write(string $file): void
    {
        if (file_exists($file)) {
            throw new RuntimeException("{$file} is there already: give another name.");
        }
        if (! is_writable(dirname($file))) {
            throw new RuntimeException(dirname($file).' can\'t be written to.');
        }
        // All bodies and figures of the workroom: for nobody but who runs it.
        $mask = umask(0o077);
        try {
            DB::statement('vacuum into ?', [$file]);
        } finally {
            umask($mask);
        }
    }

    /** Today's, where there is none yet; the oldest beyond a fortnight go. */
    public static function daily(string $folder, CarbonImmutable $today): string
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $file = "{$folder}/underbolt-{$today->toDateString()}.sqlite";
        if (! file_exists($file)) {
            self::write($file);
        }
        $all = glob("{$folder}/underbolt-*.sqlite");
        $all = $all === false ? [] : $all;
        rsort($all);
        foreach (array_slice($all, self::KEPT) as $old) {
            unlink($old);
        }

        return $file;
    }

    /**
     * Puts a backup in the place of the workroom. What was there is kept beside it.
     *
     * @return string where that is
     *
     * @throws RuntimeException when the file is no whole workroom; then nothing has changed
     */
    public static function restore(string $file, string $database, CarbonImmutable $now): string
    {
        self::check($file);
        $kept = "{$database}.before-{$now->format('Ymd-His')}";
        if (file_exists($database)) {
            // Nothing of the old one stays in a log beside the file.
            DB::statement('pragma wal_checkpoint(truncate)');
            DB::disconnect();
            if (! rename($database, $kept)) {
                throw new RuntimeException("{$database} can't be moved aside.");
            }
        }
        foreach (['-wal', '-shm'] as $beside) {
            if (file_exists($database.$beside)) {
                unlink($database.$beside);
            }
        }
        if (! copy($file, $database)) {
            throw new RuntimeException("{$file} can't be copied; what was there is in {$kept}.");
        }

        return $kept;
    }

    private static function check(string $file): void
    {
        if (! is_readable($file)) {
            throw new RuntimeException("{$file} can't be read.");
        }
        try {
            $there = new PDO("sqlite:{$file}", options: [
                PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
                PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY,
            ]);
            $check = $there->query('pragma integrity_check');
            $whole = $check === false ? null : $check->fetchColumn();
            $there->exec('select count(*) from users, makes where 0');
        } catch (PDOException) {
            $whole = null;
        }
        if ($whole !== 'ok') {
            throw new RuntimeException("{$file} is no whole backup of a workroom: nothing was changed.");
        }
    }
}
