<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\Pattern;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use PhpOffice\PhpSpreadsheet\IOFactory;
use Tests\Support\Contract;

/** @return list<array<string, mixed>> the lines of a company sheet, each of the shape that is agreed */
function companyLines(TestResponse $answer): array
{
    $lines = explode("\n", trim($answer->assertOk()->streamedContent()));
    foreach ($lines as $line) {
        expect(Contract::faults($line, 'CompanyLineData'))->toBe([]);
    }

    return array_map(static fn (string $line): array => array_filter(json_decode($line, true, flags: JSON_THROW_ON_ERROR), is_array(...)), $lines);
}

/** @return array{User, Pattern} the demo's, signed in */
function companyOf(string $pattern = 'Causeway dress 114'): array
{
    $user = demoUser();
    test()->actingAs($user);

    return [$user, $user->patterns()->where('name', $pattern)->sole()];
}

test('each row is what the make of the two says, over every pattern of the demo', function (): void {
    [$user] = companyOf();
    $compared = 0;
    foreach ($user->patterns()->get() as $pattern) {
        foreach (array_column(companyLines($this->get("/api/patterns/{$pattern->id}/company")), 'row') as $row) {
            if ($row['card_id'] === null) {
                continue;
            }
            // The wearer's own make where there is one; else what a make would say that is begun with nothing chosen.
            $own = $row['make_id'] === null ? null : Make::query()->findOrFail($row['make_id']);
            $make = $own ?? $user->makes()->create(['card_id' => $row['card_id'], 'pattern_id' => $pattern->id, 'unit' => $user->unit, 'choices' => (object) []]);
            $bench = $this->getJson("/api/makes/{$make->id}/bench")->assertOk();
            $plan = $bench->json('plan');
            expect($row['headline'])->toBe($plan['headline'] ?? null);
            if ($plan !== null) {
                // Cut unlike, front and back are named: `18/14`, and the headline says the same.
                $told = array_column($row['sizes'], 'size', 'level');
                $unlike = array_filter($told, static fn (string $size): bool => str_contains($size, '/'));
                foreach ($unlike as $sizes) {
                    expect($plan['headline'])->toContain(vsprintf('%s in front and %s at the back', explode('/', $sizes)));
                }
                expect(array_diff_key($told, $unlike))->toBe(array_diff_key(array_column($plan['levels'], 'size', 'level'), $unlike))
                    // What the pattern's drawing says of one make is told on its own pages, in the place of what the printed figure says.
                    ->and($row['cautions'])->toBeIn(in_array('drawn_waist', array_column($plan['cautions'], 'code'), true) ? [count($plan['cautions']) - 1, count($plan['cautions'])] : [count($plan['cautions'])])
                    ->and($row['worst'])->toBe($plan['cautions'][0] ?? null)
                    ->and($row['cost'])->toEqual(collect($plan['alternatives'])->firstWhere('chosen', true)['cost'] ?? $row['cost'])
                    ->and($row['needs'])->toBe($plan['needs']);
                $compared++;
            } else {
                expect($row['refused'])->not->toBeNull();
            }
            if ($own === null) {
                $make->delete();
            }
        }
    }
    expect($compared)->toBeGreaterThan(50);
});

test('the head comes first and the sums last, which are those of the rows', function (): void {
    [, $pattern] = companyOf();
    $lines = companyLines($this->get("/api/patterns/{$pattern->id}/company"));
    $rows = array_column($lines, 'row');
    $planned = array_filter($rows, static fn (array $row): bool => $row['headline'] !== null);
    expect(array_keys($lines[0]))->toBe(['head'])->and(array_keys(end($lines) ?: []))->toBe(['sums'])
        ->and(count($lines[0]['head']['wearers']))->toBe(count($rows))
        ->and(array_column($rows, 'wearer'))->toBe(collect($rows)->pluck('wearer')->sort()->values()->all());
    $sums = $lines[count($lines) - 1]['sums'];
    expect($sums['planned'])->toBe(count(array_filter($planned, static fn (array $row): bool => ! str_contains($row['headline'], 'waits for'))))
        ->and(array_sum(array_column($sums['sizes'], 'waist')))->toBe(count(array_filter($planned, static fn (array $row): bool => in_array('waist', array_column($row['sizes'], 'level'), true))))
        ->and(array_sum(array_column($sums['envelopes'], 'wearers')))->toBe(array_sum(array_map(static fn (array $row): int => count($row['envelopes']), $rows)));
    // By hand: what every row needs of one cloth in one width.
    foreach ($sums['cloth'] as $cloth) {
        $amounts = collect($planned)->flatMap(static fn (array $row): array => $row['needs'])
            ->filter(static fn (array $need): bool => [$need['name'], $need['view'], $need['width_nm']] === [$cloth['name'], $cloth['view'], $cloth['width_nm']]);
        expect((float) $cloth['amount'])->toBe($amounts->sum('amount_nm') / 1e9)->and($cloth['amount'])->toEndWith(' m')->and($cloth['wearers'])->toBe($amounts->count());
    }
    expect($sums['cloth'])->not->toBe([]);
});

