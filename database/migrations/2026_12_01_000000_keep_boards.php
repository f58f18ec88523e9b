<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether the hip of a card was measured round a board. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', static fn (Blueprint $table) => $table->boolean('round_a_board')->default(false));
    }

    public function down(): void
    {
        Schema::dropColumns('cards', ['round_a_board']);
    }
};
