<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Records\Backup;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use RuntimeException;

/** Puts a backup in the place of the workroom, once it is found whole; what was there is kept beside it. */
final class RestoreCommand extends Command
{
    protected $signature = 'underbolt:restore {file : a backup}';

    protected $description = 'Put a backup of the workroom back';

    public function handle(): int
    {
        $argument = $this->argument('file');
        $file = is_string($argument) ? $argument : '';
        $database = config('database.connections.sqlite.database');
        // Nobody is told that something was kept which then is gone.
        $this->callSilent('down', ['--retry' => '2']);
        try {
            $kept = Backup::restore($file, is_string($database) ? $database : '', CarbonImmutable::now());
            // A backup of an older Underbolt is brought up to this one.
            $this->callSilent('migrate', ['--force' => true]);
        } catch (RuntimeException $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        } finally {
            $this->callSilent('up');
        }
        $this->info("The workroom is as it was in {$file}. What was there before, if anything, is in {$kept}.");

        return self::SUCCESS;
    }
}