test('who is on it, the choices for all and one’s own are kept; a row’s make begins with them', function (): void {
    [$user, $pattern] = companyOf();
    $all = companyLines($this->get("/api/patterns/{$pattern->id}/company"));
    [$first, $second] = array_slice(array_values(array_filter(array_column($all, 'row'), static fn (array $row): bool => $row['make_id'] === null && $row['headline'] !== null)), 0, 2);
    $kept = $this->putJson("/api/patterns/{$pattern->id}/company", [
        'version' => $all[0]['head']['version'],
        'wearers' => [$first['wearer_id'], $second['wearer_id']],
        'choices' => ['ease' => 'chart', 'pick' => 'one_size'],
        'exceptions' => [$second['wearer_id'] => ['ease' => 'drafted']],
    ])->assertOk();
    expect($kept)->toAgreeWith('CompanyHeadData');
    $kept = companyLines($this->get("/api/patterns/{$pattern->id}/company"));
    expect(array_column(array_column($kept, 'row'), 'wearer_id'))->toBe([$first['wearer_id'], $second['wearer_id']])
        ->and($kept[0]['head']['choices'])->toBe(['ease' => 'chart', 'pick' => 'one_size'])
        ->and(array_column($kept, 'row')[1]['exception'])->toBe(['ease' => 'drafted']);
    $begun = $this->postJson("/api/patterns/{$pattern->id}/company/{$second['wearer_id']}")->assertCreated();
    expect($begun)->toAgreeWith('MakeData')
        ->and(collect($begun->json('choices'))->sortKeys()->all())->toBe(['ease' => 'drafted', 'pick' => 'one_size'])
        ->and($this->getJson("/api/makes/{$begun->json('id')}/bench")->json('plan.headline'))->toBe(array_column($kept, 'row')[1]['headline'])
        ->and(array_column(companyLines($this->get("/api/patterns/{$pattern->id}/company")), 'row')[1]['make_id'])->toBe($begun->json('id'));
    // Pressed twice, it is one make.
    $this->postJson("/api/patterns/{$pattern->id}/company/{$second['wearer_id']}")->assertOk()->assertJsonPath('id', $begun->json('id'));
});

test('a row and the sums tell the wearer’s own make, not what is chosen for all', function (): void {
    [$user, $pattern] = companyOf();
    $make = $user->makes()->where('pattern_id', $pattern->id)->with('card')->get()->last();
    $tell = fn (): array => collect(array_column(companyLines($this->get("/api/patterns/{$pattern->id}/company")), 'row'))->firstWhere('wearer_id', $make->card->wearer_id);
    $this->putJson("/api/makes/{$make->id}/choices", ['choices' => ['sizes' => ['waist' => '20']], 'version' => $make->version])->assertOk();
    expect(collect($tell()['sizes'])->firstWhere('level', 'waist')['size'])->toBe('20')->and($tell()['make_id'])->toBe($make->id);
    $version = $pattern->refresh()->company_version;
    $this->putJson("/api/patterns/{$pattern->id}/company", ['version' => $version, 'wearers' => null, 'choices' => ['pick' => 'one_size'], 'exceptions' => (object) []])->assertOk();
    expect(collect($tell()['sizes'])->firstWhere('level', 'waist')['size'])->toBe('20');
    $user->makes()->where('pattern_id', $pattern->id)->whereHas('card', fn ($cards) => $cards->where('wearer_id', $make->card->wearer_id))->delete();
    expect($tell()['make_id'])->toBeNull()->and(array_unique(array_column($tell()['sizes'], 'size')))->toHaveCount(1);
});

