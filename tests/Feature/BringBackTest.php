<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\User;
use App\Records\Whole\Arrival;
use App\Records\Whole\BringBack;
use App\Records\Whole\ReadRecords;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Contract;

/** @return array<string, string> */
function takenAway(User $user): array
{
    return zipOf(everythingOf($user));
}

/** Sends a file of everything. */
function broughtBack(User $user, string $zip, bool $write = true, bool $takes = false): TestResponse
{
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    file_put_contents($path, $zip);

    return test()->actingAs($user)->postJson('/api/me/everything', ['file' => new UploadedFile($path, 'underbolt-everything.zip', test: true), 'write' => $write ? '1' : '0', 'takes' => $takes ? '1' : '0']);
}

/** @return list<array<string, mixed>> the lines of such an answer */
function linesOf(TestResponse $answer): array
{
    return array_map(static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR), explode("\n", trim($answer->assertOk()->streamedContent())));
}

/** @return Collection<string, array<string, mixed>> what came of it, by kind */
function toldOf(TestResponse $answer): Collection
{
    return collect(collect(linesOf($answer))->last()['brought']['kinds'])->keyBy('kind');
}

/** @return list<stdClass> the records of a file, the head first */
function recordsIn(string $zip): array
{
    return array_map(static fn (string $line): stdClass => json_decode($line, false, 64, JSON_THROW_ON_ERROR), explode("\n", trim(zipOf($zip)['records.jsonl'])));
}

/**
 * @param  list<stdClass>|string  $records
 * @param  array<string, string>  $files  beside them
 */
function zipWith(string $zip, array|string $records, array $files = []): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    file_put_contents($path, $zip);
    $archive = new ZipArchive;
    $archive->open($path);
    $lines = is_string($records) ? $records : implode("\n", array_map(static fn (stdClass $one): string => (string) json_encode($one, JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE), $records))."\n";
    foreach (['records.jsonl' => $lines] + $files as $name => $content) {
        $archive->addFromString($name, $content);
    }
    $archive->close();

    return (string) file_get_contents($path);
}

/** @param  callable(stdClass): void  $change  of the first record of a kind */
function withRecord(string $zip, string $kind, callable $change): string
{
    $records = recordsIn($zip);
    $first = collect($records)->first(static fn (stdClass $one): bool => isset($one->{$kind}));
    $change($first->{$kind});

    return zipWith($zip, $records);
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
    $make->update(['done' => (object) ['trace' => '2026-11-20', 'taken_back' => null], 'note' => 'For the spring play.']);

    $user->update(['unit' => 'in', 'paper' => 'letter', 'practice' => ['waist' => ['box' => 2, 'due' => '2026-12-24']], 'hands' => ['Merrin' => ['waist' => ['unit' => 'cm', 'readings' => ['80', '80.5', '80', '80', '80.2'], 'on' => '2026-11-20']]]]);

    return $user;
}

test('out, in and out again it is the same, in an account that was empty', function (): void {
    $user = fullWorkroom();
    $zip = everythingOf($user);
    $there = someone();
    $lines = linesOf(broughtBack($there, $zip));
    expect(Contract::faults((string) json_encode(collect($lines)->last()), 'BringingLineData'))->toBe([])
        ->and(array_sum(array_column(collect($lines)->last()['brought']['kinds'], 'same')))->toBe(0)
        ->and($done = array_values(array_filter(array_column($lines, 'done'), is_int(...))))->toContain(100)->toBe(collect($done)->sort()->values()->all());
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
    $told = toldOf(broughtBack($user, everythingOf($user)));
    expect($told->pluck('new')->flatten()->all())->toBe([])->and($told->pluck('different')->flatten()->all())->toBe([])
        ->and($told['wearers']['same'])->toBe($user->wearers()->count())->and($told['makes']['same'])->toBe($user->makes()->count())
        ->and(takenAway($user->refresh()))->toBe($before);
});

