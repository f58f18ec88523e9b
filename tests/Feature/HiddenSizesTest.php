<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\Pattern;
use App\Models\User;

/** What no figure and no word holds: every size is called by it, so that one that is named anywhere is found. */
const NAMED = 'Zq';

/** @return array<string, mixed> the same values under marked names */
function marked(mixed $bySize): array
{
    $values = (array) $bySize;

    return array_combine(array_map(static fn (int|string $size): string => NAMED.$size, array_keys($values)), array_values($values));
}

/** The demo's workroom, its sizes marked and all wearers without names of sizes. */
function workroomWithoutSizes(): User
{
    $user = demoUser();
    test()->actingAs($user);
    $user->patterns()->get()->each(static function (Pattern $pattern): void {
        $document = clone $pattern->document;
        $document->sizes = array_map(static fn (string $size): string => NAMED.$size, $document->sizes);
        foreach ($document->ranges ?? [] as $range) {
            $range->sizes = array_map(static fn (string $size): string => NAMED.$size, $range->sizes);
        }
        foreach ($document->flat_checks ?? [] as $flat) {
            $flat->size = NAMED.$flat->size;
        }
        $pattern->update(['document' => $document]);
        foreach ($pattern->nests()->get() as $nest) {
            $marks = clone $nest->marks;
            foreach (get_object_vars($nest->marks) as $part => $value) {
                $marks->{$part} = $value instanceof stdClass ? (object) marked($value) : $value;
            }
            $nest->update(['marks' => $marks]);
        }
    });
    $user->makes()->get()->each(static function (Make $make): void {
        foreach (['choices', 'verdict'] as $part) {
            $document = clone $make->{$part};
            if (isset($document->sizes)) {
                $document->sizes = (object) array_map(static fn (string $size): string => NAMED.$size, (array) $document->sizes);
            }
            $make->update([$part => $document]);
        }
    });
    $user->wearers()->update(['sizes_hidden' => true]);

    return $user;
}

test('a wearer whose sizes are hidden meets no name of a size, on screen or on paper', function (): void {
    $user = workroomWithoutSizes();
    $told = [];
    foreach ($user->makes()->with('card.wearer')->get() as $make) {
        $pages = ['bench', 'plan', 'why-not', 'cut-sheet', 'strip', 'strip.svg', 'stations.csv', 'plan.json', 'nest', 'nest/front', 'nest/front.svg', 'nest/front.dxf', 'fitting', 'cloth', 'offers'];
        foreach ($pages as $page) {
            $answer = $this->get("/api/makes/{$make->id}/{$page}");
            $told["{$make->id}/{$page}"] = [$answer->getStatusCode(), contentOf($answer)];
        }
    }
    foreach (zipOf(contentOf($this->get("/api/makes/{$user->makes()->firstOrFail()->id}/all.zip")->assertOk())) as $name => $content) {
        // A PDF's bytes are packed: any two letters stand in them by chance.
        $told["all.zip {$name}"] = [200, str_ends_with($name, '.pdf') ? '' : $content];
    }
    foreach ($user->wearers()->get() as $wearer) {
        $told["history {$wearer->id}"] = [200, contentOf($this->get("/api/wearers/{$wearer->id}/history")->assertOk())];
    }
    foreach ($user->patterns()->get() as $pattern) {
        foreach (explode("\n", $this->get("/api/patterns/{$pattern->id}/company")->streamedContent()) as $line) {
            $row = json_decode($line, true)['row'] ?? null;
            if ($row !== null) {
                $told["company {$pattern->id} {$row['wearer']}"] = [200, (string) json_encode($row)];
                // An envelope is called by its sizes, and a place in the list tells as much.
                expect([...$row['envelopes'], ...$row['to_get'], ...$row['sizes'], $row['frame']])->toBe([null]);
            }
        }
        $sheet = explode("\r\n\r\n", contentOf($this->get("/api/patterns/{$pattern->id}/company.csv")->assertOk()));
        $told["company.csv {$pattern->id}"] = [200, $sheet[0]];
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), array_slice(explode("\r\n", $sheet[0]), 1));
        expect(array_unique(array_merge(...array_map(static fn (array $row): array => [...array_slice($row, 1, 4), $row[11] ?? ''], $rows))))->toBe(['']);
    }
    $told['workroom'] = [200, (string) json_encode($this->get('/api/workroom')->json('makes'))];
    $naming = array_keys(array_filter($told, static fn (array $answer): bool => str_contains($answer[1], NAMED)));
    $given = array_filter($told, static fn (array $answer): bool => $answer[0] === 200);
    expect($naming)->toBe([])->and(count($given))->toBeGreaterThan(180)
        ->and($told['workroom'][1])->toContain('line from the inside');
});

