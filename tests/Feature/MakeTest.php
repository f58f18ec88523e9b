<?php

declare(strict_types=1);

use App\Models\Card;
use App\Models\Make;

test('the workroom lists makes with their plan, wearers with the age of their card, and patterns', function (): void {
    $this->actingAs(demoUser())->travelTo('2026-11-23');
    $room = $this->getJson('/api/workroom')->assertOk();
    expect($room)->toAgreeWith('WorkroomData')
        ->and($room->json('makes.*.headline'))->toBe([
            '12 all the way.',
            '14, 18, 14: the waist taken in 2.5 cm.',
            '4, 4, 3: the waist let out 2.2 cm and the hip let out 2.05 cm.',
            '22 all the way, with 5 cm added for the bust and the waist let out 3 cm.',
            'XL all the way.',
            null,
            '16, 18, 18.',
            'S7 all the way, the waist let out 9 cm.',
            '36 at the waist; waits for the hip, not measured yet.',
            'M all the way.',
            '10 all the way, with 5 cm added for the bust, the waist let out 2 cm and the hip let out 1.5 cm.',
            '12, 20, 16.',
            '16 all the way, 18 in front and 14 at the back of the bust and waist.',
            '16, 20, 20: the waist and hip let out 4 cm.',
            // Those that were worn already.
            '12 all the way.',
            '12, 20, 16.',
            '12 all the way, the waist let out 1.2 cm.',
            '12 all the way.',
            '12, 20, 16.',
        ])
        ->and($room->json('makes.5.waits_for'))->toContain('full bust')
        ->and($room->json('wearers.0.cards.0.age_days'))->toBe(9)
        ->and($room->json('patterns.*.faults'))->toBe([0, 0, 0, 0, 0, 0, 0, 0, 0]);
});

test('makes come by the page, those touched last first, and are found by their own name, their wearer\'s or their pattern\'s', function (): void {
    $user = demoUser();
    $this->actingAs($user)->travelTo('2026-12-24');
    $made = $this->getJson('/api/workroom')->json('makes');
    $touched = collect($made)->firstWhere('wearer', 'Talan Pengarrow')['id'];
    Make::query()->findOrFail($touched)->update(['name' => '50 % off _ the peg']);
    $asked = fn (array $query): Illuminate\Testing\TestResponse => $this->getJson('/api/workroom?'.http_build_query($query))->assertOk();
    $other = Make::query()->findOrFail(collect($made)->firstWhere('wearer', 'Merrin Tolvane')['id']);
    for ($more = 0; $more < 49 - 14; $more++) {
        $other->replicate()->save();
    }
    $first = $asked([])->json();
    // A worn one comes after all that are under way.
    expect($first['all_makes'])->toBe(count($made) + 35)->and($first['makes'])->toHaveCount(50)
        ->and(array_column($first['makes'], 'id'))->toContain($touched)->and(array_count_values(array_column($first['makes'], 'next'))['worn'] ?? 0)->toBe(1)
        ->and($asked(['pages' => 2])->json('makes'))->toHaveCount(count($made) + 35)
        ->and($asked(['find' => 'PENGARROW'])->json('makes.*.wearer'))->toBe(['Talan Pengarrow'])
        ->and($asked(['find' => '% off _'])->json('makes.*.id'))->toBe([$touched])
        ->and($asked(['find' => '%'])->json('all_makes'))->toBe(1)
        ->and(array_unique($asked(['find' => 'causeway'])->json('makes.*.pattern')))->toBe(['Causeway dress 114'])
        ->and($asked(['find' => 'nobody', 'pages' => -3])->json('makes'))->toBe([]);
});

test('a make with nothing left to settle is to be traced, and a line that is one printed line is not drawn', function (): void {
    $this->actingAs(demoUser());
    $makes = collect($this->getJson('/api/workroom')->json('makes'))->where('next', '!=', 'worn')->keyBy(static fn (array $make): string => "{$make['wearer']}, {$make['pattern']}");
    expect($makes['Merrin Tolvane, Causeway dress 114'])->toMatchArray(['next' => 'trace', 'line' => null])
        ->and($makes['Jory Lanteague, Ebb-tide jersey'])->toMatchArray(['next' => 'trace'])->line->not->toBeNull()
        ->and($makes['Keziah Borlaze, Causeway dress 114'])->toMatchArray(['next' => 'decide'])->line->not->toBeNull();
});

test('an empty workroom is empty', function (): void {
    $this->actingAs(someone())->getJson('/api/workroom')->assertExactJson(['makes' => [], 'all_makes' => 0, 'wearers' => [], 'patterns' => [], 'has_demo' => false]);
});

