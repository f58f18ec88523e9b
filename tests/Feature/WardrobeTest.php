<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\Wearer;
use Illuminate\Testing\TestResponse;

/** @param  list<array<string, mixed>>  $garments */
function keepsGarments(Wearer $wearer, array $garments): TestResponse
{
    return test()->patchJson("/api/wearers/{$wearer->id}", [
        'name' => $wearer->name, 'notes' => '', 'unit' => null, 'agreed' => false, 'sizes_hidden' => false, 'archived' => false, 'version' => $wearer->refresh()->version,
        'wardrobe' => ['garments' => $garments],
    ]);
}

test('a garment that fits, laid flat, says the room that is liked in it; what is typed is kept with its unit', function (): void {
    $this->actingAs($user = demoUser());
    $wearer = $user->wearers()->where('name', 'Bettrys Calloway-Pike')->firstOrFail();
    $garments = [['name' => 'blue linen dress', 'garment' => 'dress', 'flat' => ['bust' => '50', 'waist' => '17 3/8 in']], ['name' => '', 'cloth' => 'knit']];
    $page = keepsGarments($wearer, $garments)->assertOk();
    expect($page)->toAgreeWith('WearerPageData')
        ->and($page->json('wardrobe.garments.0.flat'))->toBe(['bust' => '50 cm', 'waist' => '17 3/8 in'])
        // Its bust is 95.5 and its waist 84.5 cm.
        ->and($page->json('garments'))->toBe([['ease_nm' => ['bust' => 45_000_000, 'waist' => 37_650_000]], ['ease_nm' => []]]);
    // Left out it stays.
    $this->patchJson("/api/wearers/{$wearer->id}", ['name' => 'Bettrys', 'notes' => '', 'unit' => null, 'agreed' => false, 'sizes_hidden' => false, 'archived' => false, 'version' => $wearer->refresh()->version])->assertOk();
    expect($wearer->refresh()->garments())->toHaveCount(2)
        ->and(zipOf(everythingOf($user->refresh()))['records.jsonl'])->toContain('"wardrobe":'.json_encode($wearer->wardrobe, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
});

test('a width that is none is refused at its cell, and nothing is kept', function (): void {
    $this->actingAs($user = demoUser());
    $wearer = $user->wearers()->where('name', 'Merrin Tolvane')->firstOrFail();
    keepsGarments($wearer, [['name' => 'coat', 'garment' => 'cape', 'flat' => ['waist' => 'wide']]])
        ->assertUnprocessable()->assertJsonValidationErrors(['wardrobe.garments[0].garment', 'wardrobe.garments[0].flat.waist']);
    expect($wearer->refresh()->garments())->toBe([]);
});

test('makes of the same kind are offered its ease, and no others; twice the same garment teaches once', function (): void {
    $this->actingAs($user = demoUser());
    $wearer = $user->wearers()->where('name', 'Bettrys Calloway-Pike')->firstOrFail();
    $make = Make::query()->whereRelation('pattern', 'name', 'Causeway dress 114')->whereRelation('card', 'wearer_id', $wearer->id)->firstOrFail();
    $offers = fn (): array => array_column($this->getJson("/api/makes/{$make->id}/offers")->assertOk()->json('eases'), 'words', 'level');
    $before = $offers();
    keepsGarments($wearer, [['garment' => 'skirt', 'flat' => ['waist' => '44']], ['garment' => 'dress', 'cloth' => 'knit', 'flat' => ['waist' => '44']]])->assertOk();
    expect($offers())->toBe($before);
    $dress = ['garment' => 'dress', 'flat' => ['waist' => '44']];
    keepsGarments($wearer, [$dress, $dress])->assertOk();
    expect($offers()['waist'])->toBe('In one dress of woven cloth 3.5 cm was right.');
});
