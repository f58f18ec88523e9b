<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Addresses are compared without case from now on; of two that differ in nothing else the older keeps its own. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('update or ignore users set email = lower(email)');
    }
};
