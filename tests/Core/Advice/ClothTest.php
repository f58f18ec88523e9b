<?php

declare(strict_types=1);

use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\File\MakeReader;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\ToBuy;

use function Tests\Core\planOf;

/**
 * @param  array<string, mixed>  $cloth
 * @param  array<string, mixed>  $pattern  keys of the pattern that are other
 * @param  array<string, mixed>  $choices
 */
function clothPlan(array $cloth, array $pattern = [], array $choices = []): Plan
{
    $file = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/worked/1-two-step-blend.make.json'), true, flags: JSON_THROW_ON_ERROR);
    $file['pattern'] = $pattern + $file['pattern'];
    $file['choices'] = $choices + ($file['choices'] ?? []);

    return PlanBuilder::build(MakeReader::read(json_encode(['cloth' => (object) $cloth] + $file, JSON_THROW_ON_ERROR)));
}

/** @return list<string> */
function clothCodes(Plan $plan): array
{
    return array_values(array_filter(array_map(static fn (Caution $caution): string => $caution->code->value, Cautions::of($plan)), static fn (string $code): bool => str_starts_with($code, 'cloth_')));
}

test('where cloth and pattern don\'t go together it is said, where they do nothing is', function (array $cloth, array $fabric, array $codes): void {
    $cloths = ['cloths' => $fabric['says'] ?? ''];
    unset($fabric['says']);
    expect(clothCodes(clothPlan($cloth, ['fabric' => $fabric] + $cloths)))->toBe($codes);
})->with([
    'nothing is known' => [[], ['kind' => 'woven'], []],
    'woven on woven' => [['kind' => 'woven', 'drape' => 'medium'], ['kind' => 'woven'], []],
    'a knit on a woven draft' => [['kind' => 'knit'], ['kind' => 'woven'], ['cloth_knit']],
    'a woven on a knit draft stops the cut' => [['kind' => 'woven'], ['kind' => 'knit', 'stretch_percent' => 40], ['cloth_woven']],
    'as much stretch as the draft' => [['kind' => 'knit', 'stretch_to' => '14'], ['kind' => 'knit', 'stretch_percent' => 38], []],
    'more stretch' => [['kind' => 'knit', 'stretch_to' => '16'], ['kind' => 'knit', 'stretch_percent' => 40], ['cloth_stretches_more']],
    'less stretch' => [['kind' => 'knit', 'stretch_to' => '12 cm'], ['kind' => 'knit', 'stretch_percent' => 40], ['cloth_stretches_less']],
    'four inches stretch to five' => [['kind' => 'knit', 'stretch_from' => '4 in', 'stretch_to' => '5 in'], ['kind' => 'knit', 'stretch_percent' => 25], []],
    'in per cent' => [['kind' => 'knit', 'stretch_percent' => 50, 'stretch_to' => '12'], ['kind' => 'knit', 'stretch_percent' => 40], ['cloth_stretches_more']],
    'more than is recommended, on a woven draft' => [['stretch_percent' => 50], ['kind' => 'woven', 'says' => 'Stretch wovens, 35 % or less'], ['cloth_stretches_more']],
    'more than is recommended, though the sizes are drafted so' => [['kind' => 'knit', 'stretch_percent' => 50], ['kind' => 'knit', 'stretch_percent' => 50, 'says' => 'Stable knits with up to 35% stretch'], ['cloth_stretches_more']],
    'as much as is recommended' => [['kind' => 'knit', 'stretch_percent' => 35], ['kind' => 'knit', 'stretch_percent' => 20, 'says' => '20 to 35 % stretch'], []],
    'less than is recommended' => [['kind' => 'knit', 'stretch_percent' => 39], ['kind' => 'knit', 'stretch_percent' => 20, 'says' => 'Jersey with at least 40 %'], ['cloth_stretches_less']],
    'a recommended knit is not warned of' => [['kind' => 'knit'], ['kind' => 'woven', 'says' => 'Linen, crêpe, or ponte knit'], []],
    'a recommended woven neither' => [['kind' => 'woven'], ['kind' => 'knit', 'stretch_percent' => 20, 'says' => 'Jersey; also light wovens'], []],
    'sheer without a lining' => [['sheer' => true], ['kind' => 'woven'], ['cloth_sheer']],
]);

