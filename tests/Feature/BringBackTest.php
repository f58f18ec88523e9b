<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\User;
use App\Records\Everything;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** @return array<string, string> */
function takenAway(User $user): array
{
    return zipOf(Everything::of($user));
}

/** Sends a file of everything with its records as they are, or changed. */
function broughtBack(User $user, string $zip, bool $write = true, bool $takes = false): TestResponse
{
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    file_put_contents($path, $zip);

    return test()->actingAs($user)->postJson('/api/me/everything', ['file' => new UploadedFile($path, 'underbolt-everything.zip', test: true), 'write' => $write ? '1' : '0', 'takes' => $takes ? '1' : '0']);
}

/** @param  callable(stdClass): void  $change */
function withRecords(string $zip, callable $change): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    file_put_contents($path, $zip);
    $archive = new ZipArchive;
    $archive->open($path);
    $records = json_decode((string) $archive->getFromName('records.json'), false, 64, JSON_THROW_ON_ERROR);
    $change($records);
    $archive->addFromString('records.json', (string) json_encode($records, JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE));
    $archive->close();

    return (string) file_get_contents($path);
}

/** A workroom with everything in it that can be kept. */
function fullWorkroom(): User
{
    $user = demoUser();
    $wearer = $user->wearers()->firstOrFail();
    $wearer->update(['sizes_hidden' => true, 'notes' => 'Left shoulder low.', 'archived_at' => null]);
    $wearer->cards()->create(['user_id' => $user->id, 'taken_on' => '2026-01-02', 'foundation' => 'nothing yet']);
    $user->patterns()->firstOrFail()->keepCompany((object) ['wearers' => [$wearer->id], 'exceptions' => (object) [(string) $wearer->id => (object) ['pick' => 'level']], 'choices' => (object) ['pick' => 'best']], 1);
    $make = Make::query()->where('user_id', $user->id)->firstOrFail();
    $make->update(['done' => (object) ['trace' => '2026-11-20'], 'note' => 'For the spring play.']);

    return $user;
}

test('out, in and out again it is the same, in an account that was empty', function (): void {
    $user = fullWorkroom();
    $zip = Everything::of($user);
    $there = someone();
    $told = broughtBack($there, $zip)->assertOk();
    expect($told)->toAgreeWith('BroughtBackData')->and(array_sum(array_column($told->json('kinds'), 'same')))->toBe(0);
    $again = takenAway($there->refresh());
    foreach (zipOf($zip) as $name => $content) {
        if ($name !== 'account.json') {
            expect($again[$name] ?? null)->toBe($content, $name);
        }
    }
    expect(count($again))->toBe(count(zipOf($zip)));
});

test('beside what is there nothing is doubled: it is the same, and so told', function (): void {
    $user = fullWorkroom();
    $before = takenAway($user);
    $told = collect(broughtBack($user, Everything::of($user))->assertOk()->json('kinds'))->keyBy('kind');
    expect($told->pluck('new')->flatten()->all())->toBe([])->and($told->pluck('different')->flatten()->all())->toBe([])
        ->and($told['wearers']['same'])->toBe($user->wearers()->count())->and($told['makes']['same'])->toBe($user->makes()->count())
        ->and(takenAway($user->refresh()))->toBe($before);
});

test('what is new comes in, what stands here otherwise stays unless the file is to be taken, and telling writes nothing', function (): void {
    $user = fullWorkroom();
    $zip = Everything::of($user);
    $wearer = $user->wearers()->firstOrFail();
    $gone = $user->makes()->get()->last();
    $gone?->forceDelete();
    $wearer->update(['notes' => 'Changed since.']);
    $reading = $wearer->cards()->firstOrFail()->readings()->firstOrFail();
    $reading->update(['text' => '99', 'nanometres' => 990_000_000]);
    $changed = takenAway($user);

    $told = collect(broughtBack($user, $zip, write: false)->assertOk()->assertJsonPath('is_written', false)->json('kinds'))->keyBy('kind');
    expect($told['makes']['new'])->toHaveCount(1)->and($told['wearers']['different'])->toBe([$wearer->name])->and($told['readings']['different'])->toHaveCount(1)
        ->and(takenAway($user->refresh()))->toBe($changed);

    broughtBack($user, $zip)->assertOk();
    expect($wearer->refresh()->notes)->toBe('Changed since.')->and($reading->refresh()->text)->toBe('99')->and($user->makes()->count())->toBe(count(preg_grep('#^makes/#', array_keys(zipOf($zip)))));

    broughtBack($user, $zip, takes: true)->assertOk();
    expect($wearer->refresh()->notes)->toBe('Left shoulder low.')->and($reading->refresh()->text)->not->toBe('99')
        ->and(json_decode(takenAway($user->refresh())['records.json'])->wearers)->toEqual(json_decode(zipOf($zip)['records.json'])->wearers);
});

test('a file that can\'t be believed is refused in a sentence, and nothing of it is kept', function (callable $change, string $reason): void {
    $zip = Everything::of(fullWorkroom());
    $there = someone();
    broughtBack($there, withRecords($zip, $change))->assertUnprocessable()->assertJsonPath('errors.file.0', static fn (string $said): bool => str_contains($said, $reason));
    expect($there->wearers()->count() + $there->patterns()->count() + $there->houses()->count())->toBe(0);
})->with([
    'another version' => [static fn (stdClass $file) => $file->version = 2, 'newer version'],
    'another format' => [static fn (stdClass $file) => $file->format = 'else', 'can\'t be read'],
    'a reading that is none' => [static fn (stdClass $file) => $file->wearers[0]->cards[0]->readings[0]->text = 'wide', '"wide" is no'],
    'a wearer without a name' => [static fn (stdClass $file) => $file->wearers[0]->name = '', 'Wearer 1'],
    'a make of no card' => [static fn (stdClass $file) => $file->makes[0]->card = 99, 'not in the file'],
    'a document that is a list' => [static fn (stdClass $file) => $file->patterns[0]->document = [], 'Pattern 1'],
    'a drawing that is none' => [static function (stdClass $file): void {
        foreach ($file->patterns as $pattern) {
            foreach ($pattern->nests as $nest) {
                $nest->drawing = new stdClass;
            }
        }
    }, 'drawing'],
]);

test('what is no file of everything is told', function (): void {
    broughtBack(someone(), 'no archive')->assertJsonPath('errors.file.0', 'This is no file of everything: choose the ZIP that was taken away under "Account".');
});
