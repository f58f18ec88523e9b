<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The drawings of a pattern's own pieces, and what is marked on them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('nests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pattern_id')->constrained()->cascadeOnDelete();
            $table->string('piece', 5);
            $table->string('name');
            $table->unsignedInteger('version')->default(1);
            // Numbers alone, packed: the file itself is not kept.
            $table->binary('drawing');
            // As marked, complete or not.
            $table->json('marks');
            $table->timestamps();
            $table->unique(['pattern_id', 'piece']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('nests');
    }
};
