<?php

declare(strict_types=1);

use App\Http\Reported;
use App\Models\Device;
use App\Models\User;
use App\Records\Bin;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;

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

test('an address is the same whatever the case of its letters', function (): void {
    $account = ['name' => 'Nerys', 'email' => 'Nerys@Tideroom.Example', 'password' => 'a long secret'];
    $this->postJson('/api/register', $account)->assertCreated();
    $this->postJson('/api/sign-out')->assertNoContent();
    $this->postJson('/api/register', ['email' => 'nerys@TIDEROOM.example'] + $account)->assertJsonValidationErrors(['email']);
    $this->postJson('/api/sign-in', ['email' => 'NERYS@tideroom.example', 'password' => 'a long secret'])->assertOk();
});

test('two accounts from before whose addresses differ in case alone are both reached, each by its own', function (): void {
    $hash = Hash::make('a long secret');
    User::query()->insert([['name' => 'Older', 'email' => 'Nerys@Tideroom.example', 'password' => $hash], ['name' => 'Newer', 'email' => 'nerys@tideroom.example', 'password' => Hash::make('another long secret')]]);
    $signIn = fn (string $email, string $password) => $this->postJson('/api/sign-in', ['email' => $email, 'password' => $password]);
    $signIn('Nerys@Tideroom.example', 'a long secret')->assertJsonPath('name', 'Older');
    $signIn('nerys@tideroom.example', 'another long secret')->assertJsonPath('name', 'Newer');
    $signIn('NERYS@tideroom.example', 'another long secret')->assertJsonPath('name', 'Newer');
    $signIn('nerys@tideroom.example', 'a long secret')->assertUnprocessable();
    $this->postJson('/api/register', ['name' => 'Third', 'email' => 'NERYS@tideroom.example', 'password' => 'lamp over low water'])->assertJsonValidationErrors(['email']);
});

test('a file is called by its names, in whatever script', function (): void {
    $user = someone();
    $wearer = $user->wearers()->create(['name' => 'Ναυσικά "of" Ίθάκη/..']);
    $header = $this->actingAs($user)->get("/api/wearers/{$wearer->id}/cards.csv")->assertOk()->headers->get('Content-Disposition');
    expect($header)->toContain("filename*=utf-8''".rawurlencode('ναυσικά-of-ίθάκη-cards.csv'))->toMatch('/filename="?[a-z.-]+cards\.csv"?/');
});

test('one who was quicker with the same address is told, not stumbled over', function (): void {
    User::creating(static function (User $user): void {
        User::query()->insert(['name' => 'Quicker', 'email' => $user->email, 'password' => 'x']);
    });
    $this->postJson('/api/register', ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'])
        ->assertJsonValidationErrors(['email' => 'has an account already']);
});

test('a password has at least 12 letters and at most 72 bytes', function (string $password, bool $isGood): void {
    $answer = $this->postJson('/api/register', ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => $password]);
    $isGood ? $answer->assertCreated() : $answer->assertJsonValidationErrors(['password']);
})->with([['eleven char', false], ['twelve chars', true], ['wardrobe of the tide, and a lamp that burns over the causeway at low water', false], ['wardrobe of the tide, and a lamp that burns over the causeway at low wat', true], [str_repeat('é', 37), false]]);

test('what very many people use is refused, in whatever case', function (string $password): void {
    $this->postJson('/api/register', ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => $password])
        ->assertJsonPath('errors.password.0', 'So many people use this one that it is tried first: take a few words of your own.');
    expect(User::query()->count())->toBe(0);
    // From the list that the npm package zxcvbn 4.4.2 ships.
})->with(['qwerty123456', 'QWERTY123456', 'qwertyuiop12']);

test('what repeats itself, counts up or is one\'s own name is refused, with the reason', function (string $password, string $reason): void {
    $account = ['name' => 'Nerys Tolvane', 'email' => 'nerys@tideroom.example', 'password' => $password];
    expect($this->postJson('/api/register', $account)->assertUnprocessable()->json('errors.password.0'))->toContain($reason);
    $this->actingAs(User::query()->create(['password' => 'a long secret'] + $account))
        ->putJson('/api/me/password', ['current' => 'a long secret', 'password' => $password])->assertJsonValidationErrors(['password']);
})->with([
    ['aaaaaaaaaaaa', 'only 1 of its letters'], ['123456789012', 'counts up'], ['abcdefghijkl', 'counts up'], ['zxcvbnmasdfg', 'counts up'], ['tide tide tide', 'repeats itself'],
    ['nerys@tideroom.example', 'your own address'], ['NerysTolvane1', 'your own address'],
]);