test('a plan crosses in whole nanometres, with what the bench draws', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $plan = $this->getJson("/api/makes/{$make->id}/plan")->assertOk();
    expect($plan)->toAgreeWith('PlanData')
        ->and($plan->json('levels.*.size'))->toBe(['14', '18', '14'])
        ->and($plan->json('levels.1.per_edge_nm'))->toBe(6_250_000)
        ->and($plan->json('above_waist_nm'))->toBe(-10_000_000)
        ->and(collect($plan->json('stations'))->firstWhere('level', 'waist'))->toMatchArray([
            'depth_nm' => 205_000_000,
            'blend_nm' => 22_500_000,
            'change_nm' => -6_250_000,
            'move_nm' => 16_250_000,
        ])
        ->and($plan->json('cautions.*.code'))->toBe(['measure_again', 'range_not_owned', 'step_care', 'step_care']);
});

test('the drawn line runs on the printed lines at the levels', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $drawing = $this->getJson("/api/makes/{$make->id}/plan")->json('drawing');
    $lines = array_column($drawing['lines'], 'parts', 'size');
    $at = static fn (array $parts, int $depth): int => array_column($parts, 'out_at_top_nm', 'top_nm')[$depth];
    foreach (['14' => 0, '18' => 205_000_000] as $size => $depth) {
        // The waist is taken in by 2.5 cm: the blend lies on the printed line, the line to cut 6.25 mm an edge further in.
        expect($at($drawing['blend'], $depth))->toBe($at($lines[$size], $depth))
            ->and($at($drawing['front'], $depth))->toBe($at($lines[$size], $depth) - ($depth === 0 ? 0 : 6_250_000));
    }
    $end = static fn (array $parts): int => $parts[count($parts) - 1]['out_at_end_nm'];
    expect($end($drawing['front']))->toBe($end($lines['14']))->and($drawing['back'])->toBeNull();
});

test('a clip changes the plan and is kept', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $plan = $this->putJson("/api/makes/{$make->id}/choices", ['choices' => ['sizes' => ['waist' => '16']], 'version' => 1])->assertOk();
    expect($plan)->toAgreeWith('PlanData')
        ->and($plan->json('levels.*.size'))->toBe(['14', '16', '16'])
        ->and($plan->json('levels.*.clipped'))->toBe([false, true, false])
        ->and($this->getJson("/api/makes/{$make->id}")->json('choices'))->toBe(['sizes' => ['waist' => '16']]);
});

test('choices that give no plan are refused at their field and the kept ones stay', function (array $choices, string $field): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $this->putJson("/api/makes/{$make->id}/choices", ['choices' => $choices, 'version' => 1])->assertJsonValidationErrors([$field]);
    expect($make->fresh()->choices)->toEqual((object) ['between' => 'up', 'view' => 'B', 'pick' => 'level', 'ease' => 'drafted']);
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
    $text = fn (): string => (string) $this->getJson("/api/makes/{$make->id}/plan")->json('headline');
    expect($text())->toContain('5 cm added for the bust');
    $this->patchJson('/api/me', ['unit' => 'in']);
    expect($text())->toContain('1 15/16 in added for the bust');
});

test('what can\'t be carried out is refused at its field, and the plan of before stays', function (array $choices, string $field, string $words): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $answer = $this->putJson(
        "/api/makes/{$make->id}/choices",
        ['choices' => $choices + ['pick' => 'level', 'ease' => 'drafted'], 'version' => 1],
    )->assertJsonValidationErrors([$field]);
    expect($answer->json('errors')[$field][0])->toContain($words)->and($make->fresh()->choices->view)->toBe('B');
})->with([
    'more at the centre back than is left over' => [['centre_back' => ['waist' => '3']], 'choices.centre_back.waist', 'taken in by 2.5 cm'],
    'the other way' => [['centre_back' => ['waist' => '-1']], 'choices.centre_back.waist', 'not the other way'],
    'where nothing is left over' => [
        ['sizes' => ['waist' => '18'], 'ease' => 'chart', 'centre_back' => ['waist' => '1']],
        'choices.centre_back.waist',
        'Nothing is too much',
    ],
    'no way to take' => [['take' => ['waist' => 'pleat']], 'choices.take.waist', 'in_line, sew, leave'],
    'more than an edge can move' => [
        ['by_hand' => ['hip' => ['front' => '25']]],
        'choices.by_hand.hip.front',
        'the most a move of an edge can be here is 20 cm',
    ],
    'a length that takes all the paper' => [
        ['lengths' => ['above_waist' => '-21']],
        'choices.lengths.above_waist',
        'all that the paper has from underarm to waist, 20.5 cm',
    ],
    'a length beyond its limit' => [['lengths' => ['hem' => '120']], 'choices.lengths.hem', 'too large'],
    'an unknown method' => [['method' => 'darts'], 'choices.method', 'pivot, slash'],
]);

