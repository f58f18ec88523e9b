<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Device;
use App\Records\Bin;
use App\Records\Whole\Arrival;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

final class EmptyBinCommand extends Command
{
    protected $signature = 'underbolt:empty-bin';

    protected $description = 'Lets go for good what has been in the bin for thirty days';

    public function handle(): int
    {
        $gone = Bin::empty(CarbonImmutable::now()->subDays(Bin::KEPT_DAYS));
        Arrival::clear(CarbonImmutable::now());
        // Where nobody has been for longer than anyone stays signed in.
        Device::query()->where('seen_at', '<', CarbonImmutable::now()->subDays(400))->delete();
        $this->info($gone === 1 ? '1 thing is gone for good.' : "{$gone} things are gone for good.");

        return self::SUCCESS;
    }
}
