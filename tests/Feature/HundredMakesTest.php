<?php

declare(strict_types=1);

use Illuminate\Support\Arr;
use Tests\Support\RandomMake;
use Tests\Support\Runs;

/*
 * A hundred makes at random, each through its whole life and all of it through HTTP: brought in, changed and changed back, fitted,
 * judged, copied, taken out, brought in again and learned from. Nothing differs but what should.
 */

/** The make as a file, to the letter. */
function fileOf(int $id): string
{
    return (string) test()->get("/api/makes/{$id}/make.json")->assertOk()->getContent();
}

/** @return array<string, mixed> what the bench draws, in figures alone */
function drawnOf(int $id): array
{
    return Arr::only(test()->getJson("/api/makes/{$id}/plan")->assertOk()->json(), ['headline', 'levels', 'front', 'back', 'lengths']);
}

/** Keeps something of a make on the version that it has. */
function keptOn(int $id, string $what, array $body): mixed
{
    $version = test()->getJson("/api/makes/{$id}")->json('version');

    return test()->putJson("/api/makes/{$id}/{$what}", $body + ['version' => $version])->assertOk()->json();
}

/** @return list<string> the keys, from the top, at which two files differ */
function differences(string $one, string $other): array
{
    [$flat, $others] = [Arr::dot(json_decode($one, true)), Arr::dot(json_decode($other, true))];
    $differ = array_filter(array_keys($flat + $others), static fn (string $key): bool => ($flat[$key] ?? null) !== ($others[$key] ?? null));

    return array_values(array_unique(array_map(static fn (string $key): string => explode('.', $key)[0], $differ)));
}

test('a hundred makes are kept, changed, copied, taken out, brought in again and learned from', function (): void {
    $this->actingAs(someone());
    [$made, $seed] = [0, 0];
    while ($made < Runs::of(100)) {
        $typed = RandomMake::of(++$seed);
        $at = "seed {$seed}";
        $answer = $this->postJson('/api/makes/import', ['text' => json_encode($typed), 'wearer' => "Wearer {$seed}"]);
        if ($answer->status() === 422) {
            continue; // A choice that can't be carried out.
        }
        $made++;
        $id = $answer->assertCreated()->json('id');
        $first = fileOf($id);
        // Nothing said of a fitting is not kept.
        sameAsTyped(array_filter(json_decode((string) json_encode($typed), true), static fn (mixed $part): bool => $part !== []), json_decode($first, true), $at);
        $drawn = drawnOf($id);

        // Changed, and changed back.
        $choices = json_decode((string) $this->getJson("/api/makes/{$id}")->getContent())->choices;
        $others = clone $choices;
        $others->blend = ($choices->blend ?? 'curved') === 'curved' ? 'straight' : 'curved';
        keptOn($id, 'choices', ['choices' => $others]);
        expect(differences(fileOf($id), $first))->toBe(['choices'], $at);
        keptOn($id, 'choices', ['choices' => $choices]);
        expect(fileOf($id))->toBe($first, $at)->and(drawnOf($id))->toEqual($drawn, $at);

        // Out, and in again for another.
        $again = $this->postJson('/api/makes/import', ['text' => $first, 'wearer' => "Other {$seed}"])->assertCreated()->json('id');
        expect(fileOf($again))->toBe($first, $at)->and(drawnOf($again))->toEqual($drawn, $at);

        // Fitted and judged: that goes out and in with it.
        $level = array_key_last(array_filter($drawn['levels'])) ?? 0;
        $place = $drawn['levels'][$level]['level'];
        $amount = $typed['unit'] === 'in' ? '1/4' : '0.6';
        keptOn($id, 'fitting', ['fitting' => ['tracing' => 2, 'findings' => [['tracing' => 2, 'place' => $place, 'what' => 'add', 'amount' => $amount, 'where' => 'both', 'pieces' => [], 'note' => '', 'done' => []]]]]);
        keptOn($id, 'verdict', ['verdict' => ['levels' => [$place => 'right'], 'note' => 'Sit down in it.', 'again' => true]]);
        $worn = fileOf($id);
        expect(array_diff(differences($worn, $first), ['fitting', 'verdict']))->toBe([], $at);
        $back = $this->postJson('/api/makes/import', ['text' => $worn, 'wearer' => "Third {$seed}"])->assertCreated()->json('id');
        expect(fileOf($back))->toBe($worn, $at)->and(drawnOf($back))->toEqual(drawnOf($id), $at);

        // Copied: what was chosen and found comes along, the verdict does not.
        $copy = $this->postJson("/api/makes/{$id}/copies")->assertCreated()->json('id');
        expect(array_diff(differences(fileOf($copy), $worn), ['fitting', 'verdict']))->toBe([], $at);

        // The next make of the same pattern is offered what this one was changed by, and takes all of it.
        $make = $this->getJson("/api/makes/{$id}")->json();
        $next = $this->postJson('/api/makes', Arr::only($make, ['card_id', 'pattern_id']))->assertCreated()->json('id');
        $last = $this->getJson("/api/makes/{$next}/offers")->assertOk()->json('last');
        expect($last['worn'] ?? null)->not->toBeNull($at)->and($last['note'])->toBe('Sit down in it.');
        keptOn($next, 'offers/last', ['keys' => array_column($last['changes'], 'key')]);
        $left = array_filter($this->getJson("/api/makes/{$next}/offers")->json('last.changes'), static fn (array $change): bool => ! $change['is_taken']);
        expect($left)->toBe([], $at)->and(fileOf($id))->toBe($worn, $at);
    }
    expect($made)->toBe(Runs::of(100));
});
