<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('wearers', static function (Blueprint $table): void {
            $table->boolean('sizes_hidden')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('wearers', static fn (Blueprint $table) => $table->dropColumn('sizes_hidden'));
    }
};
