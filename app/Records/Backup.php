<?php

declare(strict_types=1);

namespace App\Records;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use RuntimeException;
use SQLite3;

/** The whole workroom as one file: written while it is in use, and put back. */
final class Backup
{
    /** Daily ones that are kept. */
    private const KEPT = 14;

    /** For those who are at it when a backup is put back; no request takes longer. */
    private const WAIT_MS = 90_000;

    private const AGAIN_MS = 50;

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
        self::private(static fn () => DB::statement('vacuum into ?', [$file]));
    }

    /** All bodies and figures of the workroom are in what is written: for nobody but who runs it. */
    private static function private(Closure $write): void
    {
        $mask = umask(0o077);
        try {
            $write();
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
        if (! self::isWhole($file)) {
            throw new RuntimeException("{$file} is no whole backup of a workroom: nothing was changed.");
        }
        $kept = "{$database}.before-{$now->format('Ymd-His')}";
        DB::disconnect();
        if (file_exists($database) && ! self::isWhole($database)) {
            self::moveAside($database, $kept);
        }
        $to = self::alone($database);
        if (! file_exists($kept)) {
            self::private(static fn (): bool => $to->exec("vacuum into '".SQLite3::escapeString($kept)."'"));
        }
        // Page by page in one transaction: where it breaks off the old one stands.
        $from = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $isDone = $from->backup($to);
        $from->close();
        $to->close();

        return $isDone ? $kept : throw new RuntimeException("{$file} can't be copied; what was there is in {$kept}.");
    }

    /**
     * Nobody else reads or writes it until this is closed: whoever was at it when it was asked for has ended.
     *
     * @throws RuntimeException where somebody doesn't
     */
    private static function alone(string $database): SQLite3
    {
        $alone = new SQLite3($database);
        $alone->exec('pragma locking_mode = exclusive');
        for ($waited = 0; ! @$alone->exec('begin exclusive'); $waited += self::AGAIN_MS) {
            if ($waited > self::WAIT_MS) {
                throw new RuntimeException("Somebody else has {$database} open and doesn't end: nothing was changed.");
            }
            usleep(1000 * self::AGAIN_MS);
        }
        $alone->exec('commit');

        return $alone;
    }

    /** What can't be read is kept as it is, with what was not yet written into it. */
    private static function moveAside(string $database, string $kept): void
    {
        foreach (['-shm', '-wal', ''] as $beside) {
            if (file_exists($database.$beside) && ! rename($database.$beside, $kept.$beside)) {
                throw new RuntimeException("{$database}{$beside} can't be moved aside.");
            }
        }
    }

    private static function isWhole(string $file): bool
    {
        try {
            $there = new PDO("sqlite:{$file}", options: [
                PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
                PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY,
            ]);
            $check = $there->query('pragma integrity_check');
            $there->exec('select count(*) from users, makes where 0');

            return $check !== false && $check->fetchColumn() === 'ok';
        } catch (PDOException) {
            return false;
        }
    }
}
