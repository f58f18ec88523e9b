<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Some cards were kept with an hour of midnight behind their day, which put them out of order within it. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('cards')->update(['taken_on' => DB::raw('date(taken_on)')]);
    }
};
