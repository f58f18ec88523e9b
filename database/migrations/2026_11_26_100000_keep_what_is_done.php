<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A make keeps which steps and stages are done, each with its day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('makes', fn (Blueprint $table) => $table->json('done')->default('{}'));
    }

    public function down(): void
    {
        Schema::table('makes', fn (Blueprint $table) => $table->dropColumn('done'));
    }
};