test('an envelope, which is called by its sizes, is told by no word of a plan, a sheet or what to buy', function (): void {
    $user = workroomWithoutSizes();
    foreach ($user->patterns()->get() as $pattern) {
        $document = clone $pattern->document;
        foreach ($document->ranges ?? [] as $range) {
            $range->name = NAMED.$range->name;
            isset($range->draft) && $range->draft = NAMED.$range->draft;
        }
        foreach ($document->files ?? [] as $file) {
            isset($file->range) && $file->range = NAMED.$file->range;
        }
        $pattern->update(['document' => $document]);
    }
    $told = [];
    foreach ($user->makes()->with('pattern')->get()->filter(static fn (Make $make): bool => count($make->pattern->document->ranges ?? []) > 1) as $make) {
        unset($make->choices->range);
        $make->update(['choices' => clone $make->choices]);
        foreach (['plan', 'cut-sheet', 'why-not', 'strip', 'strip.svg', 'fitting', 'cloth', 'plan.json'] as $page) {
            $told["{$make->id}/{$page}"] = contentOf($this->get("/api/makes/{$make->id}/{$page}")->assertOk());
        }
        foreach (['make', 'files'] as $typed) {
            $told["{$make->id}/plan"] = (string) json_encode(array_diff_key(json_decode($told["{$make->id}/plan"], true), [$typed => true]));
        }
    }
    expect(count($told))->toBeGreaterThan(15)
        ->and(array_keys(array_filter($told, static fn (string $answer): bool => str_contains($answer, NAMED))))->toBe([])
        ->and(implode('', $told))->toContain('its own envelope');
});

test('a clip put on a counted line is kept under the size’s own name, and undone the same way', function (): void {
    $user = workroomWithoutSizes();
    $make = $user->makes()->with('pattern')->firstOrFail();
    $bench = $this->getJson("/api/makes/{$make->id}/bench")->assertOk();
    expect($bench)->toAgreeWith('BenchData')
        ->and(array_slice($bench->json('plan.sizes'), 0, 3))->toBe(['the first line from the inside', 'the second line from the inside', 'the third line from the inside'])
        ->and(array_slice($bench->json('plan.short_sizes'), 0, 4))->toBe(['1st', '2nd', '3rd', '4th']);
    $choices = ['sizes' => ['waist' => 'the second line from the inside']];
    $plan = $this->putJson("/api/makes/{$make->id}/choices", ['choices' => $choices, 'version' => $make->version])->assertOk();
    expect(collect($plan->json('levels'))->firstWhere('level', 'waist'))->toMatchArray(['size' => 'the second line from the inside', 'clipped' => true])
        ->and($make->refresh()->choices->sizes->waist)->toBe($make->pattern->document->sizes[1])
        ->and($this->getJson("/api/makes/{$make->id}")->json('choices.sizes.waist'))->toBe('the second line from the inside');
});

test('hiding is the wearer’s, showing can be asked for on one sheet', function (): void {
    $user = workroomWithoutSizes();
    $make = $user->makes()->firstOrFail();
    $sheet = "/api/makes/{$make->id}/cut-sheet";
    expect($this->getJson($sheet)->json('labels'))->toBe('hidden')
        ->and($this->getJson("{$sheet}?sizes=shown")->json('headline'))->toContain(NAMED)
        ->and($this->getJson("{$sheet}?sizes=shown")->json('labels'))->toBe('shown');
});

test('what fittings found stands on a sheet without sizes too', function (): void {
    $make = demoMake('Merrin Tolvane');
    $findings = [['place' => 'armhole', 'what' => 'raise', 'amount' => '1', 'where' => 'both', 'pieces' => [], 'note' => '', 'tracing' => 3, 'done' => []]];
    $this->putJson("/api/makes/{$make->id}/fitting", ['fitting' => ['tracing' => 3, 'tried' => 2, 'findings' => $findings], 'version' => $make->version])->assertOk();
    foreach (['shown', 'hidden'] as $sizes) {
        expect(json_encode($this->getJson("/api/makes/{$make->id}/cut-sheet?sizes={$sizes}")->json('steps')))->toContain('Raise the armhole by 1 cm');
    }
});
