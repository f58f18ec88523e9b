<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Of several readings of a point any can be said to be the one that counts. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('readings', static function (Blueprint $table): void {
            $table->boolean('picked')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('readings', static fn (Blueprint $table) => $table->dropColumn('picked'));
    }
};
