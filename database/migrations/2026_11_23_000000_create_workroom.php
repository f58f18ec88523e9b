<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('unit', 2)->default('cm');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('wearers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('cards', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('wearer_id')->constrained()->cascadeOnDelete();
            $table->date('taken_on');
            $table->string('foundation')->default('');
            $table->timestamps();
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->string('point');
            // What was typed and the unit it was typed under are kept; the length is what they mean.
            $table->string('text');
            $table->string('unit', 2);
            $table->bigInteger('nanometres');
            $table->timestamps();
            $table->unique(['card_id', 'point']);
        });
        Schema::create('patterns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('house')->default('');
            $table->string('unit', 2);
            // The `pattern` part of a make file, as typed.
            $table->json('document');
            $table->timestamps();
        });
        Schema::create('makes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pattern_id')->constrained()->cascadeOnDelete();
            $table->string('unit', 2);
            // The `choices` part of a make file, as typed.
            $table->json('choices');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['makes', 'patterns', 'readings', 'cards', 'wearers', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