test('a sheer cloth on a lined pattern is no caution; with much ease its drape is', function (): void {
    expect(clothCodes(clothPlan(['sheer' => true], ['pieces' => [['name' => 'front'], ['name' => 'back lining']]])))->toBe([]);
    $roomy = ['by_hand' => ['waist' => ['front' => '5', 'back' => '5']]];
    expect(clothCodes(clothPlan(['drape' => 'crisp'], [], $roomy)))->toBe(['cloth_stands_off'])
        ->and(clothCodes(clothPlan(['drape' => 'fluid'], [], $roomy)))->toBe(['cloth_falls_in'])
        ->and(clothCodes(clothPlan(['drape' => 'medium'], [], $roomy)))->toBe([])
        ->and(clothCodes(clothPlan(['drape' => 'crisp'])))->toBe([]);
});

test('cloth is bought in the width at hand, envelopes and files as the sizes and the cup ask for', function (): void {
    $sizes = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/worked/1-two-step-blend.make.json'), true)['pattern']['sizes'];
    $row = static fn (float $first): array => array_map(static fn (int $i): float => $first + $i, array_keys($sizes));
    $half = intdiv(count($sizes), 2);
    $pattern = [
        'fabric_needs' => [['cloth' => 'main', 'width' => 115, 'amounts' => $row(260)], ['cloth' => 'main', 'width' => 150, 'amounts' => $row(190)], ['cloth' => 'lining', 'width' => 140, 'amounts' => $row(90)]],
        'ranges' => [['name' => 'small', 'sizes' => array_slice($sizes, 0, $half), 'owned' => true], ['name' => 'large', 'sizes' => array_slice($sizes, $half), 'owned' => false], ['name' => 'whole', 'sizes' => $sizes, 'owned' => false]],
        'files' => [['name' => 'small.pdf', 'range' => 'small'], ['name' => 'large.pdf', 'range' => 'large', 'sheet' => 'A0'], ['name' => 'notes.pdf'], ['name' => 'cup-d.pdf', 'cup' => 'D']],
    ];
    $widths = static fn (array $cloth): array => array_map(static fn (ShoppingNeed $need): string => "{$need->name} ".$need->width->nanometres / 1e7, ToBuy::of(clothPlan($cloth, $pattern))->needs);
    expect($widths([]))->toBe(['main 115', 'main 150', 'lining 140'])
        ->and($widths(['width' => '150']))->toBe(['main 150', 'lining 140'])
        // Of 140 cm as much is enough as of 115; nothing is listed for a cloth as narrow as 90.
        ->and($widths(['width' => '140 cm']))->toBe(['main 115', 'lining 140'])
        ->and($widths(['width' => '90']))->toBe(['main 115', 'main 150', 'lining 140']);
    $both = ToBuy::of(clothPlan([], $pattern, ['sizes' => ['bust' => $sizes[0], 'waist' => $sizes[count($sizes) - 1], 'hip' => $sizes[count($sizes) - 1]]]));
    expect(array_column($both->envelopes, 'name'))->toBe(['small', 'large'])
        ->and(array_column($both->files, 'name'))->toContain('small.pdf', 'large.pdf', 'notes.pdf')->not->toContain('cup-d.pdf');
    $one = ToBuy::of(clothPlan([], $pattern, ['sizes' => ['bust' => $sizes[0], 'waist' => $sizes[0], 'hip' => $sizes[0]]]));
    expect(array_column($one->envelopes, 'name'))->toBe(['small'])->and(array_column($one->files, 'name'))->not->toContain('large.pdf');
});

test('a cloth in two widths is one thing to buy, and what is at hand or owned is none', function (): void {
    $needs = [
        ['cloth' => 'linen', 'width' => 150, 'amounts' => array_fill(0, 6, '2 m')], ['cloth' => 'linen', 'width' => 115, 'amounts' => array_fill(0, 6, '3 m')],
    ];
    $buy = static fn (array $more): ToBuy => ToBuy::of(planOf(['pattern.fabric_needs' => $needs, 'pattern.notions' => [['name' => 'zip', 'by_size' => array_fill(0, 6, '50 cm')]], ...$more]));
    expect(count($buy([])->needs))->toBe(3)->and(array_map(static fn ($one): string => $one->key, $buy([])->purchases()))->toBe(['linen', 'zip'])->and($buy([])->missing())->toBe(2)
        ->and($buy(['cloth' => ['have' => ['linen']]])->missing())->toBe(1)
        ->and($buy(['pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'owned' => false]]])->missing())->toBe(3);
});
