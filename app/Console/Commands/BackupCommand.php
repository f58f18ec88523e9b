<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Records\Backup;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use RuntimeException;

/** Writes the whole workroom into one file while it is in use. */
final class BackupCommand extends Command
{
    protected $signature = 'underbolt:backup {file? : where to} {--daily : one for today in storage/backups, a fortnight of them kept}';

    protected $description = 'Write a backup of the workroom';

    public function handle(): int
    {
        $file = $this->argument('file');
        try {
            if ($this->option('daily') === true) {
                $file = Backup::daily(storage_path('backups'), CarbonImmutable::today());
            } elseif (is_string($file)) {
                Backup::write($file);
            } else {
                throw new RuntimeException('Say where to: underbolt:backup FILE, or --daily.');
            }
        } catch (RuntimeException $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->info("The workroom is in {$file}.");

        return self::SUCCESS;
    }
}