test('two hands at one company sheet: the later one is told what stands meanwhile, and nothing is lost', function (): void {
    [, $pattern] = companyOf();
    $keep = fn (array $choices, int $version): TestResponse => $this->putJson("/api/patterns/{$pattern->id}/company", ['version' => $version, 'wearers' => null, 'choices' => (object) $choices, 'exceptions' => (object) []]);
    $keep(['ease' => 'chart'], 1)->assertOk()->assertJsonPath('version', 2);
    $late = $keep(['pick' => 'level'], 1)->assertConflict();
    expect($late)->toAgreeWith('CompanyConflictData')->and($late->json('head.choices'))->toBe(['ease' => 'chart'])->and($late->json('head.version'))->toBe(2);
    $keep(['ease' => 'chart', 'pick' => 'level'], 2)->assertOk();
    expect((array) $pattern->refresh()->company->choices)->toBe(['ease' => 'chart', 'pick' => 'level']);
});

test('sizes hidden, an exception is named by the place of its line, and kept under the size’s own name', function (): void {
    [$user, $pattern] = companyOf();
    $wearer = $user->wearers()->whereNotIn('id', $user->makes()->where('pattern_id', $pattern->id)->with('card')->get()->pluck('card.wearer_id'))->has('cards')->firstOrFail();
    $wearer->update(['sizes_hidden' => true]);
    $keep = fn (string $size, int $version): TestResponse => $this->putJson("/api/patterns/{$pattern->id}/company", ['version' => $version, 'wearers' => [$wearer->id], 'choices' => (object) [], 'exceptions' => [$wearer->id => ['sizes' => ['waist' => $size]]]]);
    expect($keep('14', 1)->assertOk()->json("exceptions.{$wearer->id}.sizes.waist"))->toBe('the fourth line from the inside');
    $row = array_column(companyLines($this->get("/api/patterns/{$pattern->id}/company")), 'row')[0];
    expect(json_encode($row['exception']))->not->toContain('14');
    $keep('the fourth line from the inside', 2)->assertOk();
    expect($pattern->refresh()->company->exceptions->{$wearer->id}->sizes->waist)->toBe('14');
});

test('a choice that can’t be is the reason in every row it stands in, and not measured is said', function (): void {
    [$user, $pattern] = companyOf();
    $new = $user->wearers()->create(['name' => 'Aaron Newcome']);
    $this->putJson("/api/patterns/{$pattern->id}/company", ['version' => 1, 'wearers' => null, 'choices' => ['view' => 'Z'], 'exceptions' => (object) []])->assertOk();
    $rows = array_column(companyLines($this->get("/api/patterns/{$pattern->id}/company")), 'row');
    expect($rows[0]['refused'])->toBe('Not measured yet.')->and(collect($rows)->whereNotNull('card_id')->firstWhere('make_id', null)['refused'])->toContain('is no view of this pattern');
    $this->postJson("/api/patterns/{$pattern->id}/company/{$new->id}")->assertUnprocessable()->assertJsonValidationErrors(['wearer']);
});

test('the sheet leaves as CSV, for a spreadsheet and printed, its sizes hidden on request', function (): void {
    [, $pattern] = companyOf();
    $rows = array_column(companyLines($this->get("/api/patterns/{$pattern->id}/company")), 'row');
    $csv = contentOf($this->get("/api/patterns/{$pattern->id}/company.csv")->assertOk());
    expect(substr_count($csv, "\r\n"))->toBeGreaterThan(count($rows) + 1)->and($csv)->toContain('Bettrys Calloway-Pike')->toContain('Cloth in all');
    $path = (string) tempnam(sys_get_temp_dir(), 'xlsx');
    file_put_contents($path, contentOf($this->get("/api/patterns/{$pattern->id}/company.xlsx")->assertOk()));
    $cells = IOFactory::load($path)->getActiveSheet()->toArray();
    unlink($path);
    expect($cells[0][0])->toBe('wearer')->and(array_column(array_slice($cells, 1, count($rows)), 0))->toBe(array_column($rows, 'wearer'));
    $file = (string) tempnam(sys_get_temp_dir(), 'company');
    file_put_contents($file, contentOf($this->get("/api/patterns/{$pattern->id}/company.pdf?sizes=hidden")->assertOk()->assertHeader('Content-Type', 'application/pdf')));
    $words = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
    unlink($file);
    expect($words)->toContain('Merrin')->not->toContain('4th')->toContain('In all');
});

