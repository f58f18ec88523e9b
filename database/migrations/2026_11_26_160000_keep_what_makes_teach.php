<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Names, fittings, verdicts and cloth of makes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('makes', function (Blueprint $table): void {
            $table->string('name')->default('');
            $table->string('note')->default('');
            // As typed, in the unit of the choices.
            $table->json('fitting')->default('{}');
            $table->json('verdict')->default('{}');
            $table->json('cloth')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('makes', static fn (Blueprint $table) => $table->dropColumn(['name', 'note', 'fitting', 'verdict', 'cloth']));
    }
};
