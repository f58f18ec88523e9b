<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// By `php artisan schedule:run` every minute: docs/running.md.
Schedule::command('underbolt:backup --daily')->dailyAt('03:30');
Schedule::command('underbolt:empty-bin')->dailyAt('04:00');
