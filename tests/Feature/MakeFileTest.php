<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\Wearer;
use Illuminate\Support\Arr;
use Opis\JsonSchema\Validator;

/** What the published schema has against a file; null where it has nothing. */
function schemaFault(mixed $file): ?string
{
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../docs/schema/make.schema.json'));
    $result = (new Validator)->validate($file, $schema);

    return $result->isValid() ? null : implode('/', $result->error()?->data()->fullPath() ?? []).': '.$result->error()?->keyword();
}

test('a make file comes back as it was typed', function (string $name): void {
    $this->actingAs(someone());
    $id = $this->postJson('/api/makes/import', ['text' => workedFile($name), 'wearer' => 'Tamsin Roscarrow'])->assertCreated()->json('id');
    $back = $this->get("/api/makes/{$id}/make.json")->assertOk()->assertDownload();
    sameAsTyped(json_decode(workedFile($name), true), json_decode((string) $back->getContent(), true));
    expect(schemaFault(json_decode((string) $back->getContent())))->toBeNull();
})->with(['1-two-step-blend', '2-the-same-with-best', '3-inches-high-bust-frame', '4-cup-pieces-liked-ease', '5-knit-hand-clip']);

test('a file with every key there is comes back whole, and is one of the schema', function (): void {
    $this->actingAs(someone());
    $file = (string) file_get_contents(__DIR__.'/../fixtures/complete.make.json');
    expect(schemaFault(json_decode($file)))->toBeNull();
    $id = $this->postJson('/api/makes/import', ['text' => $file, 'wearer' => 'Tamsin Roscarrow'])->assertCreated()->json('id');
    $back = (string) $this->get("/api/makes/{$id}/make.json")->getContent();
    sameAsTyped(json_decode($file, true), json_decode($back, true));
    expect($this->getJson("/api/makes/{$id}/plan")->assertOk())->toAgreeWith('PlanData');
});

test('the hand that measured comes in with a file, and a level near an edge is believed by it', function (): void {
    $this->actingAs(someone());
    $sure = function (?string $hand): string {
        $file = json_decode(workedFile('1-two-step-blend'), true);
        $file['body'] += $hand === null ? [] : ['hand' => ['hip' => $hand]];
        $id = $this->postJson('/api/makes/import', ['text' => json_encode($file), 'wearer' => 'Tamsin Roscarrow'])->assertCreated()->json('id');

        return $this->getJson("/api/makes/{$id}/plan")->json('levels.2.sure');
    };
    expect([$sure(null), $sure('9 cm')])->toBe(['firm', 'measure again']);
});

test('several readings, the foundation and keys of one\'s own come back too', function (): void {
    $this->actingAs(someone());
    $file = json_decode(workedFile('1-two-step-blend'), true);
    unset($file['body']['waist']);
    $file['readings'] = ['waist' => ['84 1/2', 85, '84,5']];
    $file['foundation'] = 'grey corset';
    $file['x_shelf'] = ['row' => 3];
    $id = $this->postJson('/api/makes/import', ['text' => json_encode($file), 'wearer' => 'Tamsin Roscarrow'])->assertCreated()->json('id');
    $back = json_decode((string) $this->get("/api/makes/{$id}/make.json")->getContent(), true);
    expect($back['readings'])->toBe(['waist' => ['84 1/2', '85', '84,5']])
        ->and($back['foundation'])->toBe('grey corset')
        ->and($back['x_shelf'])->toBe(['row' => 3])
        ->and($this->getJson("/api/makes/{$id}/plan")->json('levels.1.measure_nm'))->toBe(845_000_000);
});