test('every pattern is there for one wearer, the one that costs least first', function (): void {
    [$user] = companyOf();
    $wearer = $user->wearers()->where('name', 'Merrin Tolvane')->sole();
    $answer = $this->getJson("/api/wearers/{$wearer->id}/patterns")->assertOk();
    expect($answer)->toAgreeWith('WhichPatternData');
    $costs = array_filter($answer->json('rows.*.cost'), static fn (?float $cost): bool => $cost !== null);
    $sorted = $costs;
    sort($sorted);
    expect(count($answer->json('rows')))->toBe($user->patterns()->count())->and(array_values($costs))->toBe($sorted);
    foreach ($answer->json('rows') as $row) {
        expect(array_sum(array_column($row['receipt'], 'cost')))->toEqualWithDelta($row['cost'] ?? 0, 1e-9);
    }
    // Bettrys is cut in sizes of an envelope that is not owned: the row says which.
    $other = $user->wearers()->where('name', 'Bettrys Calloway-Pike')->sole();
    $dress = collect($this->getJson("/api/wearers/{$other->id}/patterns")->json('rows'))->firstWhere('pattern', 'Causeway dress 114');
    expect($dress['to_get'])->toBe(['16-22']);
});

test('a pattern without a make is told as its make will be, with the ease that earlier ones taught', function (): void {
    [$user] = companyOf();
    $begun = $liked = 0;
    foreach ($user->wearers()->get() as $wearer) {
        foreach ($this->getJson("/api/wearers/{$wearer->id}/patterns")->json('rows') as $row) {
            if ($row['make_id'] !== null || $row['headline'] === null) {
                continue;
            }
            $make = Make::query()->findOrFail($this->postJson("/api/patterns/{$row['pattern_id']}/company/{$wearer->id}", ['likes' => true])->assertCreated()->json('id'));
            expect($this->getJson("/api/makes/{$make->id}/bench")->json('plan.headline'))->toBe($row['headline']);
            $liked += isset($make->choices->liked_ease) ? 1 : 0;
            $begun++;
            $make->delete();
        }
    }
    expect($begun)->toBeGreaterThan(20)->and($liked)->toBeGreaterThan(0);
});

test('of patterns that cost the same the one that needs no further envelope comes first, then the one with fewer cautions', function (): void {
    [$user] = companyOf();
    foreach ($user->wearers()->get() as $wearer) {
        $rows = array_filter($this->getJson("/api/wearers/{$wearer->id}/patterns")->json('rows'), static fn (array $row): bool => $row['cost'] !== null);
        $ranks = array_map(static fn (array $row): array => [round($row['cost'], 1), count($row['to_get']), $row['cautions']], array_values($rows));
        $sorted = $ranks;
        sort($sorted);
        expect($ranks)->toBe($sorted);
    }
});

