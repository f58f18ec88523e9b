<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How an account usually gets a line from the pattern to the cloth: new makes begin with it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->string('to_cloth')->default('trace'));
    }

    public function down(): void
    {
        Schema::dropColumns('users', ['to_cloth']);
    }
};
