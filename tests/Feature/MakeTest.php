<?php

declare(strict_types=1);

test('the workroom lists makes with their plan, wearers with the age of their card, and patterns', function (): void {
    $this->actingAs(demoUser())->travelTo('2026-11-23');
    $room = $this->getJson('/api/workroom')->assertOk();
    expect($room)->toAgreeWith('WorkroomData')
        ->and($room->json('makes.*.headline'))->toBe([
            'One size all the way: 12.',
            'Two sizes, which is normal: 14 at the bust and hip, 18 at the waist.',
            'Two sizes, which is normal: 4 at the bust and waist, 3 at the hip.',
            'One size all the way: 22.',
            'Two sizes, which is normal: XL at the bust, L at the waist and hip.',
            null,
            'One size all the way: 16.',
            'One size all the way: S7.',
            'One size all the way: 34.',
            'One size all the way: M.',
        ])
        ->and($room->json('makes.5.waits_for'))->toContain('full bust')
        ->and($room->json('wearers.0.cards.0.age_days'))->toBe(9)
        ->and($room->json('patterns.*.faults'))->toBe([0, 0, 0, 0, 0, 0, 0]);
});

test('an empty workroom is empty', function (): void {
    $this->actingAs(someone())->getJson('/api/workroom')->assertExactJson(['makes' => [], 'wearers' => [], 'patterns' => []]);
});

test('a plan crosses in whole nanometres, with what the bench draws', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $plan = $this->getJson("/api/makes/{$make->id}/plan")->assertOk();
    expect($plan)->toAgreeWith('PlanData')
        ->and($plan->json('levels.*.size'))->toBe(['14', '18', '14'])
        ->and($plan->json('levels.1.per_edge_nm'))->toBe(6_250_000)
        ->and($plan->json('above_waist_nm'))->toBe(-10_000_000)
        ->and(collect($plan->json('stations'))->firstWhere('level', 'waist'))->toMatchArray(['depth_nm' => 195_000_000, 'offset_nm' => 22_500_000])
        ->and($plan->json('cautions.*.code'))->toBe(['range_not_owned', 'measure_again', 'step_care', 'step_care']);
});

test('the drawn line runs on the printed lines at the levels', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $drawing = $this->getJson("/api/makes/{$make->id}/plan")->json('drawing');
    $lines = array_column($drawing['lines'], 'out_nm', 'size');
    foreach (['14' => 0, '18' => 195_000_000] as $size => $depth) {
        $at = array_search($depth, $drawing['depths_nm'], true);
        expect($drawing['cut_nm'][$at])->toBe($lines[$size][$at]);
    }
    expect($drawing['cut_nm'][array_key_last($drawing['cut_nm'])])->toBe(end($lines['14']));
});

test('a clip changes the plan and is kept', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $plan = $this->putJson("/api/makes/{$make->id}/choices", ['choices' => ['sizes' => ['waist' => '16']]])->assertOk();
    expect($plan)->toAgreeWith('PlanData')
        ->and($plan->json('levels.*.size'))->toBe(['14', '16', '14'])
        ->and($plan->json('levels.*.clipped'))->toBe([false, true, false])
        ->and($this->getJson("/api/makes/{$make->id}")->json('choices'))->toBe(['sizes' => ['waist' => '16']]);
});

test('choices that give no plan are refused at their field and the kept ones stay', function (array $choices, string $field): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $this->putJson("/api/makes/{$make->id}/choices", ['choices' => $choices])->assertJsonValidationErrors([$field]);
    expect($make->fresh()->choices)->toEqual((object) ['between' => 'up', 'view' => 'B', 'pick' => 'level']);
})->with([
    [['sizes' => ['waist' => '99']], 'choices.sizes.waist'],
    [['ease' => 'guess'], 'choices.ease'],
    [['liked_ease' => ['bust' => 'roomy']], 'choices.liked_ease.bust'],
    [['lead' => 'shoulder'], 'choices.lead'],
]);

test('a make without the measure that leads says which one it waits for', function (): void {
    $make = demoMake('Perran Skewe');
    expect($this->getJson("/api/makes/{$make->id}")->assertOk())->toAgreeWith('MakeData');
    $this->getJson("/api/makes/{$make->id}/plan")->assertJsonValidationErrors(['body.full_bust']);
});

test('a make with a faulty pattern points to the cell', function (): void {
    $make = demoMake('Merrin Tolvane');
    $document = $make->pattern->document;
    $document->body_chart->waist[2] = '60';
    $make->pattern->update(['document' => $document]);
    $this->getJson("/api/makes/{$make->id}/plan")->assertJsonValidationErrors(['pattern.body_chart.waist[2]']);
});

test('sentences speak in the unit of the user', function (): void {
    $make = demoMake('Idony Fenwharf');
    $text = fn (): string => collect($this->getJson("/api/makes/{$make->id}/plan")->json('cautions'))->firstWhere('code', 'under_least_ease')['text'];
    expect($text())->toContain('5 cm is the least');
    $this->patchJson('/api/me', ['unit' => 'in']);
    expect($text())->toContain('1 15/16 in is the least');
});

test('a make is started from a card and a pattern', function (): void {
    $make = demoMake('Merrin Tolvane');
    $answer = $this->postJson('/api/makes', ['card_id' => $make->card_id, 'pattern_id' => $make->pattern_id])->assertCreated();
    expect($answer)->toAgreeWith('MakeData');
    $this->postJson('/api/makes', [])->assertUnprocessable()->assertJson(['errors' => ['card_id' => ['Choose a wearer with a measure card.']]]);
});
