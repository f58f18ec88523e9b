<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

test('who reads before writing waits for another who writes, and is not refused', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'two');
    config(['database.connections.two' => ['database' => $path] + config('database.connections.sqlite')]);
    $one = DB::connection('two');
    $one->statement('create table migrations (batch integer)');
    $one->statement('create table things (name text)');
    // Holds the place for half a second, in a process of its own.
    $other = proc_open([PHP_BINARY, '-r', '$d = new PDO("sqlite:'.$path.'"); $d->exec("begin immediate"); $d->exec("insert into things values (\'first\')"); echo "."; usleep(500000); $d->exec("commit");'], [1 => ['pipe', 'w']], $pipes);
    fread($pipes[1], 1);
    $seen = $one->transaction(static function () use ($one): array {
        $before = $one->table('things')->pluck('name')->all();
        $one->table('things')->insert(['name' => 'second']);

        return $before;
    });
    expect($seen)->toBe(['first'])->and($one->table('things')->count())->toBe(2);
    proc_close($other);
    $one->disconnect();
    array_map(unlink(...), glob("{$path}*") ?: []);
});
