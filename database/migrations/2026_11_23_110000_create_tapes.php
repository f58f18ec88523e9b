<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A talking tape: its token, by which it may send, and what it has sent lately. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tapes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->unique()->constrained()->cascadeOnDelete();
            // Only a hash is kept: the token itself is shown once.
            $table->string('token_hash', 64)->unique();
            $table->timestamps();
        });
        Schema::create('tape_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tape_id')->constrained()->cascadeOnDelete();
            $table->string('text', 40);
            $table->string('unit', 2);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tape_readings');
        Schema::dropIfExists('tapes');
    }
};
