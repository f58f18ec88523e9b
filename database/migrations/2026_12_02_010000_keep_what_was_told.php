<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the workroom tells of a make and of a pattern, with the stamp of all that it was worked out from. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['make', 'pattern'] as $kind) {
            Schema::create("{$kind}_tellings", function (Blueprint $table) use ($kind): void {
                $table->foreignId("{$kind}_id")->primary()->constrained()->cascadeOnDelete();
                $table->string('stamp', 32);
                $table->text('told');
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('make_tellings');
        Schema::dropIfExists('pattern_tellings');
    }
};