test('a few words of one\'s own are taken', function (string $password): void {
    $this->postJson('/api/register', ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => $password])->assertCreated();
})->with(['a long secret', 'lamp over low water', 'nerys keeps nine lamps', 'Vj7 qmp2 wx9K']);

test('a busy workroom asks to try again', function (): void {
    $this->actingAs(someone());
    App\Models\Wearer::creating(static function (): void {
        throw new Illuminate\Database\QueryException('sqlite', 'insert', [], new PDOException('SQLSTATE[HY000]: General error: 5 database is locked'));
    });
    $this->postJson('/api/wearers', ['name' => 'Merrin'])->assertStatus(503)->assertHeader('Retry-After', '2')
        ->assertJson(['message' => 'The workroom is busy. What you typed is still here; try again.']);
});

test('a password is changed with the one in use, and every other place is signed out', function (): void {
    $account = ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'];
    $this->postJson('/api/register', $account)->assertCreated();
    $this->putJson('/api/me/password', ['current' => 'a wrong one', 'password' => 'another long secret'])->assertJsonValidationErrors(['current']);
    $this->putJson('/api/me/password', ['current' => 'a long secret', 'password' => 'short'])->assertJsonValidationErrors(['password']);
    $this->putJson('/api/me/password', ['current' => 'a long secret', 'password' => 'another long secret'])->assertNoContent();
    $this->getJson('/api/me')->assertOk();
    // Another place is a session that still holds the old password's hash.
    $this->withSession(['password_hash_web' => 'of the old one'])->getJson('/api/me')->assertUnauthorized();
    $this->postJson('/api/sign-in', $account)->assertUnprocessable();
    $this->postJson('/api/sign-in', ['password' => 'another long secret'] + $account)->assertOk();
});

/** The cookies that a browser keeps of an answer. */
function keptCookies(TestResponse $answer): array
{
    $kept = [];
    foreach ($answer->headers->getCookies() as $cookie) {
        $kept[$cookie->getName()] = (string) $answer->getCookie($cookie->getName())?->getValue();
    }

    return array_filter($kept);
}

test('one of the ten recovery codes opens the account to a new password, once, and signs out everywhere', function (): void {
    $account = ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'];
    $this->postJson('/api/register', $account)->assertCreated()->assertJsonPath('recovery_codes', 0);
    $this->postJson('/api/me/recovery-codes', ['current' => 'a wrong one'])->assertJsonValidationErrors(['current']);
    $answer = $this->postJson('/api/me/recovery-codes', ['current' => 'a long secret'])->assertOk();
    expect($answer)->toAgreeWith('RecoveryCodesData');
    $codes = $answer->json('codes');
    expect(array_unique($codes))->toHaveCount(10)->and($this->getJson('/api/me')->json('recovery_codes'))->toBe(10)
        ->and(json_encode(DB::table('recovery_codes')->get()))->not->toContain($codes[0]);
    $this->postJson('/api/sign-out');
    $recover = fn (string $code, string $email = 'Nerys@tideroom.example') => $this->postJson('/api/recover', ['email' => $email, 'code' => $code, 'password' => 'lamp over low water']);
    $recover('no-such-code')->assertJsonPath('errors.code.0', 'This is no code of that address, or it was used already.');
    $recover($codes[0], 'nobody@tideroom.example')->assertJsonPath('errors.code.0', 'This is no code of that address, or it was used already.');
    // Typed as hands type it.
    $recover(' '.strtoupper(str_replace('-', ' ', $codes[0])).' ')->assertOk()->assertJsonPath('recovery_codes', 9);
    $this->getJson('/api/me')->assertOk();
    $recover($codes[0])->assertJsonValidationErrors(['code']);
    $this->postJson('/api/sign-out');
    $this->postJson('/api/sign-in', $account)->assertUnprocessable();
    $this->travel(2)->minutes();
    $this->postJson('/api/sign-in', ['password' => 'lamp over low water'] + $account)->assertOk();
    // New ones take the place of those before.
    $this->postJson('/api/me/recovery-codes', ['current' => 'lamp over low water'])->assertOk();
    $recover($codes[1])->assertJsonValidationErrors(['code']);
});

