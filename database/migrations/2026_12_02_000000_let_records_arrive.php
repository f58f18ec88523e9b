<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What is being brought back is out of sight as what is in the bin is, until all of it is there. */
return new class extends Migration
{
    public function up(): void
    {
        // Laravel would build the table anew for this, and with it let everything go that depends on its rows.
        DB::statement('alter table bin_entries add column arriving tinyint(1) not null default 0');
    }
};