test('every make of the demo goes out to a file of the schema, and in again with the same plan', function (): void {
    $this->actingAs(demoUser());
    $made = 0;
    foreach (Make::query()->with(['pattern', 'card'])->get() as $make) {
        $file = (string) $this->get("/api/makes/{$make->id}/make.json")->assertOk()->getContent();
        expect(schemaFault(json_decode($file)))->toBeNull("{$make->pattern->name}: ".schemaFault(json_decode($file)));
        $plan = $this->getJson("/api/makes/{$make->id}/plan");
        if ($plan->status() === 200) {
            $id = $this->postJson('/api/makes/import', ['text' => $file, 'wearer' => 'Again'])->assertCreated()->json('id');
            $again = $this->getJson("/api/makes/{$id}/plan");
            expect($again->json('levels'))->toEqual($plan->json('levels'))
                ->and($again->json('alternatives'))->toEqual($plan->json('alternatives'));
            $made++;
        }
    }
    expect($made)->toBeGreaterThan(7);
});

test('a faulty file is refused whole, each fault at its field, and nothing is written', function (string $text, string $field): void {
    $this->actingAs(someone());
    $this->postJson('/api/makes/import', ['text' => $text, 'wearer' => 'Tamsin'])->assertJsonValidationErrors([$field]);
    expect(Make::query()->count())->toBe(0)->and(Wearer::query()->count())->toBe(0);
})->with([
    'no json' => ['this is a letter', ''],
    'no pattern' => ['{"format":"underbolt/make","version":1,"unit":"cm","body":{}}', 'pattern'],
    'no plan' => [
        '{"format":"underbolt/make","version":1,"unit":"cm","body":{},"pattern":{"sizes":["8"],"body_chart":{"waist":[70]}}}',
        'body',
    ],
    'empty' => ['', 'text'],
]);

test('the schema refuses what the reader refuses by shape', function (string $path, mixed $value): void {
    $file = json_decode(workedFile('4-cup-pieces-liked-ease'), true);
    expect(schemaFault(json_decode(workedFile('4-cup-pieces-liked-ease'))))->toBeNull();
    $value === null ? Arr::forget($file, $path) : data_set($file, $path, $value);
    expect(schemaFault(json_decode((string) json_encode($file))))->not->toBeNull();
})->with([
    ['version', 2], ['body.hips', 100], ['pattern.levels.bust', 'important'], ['pattern.sizes', null], ['choices.pick', 'worst'],
    ['pattern.cups.table.0.until', 3], ['choices.front_larger.bust', 9],
]);

test('another user\'s make is no file here', function (): void {
    $make = demoMake('Merrin Tolvane');
    $this->actingAs(someone())->get("/api/makes/{$make->id}/make.json")->assertNotFound();
});

test('a make whose parts are kept in two units means the same when it comes back, numbers too', function (): void {
    $make = demoMake('Ossian Quill');
    // The pattern is kept in inches, the make in centimetres.
    $make->update(['unit' => 'cm', 'choices' => (object) [
        'ease' => 'liked', 'liked_ease' => (object) [
            'bust' => 22,
            'hip' => '20,5',
        ], 'least_ease' => (object) ['hip' => 4], 'lengths' => (object) [
            'above_waist' => 1.5,
            'hem' => '-2',
        ],
        'by_hand' => (object) ['hip' => (object) ['front' => 0.5, 'back' => "1/4''"]],
    ]]);
    $file = (string) $this->get("/api/makes/{$make->id}/make.json")->getContent();
    $choices = json_decode($file, true)['choices'];
    expect($choices['liked_ease'])->toBe(['bust' => '22 cm', 'hip' => '20,5 cm'])
        ->and($choices['lengths'])->toBe(['above_waist' => '1.5 cm', 'hem' => '-2 cm'])
        ->and($choices['by_hand']['hip'])->toBe(['front' => '0.5 cm', 'back' => "1/4''"])->and($choices['dwell'])->toBe('2.5 cm')
        ->and(schemaFault(json_decode($file)))->toBeNull();
    $id = $this->postJson('/api/makes/import', ['text' => $file, 'wearer' => 'Again'])->assertCreated()->json('id');
    $plan = fn (int $of): array => $this->getJson("/api/makes/{$of}/plan")->assertOk()->json();
    expect($plan($id)['levels'])->toEqual($plan($make->id)['levels'])
        ->and($plan($id)['stations'])->toEqual($plan($make->id)['stations'])
        ->and($plan($id)['work'])->toEqual($plan($make->id)['work']);
});
