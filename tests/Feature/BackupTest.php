<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** Runs a command of the application on a workroom in a file of its own, as on a server. */
function onFile(string $database, string ...$command): Process
{
    // Of its own: while a backup is put back it lets nobody in.
    $storage = dirname($database).'/storage';
    array_map(static fn (string $part): bool => is_dir("{$storage}/{$part}") || mkdir("{$storage}/{$part}", recursive: true), ['framework/cache/data', 'framework/views', 'logs']);
    $process = new Process([PHP_BINARY, __DIR__.'/../../artisan', ...$command], env: ['DB_DATABASE' => $database, 'APP_ENV' => 'production', 'LARAVEL_STORAGE_PATH' => $storage]);
    $process->run();

    return $process;
}

function wearersIn(string $database): int
{
    return (int) (new PDO("sqlite:{$database}"))->query('select count(*) from wearers')->fetchColumn();
}

test('a backup brings back what was lost, checks itself first, and keeps what was there', function (): void {
    $folder = sys_get_temp_dir().'/backup-'.bin2hex(random_bytes(6));
    mkdir($folder);
    [$workroom, $copy] = ["{$folder}/workroom.sqlite", "{$folder}/copy.sqlite"];
    touch($workroom);
    try {
        expect(onFile($workroom, 'migrate', '--force')->isSuccessful())->toBeTrue()->and(onFile($workroom, 'underbolt:demo')->isSuccessful())->toBeTrue();
        $wearers = wearersIn($workroom);
        expect(onFile($workroom, 'underbolt:backup', $copy)->isSuccessful())->toBeTrue()->and(wearersIn($copy))->toBe($wearers)->toBeGreaterThan(5)
            ->and(fileperms($copy) & 0o777)->toBe(0o600)
            ->and(onFile($workroom, 'underbolt:backup', $copy)->getOutput())->toContain('is there already');

        (new PDO("sqlite:{$workroom}"))->exec('pragma foreign_keys = on; delete from wearers');
        file_put_contents("{$folder}/spoilt.sqlite", substr((string) file_get_contents($copy), 0, 40_000));
        $spoilt = onFile($workroom, 'underbolt:restore', "{$folder}/spoilt.sqlite");
        expect($spoilt->isSuccessful())->toBeFalse()->and($spoilt->getOutput())->toContain('no whole backup')->and(wearersIn($workroom))->toBe(0);

        $back = onFile($workroom, 'underbolt:restore', $copy);
        expect($back->isSuccessful())->toBeTrue()->and(wearersIn($workroom))->toBe($wearers)
            ->and(wearersIn((glob("{$folder}/workroom.sqlite.before-*") ?: [''])[0]))->toBe(0);
        // On a fresh machine there is nothing to keep.
        expect(onFile("{$folder}/fresh.sqlite", 'underbolt:restore', $copy)->isSuccessful())->toBeTrue()->and(wearersIn("{$folder}/fresh.sqlite"))->toBe($wearers);
    } finally {
        exec('rm -rf '.escapeshellarg($folder));
    }
});

test('of the daily ones a fortnight is kept', function (): void {
    $folder = sys_get_temp_dir().'/daily-'.bin2hex(random_bytes(6));
    mkdir($folder);
    foreach (range(1, 20) as $day) {
        touch(sprintf('%s/underbolt-2026-10-%02d.sqlite', $folder, $day));
    }
    // A database in memory is copied like any other, but not while a test's own changes are open.
    touch("{$folder}/underbolt-2026-11-26.sqlite");
    App\Records\Backup::daily($folder, Carbon\CarbonImmutable::parse('2026-11-26'));
    $kept = array_map(basename(...), glob("{$folder}/*") ?: []);
    array_map(unlink(...), glob("{$folder}/*") ?: []);
    rmdir($folder);
    expect($kept)->toHaveCount(14)->toContain('underbolt-2026-11-26.sqlite', 'underbolt-2026-10-08.sqlite')->not->toContain('underbolt-2026-10-07.sqlite');
});
