<?php

declare(strict_types=1);

use App\Models\Pattern;

test('a pattern is kept as typed, and its drafted ease comes back exact', function (): void {
    $this->actingAs(someone());
    $answer = $this->postJson('/api/patterns', typedPattern())->assertCreated();
    expect($answer)->toAgreeWith('PatternData')
        ->and($answer->json('faults'))->toBe([])
        ->and($answer->json('document.finished.waist'))->toBe(['71', '75,5'])
        ->and($answer->json('drafted_ease'))->toBe([
            ['level' => 'waist', 'path' => 'finished.waist', 'ease_nm' => [50_000_000, 55_000_000]],
        ]);
});

test('empty objects stay objects', function (): void {
    $this->actingAs(someone());
    $id = $this->postJson('/api/patterns', typedPattern(['body_chart' => (object) []]))->json('id');
    expect($this->getJson("/api/patterns/{$id}")->getContent())->toContain('"body_chart":{}');
});

test('a pattern with faults is kept all the same, and each fault names its cell', function (array $document, string $field, string $message): void {
    $this->actingAs(someone());
    $answer = $this->postJson('/api/patterns', typedPattern($document))->assertCreated();
    expect($answer)->toAgreeWith('PatternData')
        ->and($answer->json('faults.0.field'))->toBe($field)
        ->and($answer->json('faults.0.message'))->toContain($message)
        ->and(Pattern::query()->count())->toBe(1);
})->with([
    'a row that does not rise' => [
        ['body_chart' => ['waist' => ['70', '70']]],
        'pattern.body_chart.waist[1]',
        'must be larger than the size before it',
    ],
    'more values than sizes' => [
        ['body_chart' => ['waist' => ['66', '70', '74']]],
        'pattern.body_chart.waist',
        'Has 3 figures for 2 sizes',
    ],
    'a word in a cell' => [['body_chart' => ['waist' => ['66', 'wide']]], 'pattern.body_chart.waist[1]', 'is not a figure'],
    'a size without a name' => [['sizes' => ['8', '']], 'pattern.sizes[1]', 'Must be a text'],
    'nothing at all' => [['sizes' => []], 'pattern.sizes', 'Must name from 1 to 60 sizes'],
]);

test('a pattern is changed in place', function (): void {
    $this->actingAs(someone());
    $id = $this->postJson('/api/patterns', typedPattern(['sizes' => []]))->json('id');
    $this->putJson("/api/patterns/{$id}", typedPattern() + ['version' => 1])->assertOk()->assertJson(['faults' => []]);
});

test('what no sheet holds is refused', function (array $document): void {
    $this->actingAs(someone());
    $this->postJson('/api/patterns', typedPattern($document))->assertJsonValidationErrors(['document']);
})->with([
    'a page of text in a cell' => [['sizes' => [str_repeat('8', 121)]]],
    'too many sizes' => [['sizes' => array_map(strval(...), range(1, 81))]],
    'nested without end' => [['seam' => ['a' => ['b' => ['c' => ['d' => ['e' => ['f' => 'g']]]]]]]],
]);

test('a paste of 20 MB is answered 413 as JSON', function (): void {
    $this->actingAs(someone());
    $body = json_encode(typedPattern(['sizes' => [str_repeat('8', 20_000_000)]]));
    $this->call('POST', '/api/patterns', server: ['CONTENT_LENGTH' => strlen($body), 'CONTENT_TYPE' => 'application/json'], content: $body)
        ->assertStatus(413)->assertHeader('Content-Type', 'application/json')->assertJsonStructure(['message']);
});

test('a pattern typed from an old view is not written over, but answered with how it stands', function (): void {
    $this->actingAs(someone());
    $id = $this->postJson('/api/patterns', typedPattern())->assertCreated()->json('id');
    $keep = fn (string $name, ?int $version) => $this->putJson("/api/patterns/{$id}", ['name' => $name, 'version' => $version] + typedPattern());
    $keep('First', 1)->assertOk()->assertJson(['version' => 2]);
    $stale = $keep('Second', 1)->assertConflict();
    expect($stale)->toAgreeWith('PatternConflictData')->and($stale->json('pattern.name'))->toBe('First')->and($stale->json('pattern.version'))->toBe(2);
    $keep('Second', null)->assertJsonValidationErrors(['version']);
    $keep('Second', 2)->assertOk();
});
