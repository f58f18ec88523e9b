<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whose hands measure, how far their readings lie apart, and by whom a card was taken. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->json('hands')->default('{}'));
        Schema::table('cards', static fn (Blueprint $table) => $table->string('measured_by')->default(''));
        // A hand that came with a make's file lay with the make.
        foreach (DB::table('makes')->whereNotNull('extras->hand')->get() as $make) {
            /** @var stdClass&object{id: int, user_id: int, card_id: int, extras: string} $make */
            /** @var array{hand: array<string, string>} $extras */
            $extras = json_decode($make->extras, true);
            $name = "Whoever measured for make {$make->id}";
            $points = array_map(static fn (string $spread): array => ['spread' => $spread], $extras['hand']);
            DB::update('update users set hands = json_set(hands, ?, json(?)) where id = ?', ["$.\"{$name}\"", json_encode($points), $make->user_id]);
            DB::table('cards')->where('id', $make->card_id)->update(['measured_by' => $name]);
            DB::table('makes')->where('id', $make->id)->update(['extras' => DB::raw("json_remove(extras, '$.hand')")]);
        }
    }

    public function down(): void
    {
        Schema::dropColumns('cards', ['measured_by']);
        Schema::dropColumns('users', ['hands']);
    }
};
