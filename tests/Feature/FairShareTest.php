<?php

declare(strict_types=1);

use App\Http\Middleware\MachineLoad;
use App\Models\Card;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Sleep;

test('three requests of an account are worked on at once, three wait, and the others are told to come back', function (): void {
    waitsPassAtOnce();
    $user = someone();
    $ask = fn () => $this->actingAs($user)->getJson('/api/workroom');
    hold("share {$user->id}", 3);
    $ask()->assertStatus(429)->assertHeader('Retry-After', '1')->assertHeader('X-Accel-Limit-Rate', '400')->assertJsonPath('message', 'So much is being asked for at once that this has to wait. Try again in a moment.');
    // Another account does not notice.
    $this->actingAs(someone('Olwen'))->getJson('/api/workroom')->assertOk();
    Cache::lock("share {$user->id} 1")->forceRelease();
    $ask()->assertOk();
    $ask()->assertOk();
    hold("share waits {$user->id}", 3);
    // Its turn came without waiting; where nobody may wait any more it doesn't.
    $ask()->assertOk();
    Cache::lock("share {$user->id} 1")->get();
    $ask()->assertStatus(429);
});

test('who waited gives the place in the queue back as soon as it is the turn', function (): void {
    $user = someone();
    hold("share {$user->id}", 3);
    Sleep::fake();
    Sleep::whenFakingSleep(static fn () => Cache::lock("share {$user->id} 2")->forceRelease());
    $this->actingAs($user)->getJson('/api/workroom')->assertOk();
    expect(Cache::lock("share waits {$user->id} 0")->get())->toBeTrue()->and(Cache::lock("share {$user->id} 2")->get())->toBeTrue();
});

test('who has had more than a fair part of the machine waits, whatever is asked for, and only so long', function (): void {
    $user = someone();
    $window = static fn (): string => "worked {$user->id} ".intdiv(now()->getTimestamp(), 10);
    $this->travelTo('2026-12-02 10:00:00');
    config(['app.cores' => 2]);
    $waiting = fn (float $many) => $this->app->instance(MachineLoad::class, new class($many) extends MachineLoad
    {
        public function __construct(private readonly float $many)
        {
        }

        public function waiting(): float
        {
            return $this->many;
        }
    });
    $waiting(1.5);
    Cache::put($window(), 8_001, 60);
    $this->actingAs($user)->getJson('/api/workroom')->assertStatus(429)->assertHeader('Retry-After', '2');
    $this->actingAs(someone('Olwen'))->getJson('/api/workroom')->assertOk();
    // In the next window it counts by how much of it is still within the last ten seconds.
    $this->travelTo('2026-12-02 10:00:10');
    $this->actingAs($user)->getJson('/api/workroom')->assertStatus(429);
    $this->travelTo('2026-12-02 10:00:12');
    $this->getJson('/api/workroom')->assertOk();
    // While many wait it is less.
    $waiting(2.5);
    $this->getJson('/api/workroom')->assertStatus(429);
    // And one at a time, once there was a little of it.
    waitsPassAtOnce();
    Cache::put($window(), 600, 60);
    Cache::forget("worked {$user->id} ".(intdiv(now()->getTimestamp(), 10) - 1));
    hold("share {$user->id}", 1);
    $this->getJson('/api/workroom')->assertStatus(429);
    $waiting(1.5);
    $this->travelTo('2026-12-02 10:00:12');
    $this->getJson('/api/workroom')->assertOk();
    // Who has a machine to herself has all of it.
    config(['app.cores' => 0]);
    Cache::put($window(), 90_000, 60);
    $this->getJson('/api/workroom')->assertOk();
});

test('what was worked for an account is counted', function (): void {
    $make = demoMake('Merrin Tolvane');
    $this->travelTo('2026-12-02 10:00:00');
    config(['app.cores' => 2]);
    $this->actingAs(App\Models\User::query()->findOrFail($make->user_id))->get("/api/makes/{$make->id}/cut-sheet.pdf")->assertOk();
    expect(Cache::get("worked {$make->user_id} ".intdiv(now()->getTimestamp(), 10)))->toBeGreaterThan(10);
});

test('an account holds so many records and no more, and so many a day', function (): void {
    $user = someone();
    $now = now()->toDateTimeString();
    $row = ['user_id' => $user->id, 'name' => 'One of many', 'created_at' => $now, 'updated_at' => $now];
    foreach (array_chunk(array_fill(0, 1_999, $row), 500) as $rows) {
        DB::table('wearers')->insert($rows);
    }
    $this->actingAs($user)->postJson('/api/wearers', ['name' => 'The last'])->assertCreated();
    $this->postJson('/api/wearers', ['name' => 'One too many'])->assertJsonPath('errors.wearer.0', 'There are 2000 wearers here already, those in the bin counted, and no more can be kept. Let some go for good first.');
    // Brought back they are counted before any is written.
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    file_put_contents($path, everythingOf(demoUser()));
    $answer = $this->actingAs($user)->postJson('/api/me/everything', ['file' => new UploadedFile($path, 'all.zip', test: true), 'write' => '1', 'takes' => '0'])->assertOk()->streamedContent();
    expect($answer)->toContain('no more than 2000 can be kept')->and(DB::table('wearers')->where('user_id', $user->id)->count())->toBe(2_000);

    $wearer = DB::table('wearers')->where('user_id', $user->id)->value('id');
    DB::table('cards')->insert(array_fill(0, 1_499, ['user_id' => $user->id, 'wearer_id' => $wearer, 'taken_on' => '2026-11-20', 'created_at' => $now, 'updated_at' => $now]));
    $this->postJson("/api/wearers/{$wearer}/cards")->assertCreated();
    $this->postJson("/api/wearers/{$wearer}/cards")->assertUnprocessable();
    expect(Card::query()->count() - 1_500)->toBe(Card::query()->where('user_id', '!=', $user->id)->count());

    RateLimiter::increment("begun {$user->id}", 86_400, 5_000);
    $other = DB::table('wearers')->where('user_id', $user->id)->max('id');
    $this->postJson("/api/wearers/{$other}/cards")->assertJsonPath('errors.card.0', 'So much was begun here today that no more can be taken until tomorrow. What was kept stays.');
    $this->travel(1)->days();
    $this->postJson("/api/wearers/{$other}/cards")->assertCreated();
});
