<?php

declare(strict_types=1);

use App\Models\Make;

/** @return array<string, mixed> what somebody new sends: a chart, a body, lengths that nobody has measured */
function begun(): array
{
    return [
        'name' => 'Causeway dress', 'house' => '', 'unit' => 'cm', 'wearer' => 'Wenna', 'measured_in' => 'cm',
        'document' => [
            'sizes' => ['8', '10', '12', '14'],
            'body_chart' => ['full_bust' => ['84', '88', '92', '96'], 'waist' => ['66', '70', '74', '78'], 'hip' => ['91', '95', '99', '103']],
            'seam' => ['underarm_to_waist' => '20', 'waist_to_hip' => '20', 'guessed' => ['underarm_to_waist', 'waist_to_hip']],
        ],
        'readings' => ['full_bust' => '88', 'waist' => '74 cm', 'hip' => '38 in'],
    ];
}

test('chart, body and lengths become a make with its line at one press, and what is guessed is told', function (): void {
    $user = someone();
    $id = $this->actingAs($user)->postJson('/api/begin', begun())->assertCreated()->json('make_id');
    $plan = $this->getJson("/api/makes/{$id}/plan")->assertOk();
    expect($plan->json('drawing'))->not->toBeNull()
        ->and(array_column($plan->json('levels'), 'measure_nm'))->toBe([880_000_000, 740_000_000, 965_200_000])
        ->and(array_column($plan->json('cautions'), 'code'))->toContain('length_guessed')
        ->and($this->getJson("/api/makes/{$id}/cut-sheet")->content())->toContain('Nobody has measured underarm to waist and waist to hip on this pattern');
    $make = Make::query()->findOrFail($id);
    expect($make->user_id)->toBe($user->id)->and($make->card->wearer->name)->toBe('Wenna')->and($make->pattern->name)->toBe('Causeway dress');
});

test('each fault stands at its field, and nothing is kept of what is refused', function (array $part, string $field): void {
    $user = someone();
    $this->actingAs($user)->postJson('/api/begin', [...begun(), ...$part])->assertUnprocessable()->assertJsonValidationErrorFor($field);
    expect([$user->wearers()->count(), $user->patterns()->count(), $user->makes()->count()])->toBe([0, 0, 0]);
})->with([
    'nobody' => [['wearer' => ''], 'wearer'],
    'no figure' => [['readings' => []], 'readings'],
    'no possible figure' => [['readings' => ['waist' => '8']], 'readings.waist'],
    'inches where centimetres are meant' => [['readings' => ['full_bust' => '38', 'waist' => '74']], 'readings.full_bust'],
    'centimetres where inches are meant' => [['measured_in' => 'in', 'readings' => ['waist' => '74']], 'readings.waist'],
    'no such point' => [['readings' => ['elbow' => '30']], 'readings.elbow'],
    'no document' => [['document' => 'a chart'], 'document'],
    'no unit' => [['measured_in' => 'ells'], 'measured_in'],
]);

test('whoever isn\'t signed in begins nothing', function (): void {
    $this->postJson('/api/begin', begun())->assertUnauthorized();
});

test('a figure that is no body in the unit of the form is asked about, and believed once its unit is said', function (): void {
    $user = someone();
    $asked = $this->actingAs($user)->postJson('/api/begin', [...begun(), 'readings' => ['full_bust' => '38', 'waist' => '33']])->assertUnprocessable();
    expect($asked->json('errors'))->toBe(['readings.full_bust' => ['38 cm here: inches? Write in or cm behind it.'], 'readings.waist' => ['33 cm here: inches? Write in or cm behind it.']]);
    $this->postJson('/api/begin', [...begun(), 'readings' => ['full_bust' => '38 in', 'waist' => '33 cm', 'hip' => '41"']])->assertCreated();
});
