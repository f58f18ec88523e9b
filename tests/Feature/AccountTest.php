<?php

declare(strict_types=1);

use App\Models\User;

test('one registers, is signed in, signs out and signs in again', function (): void {
    $account = ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'];
    expect($this->postJson('/api/register', $account)->assertCreated())->toAgreeWith('UserData');
    expect($this->getJson('/api/me')->assertOk()->json('name'))->toBe('Nerys');

    $this->postJson('/api/sign-out')->assertNoContent();
    $this->getJson('/api/me')->assertUnauthorized();

    $this->postJson('/api/sign-in', ['email' => 'nerys@tideroom.example', 'password' => 'a long secret'])->assertOk();
    $this->getJson('/api/me')->assertOk();
});

test('a password is never stored as it is', function (): void {
    expect(someone()->fresh()->password)->not->toContain('secret');
});

test('what is missing at the door is told at its field', function (): void {
    $this->postJson('/api/register', ['name' => '', 'email' => 'no address', 'password' => 'short'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors(['name', 'email', 'password']);
    someone();
    $this->postJson('/api/register', ['name' => 'N', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'])
        ->assertJsonValidationErrors(['email']);
});

test('a wrong password is refused, and too many tries are turned away', function (): void {
    someone();
    $wrong = ['email' => 'nerys@tideroom.example', 'password' => 'a wrong secret'];
    for ($try = 0; $try < 5; $try++) {
        $this->postJson('/api/sign-in', $wrong)->assertUnprocessable()->assertJsonValidationErrors(['email']);
    }
    $this->postJson('/api/sign-in', ['password' => 'a long secret'] + $wrong)->assertTooManyRequests()->assertJson([
        'message' => 'Too many tries. Wait a minute, then try again.',
    ]);
});

test('the demo workroom opens with one press, in demo mode only', function (): void {
    demoUser();
    expect($this->postJson('/api/demo')->assertOk())->toAgreeWith('UserData');

    config(['app.demo' => false]);
    $this->postJson('/api/demo')->assertNotFound();
});

test('the unit of the figures is kept', function (): void {
    $this->actingAs(someone())->patchJson('/api/me', ['unit' => 'in'])->assertOk()->assertJson(['unit' => 'in']);
    expect(User::query()->sole()->unit->value)->toBe('in');
    $this->patchJson('/api/me', ['unit' => 'ell'])->assertJsonValidationErrors(['unit']);
});

test('a forged request is refused: a change needs the token of the page', function (): void {
    // The framework leaves the check out under test, so it is asked directly.
    $middleware = $this->app->make(Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class);
    $request = Illuminate\Http\Request::create('/api/wearers', 'POST');
    $request->setLaravelSession($this->app->make('session.store'));
    $check = new ReflectionMethod($middleware, 'tokensMatch');
    expect($check->invoke($middleware, $request))->toBeFalse()
        ->and(collect(app('router')->getRoutes()->match(Illuminate\Http\Request::create('/api/wearers', 'POST'))->gatherMiddleware()))
        ->toContain('web');
});
