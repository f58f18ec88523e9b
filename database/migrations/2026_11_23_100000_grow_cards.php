<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Several readings a point, answers to what was asked about a card, and what a workroom notes of a wearer. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->unsignedTinyInteger('attempt')->default(1);
            $table->dropUnique(['card_id', 'point']);
            $table->unique(['card_id', 'point', 'attempt']);
        });
        Schema::table('cards', function (Blueprint $table): void {
            // Grows by one with every change, so that a second tab is told when it is behind.
            $table->unsignedInteger('version')->default(1);
            $table->softDeletes();
            $table->string('point_set')->default('dress');
            // Keys of findings that were answered "it is so".
            $table->json('answers')->default('[]');
        });
        Schema::table('wearers', function (Blueprint $table): void {
            $table->text('notes')->default('');
            // The unit this wearer's figures are typed in; null for the user's own.
            $table->string('unit', 2)->nullable();
            $table->timestamp('archived_at')->nullable();
            // The day on which someone else agreed to being measured and to the figures being kept.
            $table->date('agreed_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('wearers', fn (Blueprint $table) => $table->dropColumn(['unit', 'notes', 'archived_at', 'agreed_on']));
        Schema::table('cards', fn (Blueprint $table) => $table->dropColumn(['deleted_at', 'version', 'point_set', 'answers']));
        Schema::table('readings', function (Blueprint $table): void {
            $table->dropUnique(['card_id', 'point', 'attempt']);
            $table->dropColumn('attempt');
            $table->unique(['card_id', 'point']);
        });
    }
};
