<?php

declare(strict_types=1);

test('what is practised is listed in its order, everything due, and nothing gives away where the tape belongs', function (): void {
    $this->actingAs(someone());
    $practice = $this->getJson('/api/practice')->assertOk();
    expect($practice)->toAgreeWith('PracticeData')
        ->and(array_column($practice->json('exercises'), 'code'))->toBe(['read_it', 'waist', 'bust', 'hip', 'full_tummy', 'low_hip', 'high_bust', 'underbust', 'spot_it', 'which_counts', 'halves', 'alone'])
        ->and(array_unique(array_column($practice->json('exercises'), 'is_due')))->toBe([true])
        ->and(count($practice->json('figures')))->toBe(6)
        ->and(array_keys($practice->json('figures.0')))->toBe(['code', 'name', 'rings', 'waist_mm']);
});

test('a tape at the trouser line is read, told slip by slip, with the size it would have cut; asking decides nothing', function (): void {
    $this->actingAs(someone());
    $read = $this->postJson('/api/practice/readings', ['exercise' => 'waist', 'figure' => 'slender'])->assertOk();
    expect($read)->toAgreeWith('ReadTapeData')
        ->and($read->json('slips.0.slip'))->toBe('place')
        ->and($read->json('slips.0.share_nm'))->toBe($read->json('reading_nm') - $read->json('true_nm'))
        ->and([$read->json('true_size'), $read->json('read_size'), $read->json('wider_nm')])->toBe(['10', '12', 40_000_000])
        ->and($read->json('is_right'))->toBeFalse()
        ->and($this->getJson('/api/practice')->json('exercises.1.box'))->toBeNull();
});

test('it is judged slip by slip: a tight tape hides no finger', function (array $placing, bool $isRight): void {
    $this->actingAs(someone());
    $read = $this->postJson('/api/practice/readings', ['exercise' => 'waist', 'figure' => 'slender', 'placing' => $placing])->assertOk();
    expect($read->json('is_right'))->toBe($isRight);
})->with([
    'as it should be' => [['height' => 1062], true],
    'near enough' => [['height' => 1058, 'front' => 2], true],
    'too low' => [['height' => 1045], false],
    // Together they read within a millimetre or two of the truth.
    'a finger under a tight tape' => [['height' => 1062, 'fingers' => 3, 'pull' => 0.45], false],
]);

test('what is right is asked again after 1, 2, 4, 8, 16 days, what is wrong the next day; before its day it stays', function (): void {
    $this->travelTo('2026-11-23 09:30:00');
    $this->actingAs(someone());
    $lay = fn (int $height) => $this->postJson('/api/practice/readings', ['exercise' => 'waist', 'figure' => 'slender', 'placing' => ['height' => $height]])->assertOk();
    $lies = fn (): array => array_values(array_intersect_key($this->getJson('/api/practice')->json('exercises.1'), array_flip(['box', 'due_on', 'is_due'])));
    $lay(1062);
    expect($lies())->toBe([0, '2026-11-24', false]);
    $lay(1062);
    expect($lies())->toBe([0, '2026-11-24', false]);
    $due = '2026-11-24';
    foreach ([[1, '2026-11-26'], [2, '2026-11-30'], [3, '2026-12-08'], [4, '2026-12-24'], [4, '2027-01-09']] as [$box, $next]) {
        $this->travelTo("{$due} 09:30:00");
        expect($lies()[2])->toBeTrue();
        $lay(1062);
        expect($lies())->toBe([$box, $next, false]);
        $due = $next;
    }
    $lay(1000);
    expect($lies())->toBe([0, '2026-12-25', false]);
});

test('the chart may be of one\'s own pattern, and of nobody else\'s', function (): void {
    $user = demoUser();
    $this->actingAs($user);
    $skirt = $user->patterns()->where('name', 'like', 'Skerry%')->firstOrFail();
    $read = fn (int $pattern) => $this->postJson('/api/practice/readings', ['exercise' => 'waist', 'figure' => 'slender', 'pattern' => $pattern]);
    expect($read($skirt->id)->assertOk()->json('true_size'))->toStartWith('S');
    $this->actingAs(someone('Tegen'));
    $read($skirt->id)->assertUnprocessable()->assertJsonValidationErrorFor('pattern');
});

