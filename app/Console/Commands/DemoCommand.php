<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoWorkroom;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Loads the demo workroom where there is none yet; what was changed in it stays unless it is started over. */
final class DemoCommand extends Command
{
    protected $signature = 'underbolt:demo {--fresh : start the demo data over}';

    protected $description = 'Load the demo workroom';

    public function handle(): int
    {
        if ($this->option('fresh') === true || ! DemoWorkroom::exists()) {
            DemoWorkroom::load(CarbonImmutable::today());
            $this->info('The demo workroom is laid out.');
        }

        return self::SUCCESS;
    }
}
