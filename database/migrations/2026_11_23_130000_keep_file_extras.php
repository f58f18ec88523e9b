<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A make that came from a file keeps the keys that are the file's own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('makes', fn (Blueprint $table) => $table->json('extras')->default('{}'));
    }

    public function down(): void
    {
        Schema::table('makes', fn (Blueprint $table) => $table->dropColumn('extras'));
    }
};