test('what is new comes in, what stands here otherwise stays unless the file is to be taken, and telling writes nothing', function (): void {
    $user = fullWorkroom();
    $zip = everythingOf($user);
    $wearer = $user->wearers()->firstOrFail();
    $gone = $user->makes()->get()->last();
    $gone?->forceDelete();
    $wearer->update(['notes' => 'Changed since.']);
    $reading = $wearer->cards()->firstOrFail()->readings()->firstOrFail();
    $reading->update(['text' => '99', 'nanometres' => 990_000_000]);
    $changed = takenAway($user);

    $told = toldOf(broughtBack($user, $zip, write: false));
    expect($told['makes']['new'])->toHaveCount(1)->and($told['wearers']['different'])->toBe([$wearer->name])->and($told['readings']['different'])->toHaveCount(1)
        ->and(takenAway($user->refresh()))->toBe($changed);

    toldOf(broughtBack($user, $zip));
    expect($wearer->refresh()->notes)->toBe('Changed since.')->and($reading->refresh()->text)->toBe('99')->and($user->makes()->count())->toBe(count(preg_grep('#^makes/#', array_keys(zipOf($zip)))));

    toldOf(broughtBack($user, $zip, takes: true));
    expect($wearer->refresh()->notes)->toBe('Left shoulder low.')->and($reading->refresh()->text)->not->toBe('99')
        ->and(takenAway($user->refresh())['records.jsonl'])->toBe(zipOf($zip)['records.jsonl']);
});

test('a file that can\'t be believed is refused in a sentence, and nothing of it is kept', function (string $kind, callable $change, string $reason): void {
    $zip = everythingOf(fullWorkroom());
    $there = someone();
    broughtBack($there, withRecord($zip, $kind, $change))->assertUnprocessable()->assertJsonPath('errors.file.0', static fn (string $said): bool => str_contains($said, $reason));
    expect($there->wearers()->count() + $there->patterns()->count() + $there->houses()->count())->toBe(0);
})->with([
    'a reading that is none' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->readings[0]->text = 'wide', '"wide" is no'],
    'a wearer without a name' => ['wearer', static fn (stdClass $wearer) => $wearer->name = '', 'Wearer 1: name is missing'],
    'a name with a NUL' => ['wearer', static fn (stdClass $wearer) => $wearer->name = "Mer\0rin", 'Wearer 1: name has signs in it that are no letters.'],
    'a card of a day to come' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->taken_on = '9999-01-01', 'Wearer 1, card 1: taken_on is a day to come.'],
    'a reading that stands twice' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->readings[] = $wearer->cards[0]->readings[0], 'a reading stands twice'],
    'more cards than anybody has' => ['wearer', static fn (stdClass $wearer) => $wearer->cards = array_fill(0, 1_501, $wearer->cards[0]), 'the list of cards'],
    'a make of no card' => ['make', static fn (stdClass $make) => $make->card = 99, 'not in the file'],
    'a document that is a list' => ['pattern', static fn (stdClass $pattern) => $pattern->document = [], 'Pattern 1: document is no object.'],
    'a day that is none' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->taken_on = '2026-02-30', 'taken_on is no day, such as 2026-11-20.'],
    'a card of a century ago' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->taken_on = '1899-12-31', 'taken_on is a day long past.'],
    'a unit that is none' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->readings[0]->unit = 'ell', 'unit is none that there is.'],
    'a tenth try' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->readings[0]->attempt = 10, 'attempt is no number from 1 to 9.'],
    'answers that are none' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->answers = [1], 'answers is no list of texts.'],
    'measured by nothing' => ['wearer', static fn (stdClass $wearer) => $wearer->cards[0]->measured_by = null, 'measured_by is no text.'],
    'a wardrobe that is nothing' => ['wearer', static fn (stdClass $wearer) => $wearer->wardrobe = null, 'wardrobe is no object.'],
    'hidden, or not' => ['wearer', static fn (stdClass $wearer) => $wearer->sizes_hidden = 'yes', 'sizes_hidden is neither true nor false.'],
    'begun at no time' => ['make', static fn (stdClass $make) => $make->begun = 'one day', 'begun is no moment.'],
    'keys of its own without end' => ['make', static fn (stdClass $make) => $make->extras = (object) ['x_all' => str_repeat('x', 200_001)], 'extras is far larger than any.'],
    'notes without end' => ['wearer', static fn (stdClass $wearer) => $wearer->notes = str_repeat('n', 4_001), 'notes is longer than 4000 letters.'],
    'a company of nobody' => ['pattern', static fn (stdClass $pattern) => $pattern->company = (object) ['wearers' => ['Merrin']], 'company has wearers that are none.'],
    'an exception that is none' => ['pattern', static fn (stdClass $pattern) => $pattern->company = (object) ['exceptions' => (object) ['0' => 'other']], 'company 0 is no object.'],
    'done on no day' => ['make', static fn (stdClass $make) => $make->done = (object) ['trace' => 7], 'done trace is no text.'],
    'a box that is due on no day' => ['account', static fn (stdClass $account) => $account->practice = (object) ['waist' => (object) ['box' => 1, 'due' => 'never']], 'due is no day'],
    'twenty thousand sizes' => ['pattern', static fn (stdClass $pattern) => $pattern->document->sizes = range(1, 20_000), 'at most 60 sizes'],
    'a drawing that is not there' => ['pattern', static fn (stdClass $pattern) => $pattern->nests = ['nests/none.json'], 'Pattern 1, a drawing'],
    'a practice box of nothing' => ['account', static fn (stdClass $account) => $account->practice = (object) ['waist' => (object) ['box' => 'x', 'due' => 'never']], 'The account'],
]);

