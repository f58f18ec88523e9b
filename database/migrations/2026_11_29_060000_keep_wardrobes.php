<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a wearer has that fits, laid flat: each length with its unit. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('wearers', static fn (Blueprint $table) => $table->json('wardrobe')->default('{}'));
    }

    public function down(): void
    {
        Schema::dropColumns('wearers', ['wardrobe']);
    }
};