test('what if another measure: what flips is said, and nothing is kept', function (): void {
    $make = demoMake('Merrin Tolvane');
    $before = [$make->refresh()->getAttributes(), $make->card->readings()->get()->toArray()];
    $same = $this->postJson("/api/makes/{$make->id}/what-if", ['measures' => (object) []])->assertOk();
    expect($same)->toAgreeWith('WhatIfData')->and($same->json('flips'))->toBe([]);
    $larger = $this->postJson("/api/makes/{$make->id}/what-if", ['measures' => ['waist' => '88']])->assertOk();
    expect($larger->json('flips.0'))->toContain('The waist is cut in')
        ->and(collect($larger->json('plan.levels'))->firstWhere('level', 'waist')['measure_nm'])->toBe(880_000_000)
        ->and($larger->json('measures_nm'))->toBe(['waist' => 880_000_000])
        ->and([$make->refresh()->getAttributes(), $make->card->readings()->get()->toArray()])->toBe($before);
    $this->postJson("/api/makes/{$make->id}/what-if", ['measures' => ['waist' => '34']])->assertJsonValidationErrors(['measures.waist' => '34 cm here: inches? Write in or cm behind it.']);
    $this->postJson("/api/makes/{$make->id}/what-if", ['measures' => ['waist' => '34 in']])->assertOk();
    $this->postJson("/api/makes/{$make->id}/what-if", ['measures' => ['waist' => 'much']])->assertUnprocessable()->assertJsonValidationErrors(['measures.waist']);
});

test('nothing of one user’s wearers or patterns reaches another’s sheet', function (): void {
    [$user, $pattern] = companyOf();
    $wearer = $user->wearers()->firstOrFail();
    $other = someone();
    $own = $other->patterns()->create(['name' => 'Own', 'unit' => 'cm', 'document' => $pattern->document]);
    $stranger = $other->wearers()->create(['name' => 'Wenna']);
    $this->actingAs($other);
    foreach (['company', 'company.csv', 'company.xlsx', 'company.pdf'] as $page) {
        $this->get("/api/patterns/{$pattern->id}/{$page}")->assertNotFound();
    }
    $this->getJson("/api/wearers/{$wearer->id}/patterns")->assertNotFound();
    $this->postJson("/api/patterns/{$own->id}/company/{$wearer->id}")->assertNotFound();
    $this->postJson("/api/patterns/{$pattern->id}/company/{$stranger->id}")->assertNotFound();
    $this->postJson('/api/makes/'.Make::query()->firstOrFail()->id.'/what-if', ['measures' => (object) []])->assertNotFound();
    // Picked by its number, another's wearer is nobody.
    $this->putJson("/api/patterns/{$own->id}/company", ['version' => 1, 'wearers' => [$wearer->id, $stranger->id], 'choices' => (object) [], 'exceptions' => (object) []])->assertOk();
    $rows = array_column(companyLines($this->get("/api/patterns/{$own->id}/company")), 'row');
    expect(array_column($rows, 'wearer'))->toBe(['Wenna'])
        ->and($this->getJson("/api/wearers/{$stranger->id}/patterns")->json('rows.*.pattern'))->toBe(['Own']);
});

test('the command prints a row for each card and the sums', function (): void {
    [$user, $pattern] = companyOf();
    // Of files it knows cards and a pattern, no makes.
    $user->makes()->delete();
    $folder = sys_get_temp_dir().'/company-'.bin2hex(random_bytes(4));
    mkdir($folder);
    file_put_contents("{$folder}/pattern.json", contentOf($this->get("/api/patterns/{$pattern->id}/pattern.json")));
    $rows = array_column(companyLines($this->get("/api/patterns/{$pattern->id}/company")), 'row');
    $files = [];
    foreach ($user->wearers()->orderBy('name')->get() as $wearer) {
        $files[] = "{$folder}/{$wearer->name}.json";
        file_put_contents("{$folder}/{$wearer->name}.json", contentOf($this->get("/api/wearers/{$wearer->id}/cards.json")));
    }
    expect(Illuminate\Support\Facades\Artisan::call('underbolt:company', ['pattern' => "{$folder}/pattern.json", 'cards' => $files]))->toBe(0);
    $lines = array_map(static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR), explode("\n", trim(Illuminate\Support\Facades\Artisan::output())));
    array_map(unlink(...), [...$files, "{$folder}/pattern.json"]);
    rmdir($folder);
    expect(array_column($lines, 'who'))->toBe(array_column($rows, 'wearer'))
        ->and(array_map(static fn (array $line): ?string => $line['headline'] ?? null, array_slice($lines, 0, -1)))->toBe(array_column($rows, 'headline'))
        ->and(array_keys(end($lines) ?: []))->toBe(['sums']);
    expect(Illuminate\Support\Facades\Artisan::call('underbolt:company', ['pattern' => "{$folder}/none.json", 'cards' => $files]))->toBe(2);
});