test('what no file is that was taken away here is told', function (callable $made, string $says): void {
    broughtBack(someone(), $made(everythingOf(demoUser())))->assertUnprocessable()->assertJsonPath('errors.file.0', static fn (string $said): bool => str_starts_with($said, $says));
})->with([
    'another version' => [static fn (string $zip): string => zipWith($zip, "{\"format\":\"underbolt/everything\",\"version\":3}\n"), 'This file was taken away by a newer version'],
    'another format' => [static fn (string $zip): string => zipWith($zip, "{\"format\":\"else\",\"version\":2}\n"), 'The records in this file can\'t be read.'],
    'a record of no kind' => [static fn (string $zip): string => zipWith($zip, "{\"format\":\"underbolt/everything\",\"version\":2}\n{\"boat\":{}}\n"), 'The records in this file can\'t be read.'],
    'a line without an end' => [static fn (string $zip): string => zipWith($zip, "{\"format\":\"underbolt/everything\",\"version\":2}\n{\"wearer\":\"".str_repeat('x', 4_100_000)."\"}\n"), 'The records in this file can\'t be read.'],
    'a drawing that is none' => [static fn (string $zip): string => zipWith($zip, recordsIn($zip), [(string) collect(array_keys(zipOf($zip)))->first(static fn (string $name): bool => str_starts_with($name, 'nests/')) => '{}']), 'Pattern'],
]);

test('a file of the first version comes in as well', function (): void {
    $user = fullWorkroom();
    $zip = everythingOf($user);
    $files = zipOf($zip);
    $first = ['format' => 'underbolt/everything', 'version' => 1, 'hands' => (object) $user->hands, 'houses' => [], 'wearers' => [], 'patterns' => [], 'makes' => []];
    foreach (array_slice(recordsIn($zip), 2) as $record) {
        $kind = array_key_first(get_object_vars($record));
        if ($kind === 'pattern') {
            $record->pattern->nests = array_map(static fn (string $name): stdClass => json_decode($files[$name], false, 64, JSON_THROW_ON_ERROR), $record->pattern->nests);
        }
        $kind === 'hand' ?: $first["{$kind}s"][] = $record->{$kind};
    }
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    $archive = new ZipArchive;
    $archive->open($path, ZipArchive::OVERWRITE);
    $archive->addFromString('records.json', (string) json_encode($first, JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE));
    $archive->close();
    $there = someone();
    toldOf(broughtBack($there, (string) file_get_contents($path)));
    $here = array_slice(recordsIn($zip), 2);
    expect(array_slice(recordsIn(everythingOf($there->refresh())), 2))->toEqual($here);
});