test('a device that is signed out from another is out, whether its session goes on or it stayed signed in', function (): void {
    $account = ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'];
    $first = $this->withHeader('User-Agent', 'Mozilla/5.0 (X11; Linux x86_64; rv:120.0) Gecko/20100101 Firefox/120.0')->postJson('/api/register', $account + ['stay' => true])->assertCreated();
    $stays = keptCookies($first);
    $there = session(Device::KEY);
    // Another browser, with a session of its own.
    $this->flushSession();
    Auth::forgetGuards();
    $this->withHeader('User-Agent', 'Mozilla/5.0 (iPhone; CPU iPhone OS 17_0) Safari/604.1')->postJson('/api/sign-in', $account)->assertOk();
    $list = $this->getJson('/api/me/devices')->assertOk();
    expect($list)->toAgreeWith('DeviceListData')
        ->and(array_map(static fn (array $one): array => [$one['agent'], $one['is_here']], collect($list->json('devices'))->sortBy('id')->values()->all()))
        ->toBe([['Firefox on Linux', false], ['Safari on iPhone', true]]);
    $here = session(Device::KEY);

    // It comes back by itself as long as it is known,
    $comesBack = function () use ($stays): TestResponse {
        $this->flushSession();
        Auth::forgetGuards();

        return $this->withCredentials()->withCookies($stays)->getJson('/api/me');
    };
    $comesBack()->assertOk();
    // and no longer: neither by itself nor in a session that goes on.
    $this->defaultCookies = [];
    $this->actingAs(User::query()->sole())->withSession([Device::KEY => $here])->deleteJson("/api/me/devices/{$there}")->assertNoContent();
    $this->actingAs(User::query()->sole())->withSession([Device::KEY => $there])->getJson('/api/me')->assertUnauthorized();
    $comesBack()->assertUnauthorized();
});

test('an unknown address takes as long as a known one: a password is compared either way', function (string $email): void {
    someone();
    Hash::spy();
    Hash::shouldReceive('check')->once()->andReturn(false);
    Hash::shouldReceive('make')->andReturn('$2y$04$nobody');
    $this->postJson('/api/sign-in', ['email' => $email, 'password' => 'anything at all'])->assertUnprocessable();
})->with(['nerys@tideroom.example', 'nobody@tideroom.example']);

test('what goes with the account is told before it goes', function (): void {
    $answer = $this->actingAs(demoUser())->getJson('/api/me/holds')->assertOk();
    expect($answer)->toAgreeWith('HoldsData')->and($answer->json('wearers'))->toBe(demoUser()->wearers()->count())->and($answer->json('cards'))->toBeGreaterThan(10);
    $this->actingAs(someone())->getJson('/api/me/holds')->assertJsonPath('wearers', 0)->assertJsonPath('cards', 0);
});

test('signing out elsewhere keeps this place, and asks for the password', function (): void {
    $user = someone();
    $this->actingAs($user)->getJson('/api/me')->assertOk();
    $before = $user->refresh()->password;
    $this->deleteJson('/api/me/sessions', ['current' => 'no'])->assertJsonValidationErrors(['current']);
    $this->deleteJson('/api/me/sessions', ['current' => 'a long secret'])->assertNoContent();
    expect($user->refresh()->password)->not->toBe($before);
    $this->getJson('/api/me')->assertOk();
});

test('a device of another account is none of mine', function (): void {
    $other = someone('Olwen');
    $device = $other->devices()->create(['agent' => 'Firefox on Linux', 'token' => str_repeat('a', 64), 'seen_at' => now()]);
    $this->actingAs(someone())->deleteJson("/api/me/devices/{$device->id}")->assertNotFound();
    expect($other->devices()->count())->toBe(1);
});

test('what fails is written down without what anybody typed', function (): void {
    $log = Illuminate\Support\Facades\Log::spy();
    Reported::of(new Illuminate\Database\QueryException('sqlite', 'update wearers set name = ? where id = ?', ['Merrin Tolvane', 7], new PDOException('database is locked')));
    $log->shouldHaveReceived('error')->once()->withArgs(static fn (string $what, array $about): bool => str_contains($what, 'QueryException')
        && $about['sql'] === 'update wearers set name = ? where id = ?' && $about['reason'] === 'database is locked' && ! str_contains((string) json_encode($about), 'Merrin'));
});

test('everything is taken away in one file, and what is in it can be read in again', function (): void {
    $user = demoUser();
    $zip = zipOf(contentOf($this->actingAs($user)->get('/api/me/everything.zip')->assertOk()->assertHeader('Content-Type', 'application/zip')));
    $names = implode("\n", array_keys($zip));
    foreach (['wearers' => '/cards.json', 'patterns' => '.json', 'houses' => '.json', 'makes' => '.make.json'] as $kind => $ending) {
        expect(preg_match_all("#^{$kind}/.*".preg_quote($ending).'$#m', $names))->toBe($user->{$kind}()->count(), $kind);
    }
    expect($zip['account.json'])->toContain($user->email)->not->toContain('password');

    $this->actingAs(someone());
    $makes = array_filter($zip, static fn (string $name): bool => str_starts_with($name, 'makes/'), ARRAY_FILTER_USE_KEY);
    foreach ($makes as $name => $file) {
        // What gives no plan in the demo gives none here: that is told by its field.
        $answer = $this->postJson('/api/makes/import', ['wearer' => 'Merrin', 'text' => $file]);
        expect($answer->getStatusCode())->toBeIn([201, 422], $name.$answer->getContent());
        $taken[] = $answer->getStatusCode();
    }
    expect(array_count_values($taken)[201])->toBeGreaterThan(10);
});