test('every size is answered for at every level, with figures', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $answers = $this->getJson("/api/makes/{$make->id}/why-not")->assertOk()->json();
    expect(array_column($answers, 'level'))->toBe(['bust', 'waist', 'hip'])
        ->and($answers[1]['sizes']['18'])->toBe('18 has 2.5 cm too much; it is the one that is cut.')
        ->and($answers[1]['sizes']['12'])->toContain('12 has 10.5 cm too little; too small to move in by', 'it costs')
        ->and($answers[1]['sizes']['16'])->toContain('it costs 1 less');
});

test('a make is started from a card and a pattern', function (): void {
    $make = demoMake('Merrin Tolvane');
    $answer = $this->postJson('/api/makes', ['card_id' => $make->card_id, 'pattern_id' => $make->pattern_id])->assertCreated();
    expect($answer)->toAgreeWith('MakeData');
    $this->postJson('/api/makes', [])->assertUnprocessable()->assertJson([
        'errors' => ['card_id' => ['Choose a wearer with a measure card.']],
    ]);
});

/** A second card for the wearer of a make, with some readings. @param  array<string, string>  $readings */
function anotherCard(Make $make, string $takenOn, string $foundation, array $readings): Card
{
    $card = $make->card->wearer->cards()->create(['user_id' => $make->user_id, 'taken_on' => $takenOn, 'foundation' => $foundation]);
    foreach ($readings as $point => $text) {
        $card->readings()->create([
            'point' => $point,
            'attempt' => 1,
            'text' => $text,
            'unit' => 'cm',
            'nanometres' => (int) round((float) $text * 1e7),
        ]);
    }

    return $card;
}

test('a make is planned from another card of its wearer, and from nobody else\'s', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $older = $make->card->wearer->cards()->where('id', '!=', $make->card_id)->sole();
    $answer = $this->putJson("/api/makes/{$make->id}/card", ['card_id' => $older->id, 'version' => 1])->assertOk();
    expect($answer)->toAgreeWith('BenchData')
        ->and($answer->json('make.card_id'))->toBe($older->id)
        ->and($answer->json('make.card_foundation'))->toBe('everyday bra')
        ->and($answer->json('plan.levels.1.measure_nm'))->toBe(830_000_000);
    $strange = demoMake('Merrin Tolvane')->card_id;
    $this->putJson("/api/makes/{$make->id}/card", ['card_id' => $strange, 'version' => 2])->assertNotFound();
    $this->putJson(
        '/api/makes/'.demoMake('Bettrys Calloway-Pike')->id.'/card',
        ['card_id' => demoMake('Merrin Tolvane')->card_id, 'version' => 2],
    )->assertStatus(404);
});

test('the bench opens with make and plan at once; where nothing can be planned, with the reason at its field', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $bench = $this->getJson("/api/makes/{$make->id}/bench")->assertOk();
    expect($bench)->toAgreeWith('BenchData')
        ->and($bench->json('make'))->toBe($this->getJson("/api/makes/{$make->id}")->json())
        ->and($bench->json('plan'))->toBe($this->getJson("/api/makes/{$make->id}/plan")->json())
        ->and($bench->json('refused'))->toBeNull();
    $make->card->readings()->delete();
    $empty = $this->getJson("/api/makes/{$make->id}/bench")->assertOk();
    $refused = $this->getJson("/api/makes/{$make->id}/plan")->assertUnprocessable();
    expect($empty)->toAgreeWith('BenchData')->and($empty->json('plan'))->toBeNull()->and($empty->json('refused'))->toBe($refused->json());
});

test('a newer card on the same foundation is announced with what it would change; another bra is not', function (): void {
    $make = demoMake('Merrin Tolvane');
    expect($this->getJson("/api/makes/{$make->id}")->json('newer_card'))->toBeNull();
    anotherCard($make, '2026-11-22', 'corset', ['full_bust' => '96', 'waist' => '66', 'hip' => '98']);
    expect($this->getJson("/api/makes/{$make->id}")->json('newer_card'))->toBeNull();
    $newer = anotherCard(
        $make,
        '2026-11-22',
        'soft bra',
        ['high_bust' => '87', 'full_bust' => '92', 'underarm_to_waist' => '20.5', 'waist' => '79', 'hip' => '98.5'],
    );
    expect($this->getJson("/api/makes/{$make->id}")->json('newer_card'))->toBe([
        'id' => $newer->id, 'taken_on' => '2026-11-22', 'measures' => [
            'waist 79 cm, was 74 cm',
        ], 'headline' => '12, 16, 12.',
    ]);
});