test('settings come along into an account that is empty; where something is they stay, unless the file is to be taken', function (): void {
    $zip = everythingOf(fullWorkroom());
    $empty = someone();
    toldOf(broughtBack($empty, $zip));
    expect($empty->refresh())->unit->value->toBe('in')->paper->value->toBe('letter')->practice->toBe(['waist' => ['box' => 2, 'due' => '2026-12-24']])->and(array_keys($empty->hands))->toBe(['Merrin']);

    $other = someone('Olwen');
    $other->wearers()->create(['name' => 'Here already']);
    expect(toldOf(broughtBack($other, $zip))['settings']['different'])->toHaveCount(1)->and($other->refresh()->unit->value)->toBe('cm');
    toldOf(broughtBack($other, $zip, takes: true));
    expect($other->refresh()->unit->value)->toBe('in');
});

test('what would come in is told in words', function (): void {
    $told = toldOf(broughtBack(someone(), everythingOf(demoUser()), write: false));
    expect($told['cards']['new'][0])->toMatch('/^Merrin Tolvane, \d+ [A-Z][a-z]{2} \d{4}$/')->and($told['readings']['new'])->toContain('Merrin Tolvane, full bust')
        ->and(json_encode($told))->not->toContain('_');
});

test('until all of it is there nobody sees any of it, and what is stopped or fails leaves nothing', function (callable $ends): void {
    $zip = everythingOf(fullWorkroom());
    $there = someone();
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    file_put_contents($path, $zip);
    $records = ReadRecords::of(new UploadedFile($path, 'all.zip', test: true));
    $seen = [];
    try {
        $told = BringBack::write($there, $records->each(), false, static function (int $record) use ($records, $there, &$seen, $ends): bool {
            $seen[] = $there->wearers()->count() + $there->patterns()->count() + $there->makes()->count() + $there->binEntries()->count();

            return $record < $records->count - 1 || $ends();
        });
    } catch (DomainException) {
        $told = null;
    }
    expect($told)->toBeNull()->and(array_unique($seen))->toBe([0]);
    foreach (['wearers', 'cards', 'patterns', 'nests', 'houses', 'makes', 'bin_entries'] as $table) {
        expect(DB::table($table)->where('user_id', $there->id)->count())->toBe(0, $table);
    }
    expect($there->refresh()->hands)->toBe([])->and($there->unit->value)->toBe('cm');
})->with([
    'stopped' => [static fn (): bool => false],
    'failed' => [static fn (): bool => throw new DomainException],
]);

test('what a killed server left on its way goes with the next, or within a day', function (): void {
    $user = someone();
    $arrival = Arrival::begun($user);
    $user->wearers()->make(['name' => 'Half here'])->forceFill(['bin_entry_id' => $arrival->id])->save();
    $this->actingAs($user)->getJson('/api/bin')->assertOk()->assertExactJson([]);
    $this->artisan('underbolt:empty-bin')->assertSuccessful();
    expect(DB::table('wearers')->count())->toBe(1);
    $this->travel(1)->days();
    $this->artisan('underbolt:empty-bin')->assertSuccessful();
    expect(DB::table('wearers')->count() + DB::table('bin_entries')->count())->toBe(0);

    $left = Arrival::begun($user);
    $user->wearers()->make(['name' => 'Half here'])->forceFill(['bin_entry_id' => $left->id])->save();
    Arrival::begun($user);
    expect(DB::table('wearers')->count())->toBe(0)->and(DB::table('bin_entries')->count())->toBe(1);
});

test('one file at a time is brought back', function (): void {
    $user = someone();
    $zip = everythingOf(demoUser());
    Cache::lock("arriving {$user->id}", 60)->get();
    broughtBack($user, $zip)->assertConflict()->assertJsonPath('message', 'A file is being brought back already: wait until it is in.');
});

test('each drawing stands once in the file', function (): void {
    $files = zipOf(everythingOf(fullWorkroom()));
    $drawings = array_filter(array_keys($files), static fn (string $name): bool => str_starts_with($name, 'nests/'));
    expect($drawings)->not->toBe([])->and($files['records.jsonl'])->not->toContain('"drawing"');
});

test('what is no file of everything is told', function (): void {
    broughtBack(someone(), 'no archive')->assertJsonPath('errors.file.0', 'This is no file of everything: choose the ZIP that was taken away under "Account".');
});
