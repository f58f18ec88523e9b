<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\User;

test('the demo is laid out once and keeps what was changed in it, unless it is started over', function (): void {
    $this->artisan('underbolt:demo')->assertSuccessful();
    Make::query()->first()->delete();
    $this->artisan('underbolt:demo')->assertSuccessful();
    expect(Make::query()->count())->toBe(18);

    $other = someone();
    $this->artisan('underbolt:demo --fresh')->assertSuccessful();
    expect(Make::query()->count())->toBe(19)->and($other->fresh())->not->toBeNull()->and(User::query()->count())->toBe(2);
});