test('a make says which points its pattern can use', function (): void {
    expect($this->getJson('/api/makes/'.demoMake('Senara Treloweth')->id)->json('needed_points'))
        ->toBe([
            'high_bust',
            'full_bust',
            'underarm_to_waist',
            'waist',
            'tummy',
            'hip',
            'waist_to_hip',
            'thigh_level',
            'waist_to_hem',
            'bicep',
        ])
        ->and($this->getJson('/api/makes/'.demoMake('Perran Skewe')->id)->json('card_foundation'))->toBe('');
});

test('choices made from an old view are refused with how the make stands, and what is refused counts as no change', function (): void {
    $make = demoMake('Merrin Tolvane');
    $choose = fn (string $size, int $version) => $this->putJson("/api/makes/{$make->id}/choices", ['choices' => ['sizes' => ['waist' => $size]], 'version' => $version]);
    $choose('16', 1)->assertOk();
    $choose('99', 2)->assertUnprocessable();
    $stale = $choose('14', 1)->assertConflict();
    expect($stale)->toAgreeWith('BenchConflictData')->and($stale->json('bench.make.version'))->toBe(2)
        ->and($stale->json('bench.make.choices.sizes.waist'))->toBe('16');
    $choose('14', 2)->assertOk();
    $this->putJson("/api/makes/{$make->id}/card", ['card_id' => $make->card_id, 'version' => 2])->assertConflict();
    expect($this->getJson("/api/makes/{$make->id}")->json('version'))->toBe(3);
});

test('while nothing can be planned what is known at each level is told: the sizes that are printed, and the body where it is measured', function (): void {
    $this->actingAs($user = demoUser());
    $wearer = $user->wearers()->create(['name' => 'Nobody yet']);
    $card = $wearer->cards()->create(['user_id' => $user->id, 'taken_on' => '2026-11-20']);
    $pattern = $user->patterns()->where('name', 'Causeway dress 114')->firstOrFail();
    $make = $user->makes()->create(['card_id' => $card->id, 'pattern_id' => $pattern->id, 'unit' => 'cm']);
    $bench = $this->getJson("/api/makes/{$make->id}/bench")->assertOk();
    expect($bench)->toAgreeWith('BenchData')->and($bench->json('plan'))->toBeNull()
        ->and(array_column($bench->json('known'), 'measure_nm', 'level'))->toBe(['bust' => null, 'waist' => null, 'hip' => null])
        ->and(array_column($bench->json('known.0.notches'), 'chart_nm', 'size'))->toMatchArray([14 => 960_000_000])
        ->and(array_column($bench->json('known.0.notches'), 'finished_nm', 'size'))->toMatchArray([14 => 1_040_000_000]);
    // Sizes that are not to be named are called by their lines here as well.
    $wearer->update(['sizes_hidden' => true]);
    expect($this->getJson("/api/makes/{$make->id}/bench")->json('known.0.notches.0.size'))->toBe('1st');
    $card->readings()->create(['point' => 'waist', 'attempt' => 1, 'text' => '80', 'unit' => 'cm', 'nanometres' => 800_000_000]);
    // One level is enough for a plan; those it waits for are still told.
    $partial = $this->getJson("/api/makes/{$make->id}/bench");
    expect(array_column($partial->json('plan.levels'), 'level'))->toBe(['waist'])->and(array_column($partial->json('known'), 'measure_nm', 'level'))->toBe(['bust' => null, 'hip' => null]);
    foreach (['full_bust' => 960_000_000, 'hip' => 1_040_000_000] as $point => $nanometres) {
        $card->readings()->create(['point' => $point, 'attempt' => 1, 'text' => (string) ($nanometres / 1e7), 'unit' => 'cm', 'nanometres' => $nanometres]);
    }
    expect($this->getJson("/api/makes/{$make->id}/bench")->json('known'))->toBe([]);
    // What is chosen may stand in the way of a plan as well.
    $make->update(['choices' => (object) ['dwell' => 'wide']]);
    expect(array_column($this->getJson("/api/makes/{$make->id}/bench")->json('known'), 'measure_nm', 'level')['waist'])->toBe(800_000_000);
});
