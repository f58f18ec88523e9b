<?php

declare(strict_types=1);

use App\Models\Make;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

test('a hand that lay with a make from a file becomes one of the hands, and its card says so', function (): void {
    $user = demoUser();
    $migration = require database_path('migrations/2026_11_29_050000_keep_hands.php');
    $make = $user->makes()->firstOrFail();
    $migration->down();
    expect(Schema::hasColumn('cards', 'measured_by'))->toBeFalse();
    DB::table('makes')->where('id', $make->id)->update(['extras' => json_encode(['x_shelf' => 3, 'hand' => ['waist' => '0.4 cm', 'hip' => '3/8 "']])]);
    $migration->up();
    $name = "Whoever measured for make {$make->id}";
    expect($user->refresh()->hands)->toBe([$name => ['waist' => ['spread' => '0.4 cm'], 'hip' => ['spread' => '3/8 "']]])
        ->and(Make::query()->findOrFail($make->id)->card->measured_by)->toBe($name)
        ->and(Make::query()->findOrFail($make->id)->extras)->toEqual((object) ['x_shelf' => 3]);
    $this->actingAs($user);
    expect(json_decode((string) $this->get("/api/makes/{$make->id}/make.json")->getContent(), true)['body']['hand'])->toEqual(['waist' => '0.4 cm', 'hip' => '3/8 "']);
});