test('an account goes with everything in it, but the demo stays', function (): void {
    $demo = demoUser();
    $demo->forceFill(['password' => 'a long secret'])->save();
    $this->actingAs($demo)->deleteJson('/api/me', ['current' => 'wrong'])->assertJsonValidationErrors(['current']);
    $this->deleteJson('/api/me', ['current' => 'a long secret'])->assertForbidden();
    $demo->update(['email' => 'merrin@tideroom.example']);
    Bin::put($demo->wearers()->first());
    $this->deleteJson('/api/me', ['current' => 'a long secret'])->assertNoContent();
    expect(User::query()->count())->toBe(0);
    foreach (['wearers', 'cards', 'readings', 'patterns', 'makes', 'houses', 'bin_entries'] as $table) {
        expect(Illuminate\Support\Facades\DB::table($table)->count())->toBe(0, $table);
    }
});

test('whoever runs the server gives a lost password anew', function (): void {
    $user = someone();
    $this->artisan('underbolt:reset-password', ['address' => 'NERYS@tideroom.example'])->expectsOutputToContain('The new password is')->assertSuccessful();
    expect(password_verify('a long secret', $user->refresh()->password))->toBeFalse();
    $this->artisan('underbolt:reset-password', ['address' => 'nobody@tideroom.example'])->assertFailed();
});

test('whoever signs in where another was signed in is signed in', function (): void {
    $account = ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'];
    $this->postJson('/api/register', $account)->assertCreated();
    $this->getJson('/api/me')->assertOk();
    $this->postJson('/api/register', ['name' => 'Olwen', 'email' => 'olwen@tideroom.example'] + $account)->assertCreated();
    expect($this->getJson('/api/me')->assertOk()->json('name'))->toBe('Olwen');
});

test('whoever wants to stays signed in when the browser is closed, and nobody who stayed before comes back', function (): void {
    $account = ['name' => 'Nerys', 'email' => 'nerys@tideroom.example', 'password' => 'a long secret'];
    $remembers = static fn (Illuminate\Testing\TestResponse $answer): ?bool => collect($answer->headers->getCookies())
        ->filter(static fn ($cookie): bool => str_starts_with($cookie->getName(), 'remember_web'))->map(static fn ($cookie): bool => ! $cookie->isCleared())->first();
    expect($remembers($this->postJson('/api/register', $account + ['stay' => true])))->toBeTrue()
        ->and($remembers($this->postJson('/api/sign-in', Arr::only($account, ['email', 'password']))))->toBeFalse();
    $session = collect($this->postJson('/api/sign-in', Arr::only($account, ['email', 'password']))->headers->getCookies())
        ->first(static fn ($cookie): bool => $cookie->getName() === 'underbolt_session');
    expect($session?->getExpiresTime())->toBe(0);
    $this->postJson('/api/sign-in', Arr::only($account, ['email', 'password']) + ['stay' => 'maybe'])->assertJsonValidationErrors(['stay']);
});

test('the paper of the printer is remembered, and is what is printed on where nothing else is asked', function (): void {
    $make = demoMake('Senara Treloweth');
    $width = fn (string $query = ''): float => (float) (preg_match('#/MediaBox \[0(?:\.0+)? 0(?:\.0+)? ([\d.]+)#', contentOf($this->get("/api/makes/{$make->id}/strip.pdf{$query}")->assertOk()), $found) ? $found[1] : 0);
    expect($width())->toEqualWithDelta(595.3, 0.5);
    expect($this->patchJson('/api/me', ['paper' => 'letter'])->assertOk())->toAgreeWith('UserData')
        ->and($this->getJson('/api/me')->json('paper'))->toBe('letter')->and($this->getJson('/api/me')->json('unit'))->toBe('cm')
        ->and($width())->toEqualWithDelta(612.0, 0.5)->and($width('?page=a4'))->toEqualWithDelta(595.3, 0.5);
    $this->patchJson('/api/me', ['paper' => 'a0'])->assertJsonValidationErrors(['paper']);
    $this->patchJson('/api/me', [])->assertJsonValidationErrors('unit');
});