test('a tape that can\'t lie so is refused at its figure', function (array $asked, string $field): void {
    $this->actingAs(someone());
    $this->postJson('/api/practice/readings', ['exercise' => 'waist', 'figure' => 'slender', ...$asked])->assertUnprocessable()->assertJsonValidationErrorFor($field);
})->with([
    [['placing' => ['height' => 100]], 'height'],
    [['placing' => ['front' => 70]], 'front'],
    [['placing' => ['board' => true]], 'board'],
    [['figure' => '../figures/slender'], 'figure'],
    [['exercise' => 'elbow'], 'exercise'],
    'where nothing is laid' => [['exercise' => 'alone'], 'exercise'],
]);

test('a question is drawn by its number, answered, told why, and its exercise moves on', function (string $exercise): void {
    $this->travelTo('2026-11-23 09:30:00');
    $this->actingAs(someone());
    $at = "/api/practice/questions/{$exercise}";
    $question = $this->getJson("{$at}?seed=7")->assertOk();
    expect($question)->toAgreeWith('QuestionData')->and($this->getJson("{$at}?seed=7")->json())->toBe($question->json());
    $isChoice = $question->json('choices') !== [];
    $first = $this->postJson($at, ['seed' => 7, ...($isChoice ? ['choice' => 0] : ['text' => '3'])])->assertOk();
    expect($first)->toAgreeWith('AnsweredData')->and($first->json('told'))->not->toBe([]);
    $right = $isChoice ? ['choice' => $first->json('right')] : ['text' => ($first->json('right_nm') / 10_000_000).' cm'];
    expect($this->postJson($at, ['seed' => 7, ...$right])->assertOk()->json('is_right'))->toBeTrue();
    $wrong = $isChoice ? ['choice' => 1 - min(1, (int) $first->json('right'))] : ['text' => '3'];
    expect($this->postJson($at, ['seed' => 7, ...$wrong])->assertOk()->json('is_right'))->toBeFalse();
    $lies = collect($this->getJson('/api/practice')->json('exercises'))->firstWhere('code', $exercise);
    expect([$lies['box'], $lies['due_on']])->toBe([0, '2026-11-24']);
})->with(['read_it', 'spot_it', 'which_counts', 'halves', 'alone']);

test('an answer that is none is refused where it is given', function (): void {
    $this->actingAs(someone());
    $this->postJson('/api/practice/questions/read_it', ['seed' => 1, 'text' => 'about so'])->assertUnprocessable()->assertJsonValidationErrorFor('text');
    $this->postJson('/api/practice/questions/alone', ['seed' => 1])->assertUnprocessable()->assertJsonValidationErrorFor('choice');
    $this->getJson('/api/practice/questions/alone?seed=x')->assertUnprocessable();
    $this->getJson('/api/practice/questions/waist?seed=1')->assertNotFound();
});

test('a card offers the exercise against what it asks about, and the guide the one at each point', function (): void {
    $this->actingAs(someone());
    $wearer = $this->postJson('/api/wearers', ['name' => 'Merrin'])->json('id');
    $card = $this->postJson("/api/wearers/{$wearer}/cards")->json();
    foreach ([['waist', 1, '72'], ['waist', 2, '77'], ['tummy', 1, '101'], ['hip', 1, '96']] as $place => [$point, $try, $text]) {
        $kept = $this->putJson("/api/cards/{$card['id']}/readings/{$point}/{$try}", ['version' => $card['version'] + $place, 'text' => $text, 'unit' => 'cm'])->assertOk();
    }
    $offered = array_column($kept->json('findings'), 'practice', 'key');
    expect($offered)->toBe(['two_places:waist' => 'waist', 'tummy_over_hip:hip' => 'full_tummy']);
    $guide = array_column($this->getJson('/api/measuring-guide')->json('points'), 'practice', 'code');
    expect([$guide['full_bust'], $guide['hip'], $guide['tummy'], $guide['height']])->toBe(['bust', 'hip', 'full_tummy', null]);
});
