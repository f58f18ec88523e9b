<?php

declare(strict_types=1);

use Underbolt\Advice\Headline;
use Underbolt\Company\Company;
use Underbolt\Company\Flips;
use Underbolt\Company\Row;
use Underbolt\Company\Sums;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/**
 * A dress in two envelopes, of which the larger is not owned, with cloth and notions by size.
 *
 * @param  array<string, float>  $body
 */
function companyMake(array $body): Make
{
    return MakeReader::read((string) json_encode([
        'format' => 'underbolt/make', 'version' => 1, 'unit' => 'cm', 'body' => $body,
        'pattern' => [
            'sizes' => ['8', '10', '12', '14'], 'garment' => 'dress', 'fabric' => ['kind' => 'woven'],
            'ranges' => [['name' => 'small', 'sizes' => ['8', '10'], 'draft' => 'one'], ['name' => 'large', 'sizes' => ['12', '14'], 'draft' => 'one', 'owned' => false]],
            'body_chart' => ['full_bust' => [84, 88, 92, 96], 'waist' => [66, 70, 74, 78], 'hip' => [91, 95, 99, 103]],
            'finished' => ['full_bust' => [92, 96, 100, 104], 'waist' => [71, 75, 79, 83], 'hip' => [98, 102, 106, 110]],
            'seam' => ['underarm_to_waist' => 20, 'waist_to_hip' => 20, 'hip_to_hem' => 45],
            'fabric_needs' => [
                ['cloth' => 'linen', 'width' => 150, 'amounts' => [150, 160, 170, 180]], ['cloth' => 'linen', 'width' => 115, 'amounts' => [200, 210, null, 230]],
            ],
            'notions' => [['name' => 'zip', 'by_size' => ['50 cm', '50 cm', '55 cm', '55 cm']]],
        ],
    ]));
}

/** @return array<string, Row> of four bodies, one a size */
function companyRows(): array
{
    $rows = [];
    foreach (['Ana' => [84, 66, 91], 'Bea' => [88, 70, 95], 'Cai' => [92, 74, 99], 'Dee' => [96, 78, 103]] as $name => [$bust, $waist, $hip]) {
        $row = Company::row(companyMake(['full_bust' => $bust, 'waist' => $waist, 'hip' => $hip]));
        expect($row)->toBeInstanceOf(Row::class);
        $rows[$name] = $row;
    }

    return $rows;
}

test('the sums are those that a person counts', function (): void {
    $sums = Sums::of(array_values(companyRows()));
    expect($sums->planned)->toBe(4)
        ->and(array_map(static fn ($count): array => [$count->size, $count->levels], $sums->sizes))->toBe(array_map(
            static fn (string $size): array => [$size, ['bust' => 1, 'waist' => 1, 'hip' => 1]],
            ['8', '10', '12', '14'],
        ))
        ->and(array_map(static fn ($count): array => [$count->name, $count->wearers, $count->toGet], $sums->envelopes))->toBe([['small', 2, false], ['large', 2, true]])
        // 150 + 160 + 170 + 180 = 660 in the wide cloth; 200 + 210 + 230 = 640 in the narrow one, whose third figure isn't printed, so that it is no need of hers.
        ->and(array_map(static fn ($cloth): array => [$cloth->name, $cloth->width?->nanometres, $cloth->amount->nanometres, $cloth->wearers, $cloth->unknown], $sums->cloth))->toBe([
            ['linen', 1_500_000_000, 6_600_000_000, 4, 0], ['linen', 1_150_000_000, 6_400_000_000, 3, 0],
        ])
        ->and(array_map(static fn ($count): array => [$count->name, $count->wearers], $sums->notions))->toBe([['zip 50 cm', 2], ['zip 55 cm', 2]]);
    // Whoever comes first in the list, the smallest size stands first.
    expect(Sums::of(array_reverse(array_values(companyRows())))->sizes)->toEqual($sums->sizes);
    $none = Sums::of([]);
    expect([$none->planned, $none->sizes, $none->envelopes, $none->cloth, $none->notions])->toBe([0, [], [], [], []]);
});

test('a row says what its plan does', function (): void {
    $row = Company::row(companyMake(['full_bust' => 88, 'waist' => 79.5, 'hip' => 112]));
    expect($row)->toBeInstanceOf(Row::class);
    $plan = PlanJson::of($row->plan);
    expect($row->sizes())->toBe(array_map(static fn (array $level): string => $level['size'], (array) $plan['levels']))
        ->and($row->frame())->toBe($plan['frame']['size'])
        ->and($row->steps())->toBe(array_column(array_filter($plan['steps']), 'sizes'))
        ->and($row->cautions)->toBe(count($plan['cautions']))
        ->and($row->worst?->code->value)->toBe($plan['cautions'][0]['code'])
        ->and($row->isOutside())->toBeTrue()
        ->and(array_map(static fn ($range): string => $range->name, $row->toGet()))->toBe(['large'])
        ->and(array_sum(array_map(static fn ($line): float => $line->cost, $row->receipt)))->toEqualWithDelta($row->cost, 1e-9);
    // What the plan chose costs what its list of ways says.
    expect($row->cost)->toBe($plan['alternatives'][0]['cost']);
});

test('the least sure level is the one that is told', function (): void {
    $row = Company::row(companyMake(['full_bust' => 84, 'waist' => 72.1, 'hip' => 91]));
    $levels = array_filter($row->plan->levels);
    $said = array_map(static fn ($level): string => $level->sureness->sure->value, $levels);
    $order = ['by_hand', 'firm', 'near the edge', 'measure again'];
    expect(array_search($row->leastSure()?->sure->value, $order, true))->toBe(max(array_map(static fn (string $sure): int => (int) array_search($sure, $order, true), $said)));
});

test('a body that gives no plan is told with its reason, and does not hold the others up', function (): void {
    $make = companyMake(['full_bust' => 88, 'waist' => 70, 'hip' => 95]);
    $rows = iterator_to_array(Company::ofBodies(['none' => new Body([]), 'one' => $make->body], $make->pattern, $make->choices, $make->unit));
    expect($rows['none'])->toBeInstanceOf(Refusal::class)->and($rows['one'])->toBeInstanceOf(Row::class);
});

test('what flips is said, the sizes first; nothing where nothing does', function (): void {
    $make = companyMake(['full_bust' => 88, 'waist' => 70, 'hip' => 95]);
    $plan = PlanBuilder::build($make);
    $moved = static fn (float $waist): array => Flips::between($plan, PlanBuilder::build(new Make(
        $make->unit,
        $make->body->with(Point::Waist, Length::ofNumber($waist, $make->unit)),
        $make->pattern,
        $make->choices,
    )));
    expect($moved(70))->toBe([])->and($moved(78)[0])->toBe('The waist is cut in 14 instead of 10.');
    $flips = implode("\n", $moved(78));
    expect($flips)->toContain('To watch:')->and(implode("\n", Flips::between(PlanBuilder::build(new Make($make->unit, $make->body->with(Point::Waist, Length::ofNumber(78, $make->unit)), $make->pattern, $make->choices)), $plan)))
        ->toContain('The waist is cut in 10 instead of 14.')->toContain('No more:');
});

test('a length that changes otherwise is a flip too', function (): void {
    $make = companyMake(['full_bust' => 88, 'waist' => 70, 'hip' => 95, 'underarm_to_waist' => 20]);
    $longer = new Make($make->unit, $make->body->with(Point::UnderarmToWaist, Length::ofNumber(23, $make->unit)), $make->pattern, $make->choices);
    [$as, $other] = [PlanBuilder::build($make), PlanBuilder::build($longer)];
    expect(Flips::between($as, $other))->toContain('Lengthen above the waist by 3 cm.')
        ->and(Flips::between($other, $as))->toContain('No length is changed above the waist any more (it was: lengthen by 3 cm).');
});

test('what flips of a length is told over what was and what is: not known, none, longer and shorter', function (?float $was, ?float $is, ?string $flip): void {
    $length = static fn (?float $cm): ?Length => $cm === null ? null : Length::ofNumber($cm, Unit::Centimetre);
    $say = static fn (Length $length): string => $length->nanometres / 1e7.' cm';
    expect(Flips::length('at the hem', $length($was), $length($is), $say))->toBe($flip);
})->with([
    [null, null, null], [null, 0, null], [0, null, null], [0, 0, null], [2, 2, null], [-2, -2, null],
    [null, 2, 'Lengthen at the hem by 2 cm.'], [0, 2, 'Lengthen at the hem by 2 cm.'], [-3, 2, 'Lengthen at the hem by 2 cm.'], [3, 2, 'Lengthen at the hem by 2 cm.'],
    [null, -2, 'Shorten at the hem by 2 cm.'], [0, -2, 'Shorten at the hem by 2 cm.'], [3, -2, 'Shorten at the hem by 2 cm.'], [-3, -2, 'Shorten at the hem by 2 cm.'],
    [2, 0, 'No length is changed at the hem any more (it was: lengthen by 2 cm).'], [-2, 0, 'No length is changed at the hem any more (it was: shorten by 2 cm).'],
    [2, null, 'What to change at the hem isn\'t known any more (it was: lengthen by 2 cm).'], [-2, null, 'What to change at the hem isn\'t known any more (it was: shorten by 2 cm).'],
]);

test('a level that is measured for the first time says its size, and one that is left out says it has none', function (): void {
    [$whole, $bare] = array_map(static fn (array $body): Plan => PlanBuilder::build(companyMake($body)), [['full_bust' => 88, 'waist' => 70, 'hip' => 95], ['full_bust' => 88, 'hip' => 95]]);
    expect(Flips::between($bare, $whole)[0])->toBe('The waist is cut in 10.')
        ->and(Flips::between($whole, $bare)[0])->toBe('The waist has no size any more (it was 10).');
});

test('each row is the single plan’s, over random bodies', function (): void {
    $dress = companyMake(['full_bust' => 88, 'waist' => 70, 'hip' => 95]);
    mt_srand(16);
    $bodies = [];
    for ($i = 0; $i < 50; $i++) {
        $bodies[$i] = companyMake(['full_bust' => mt_rand(800, 1010) / 10, 'waist' => mt_rand(620, 820) / 10, 'hip' => mt_rand(880, 1080) / 10])->body;
    }
    foreach (Company::ofBodies($bodies, $dress->pattern, $dress->choices, $dress->unit) as $i => $row) {
        $alone = PlanBuilder::build(new Make($dress->unit, $bodies[$i], $dress->pattern, $dress->choices));
        expect($row)->toBeInstanceOf(Row::class)
            ->and(PlanJson::of($row->plan))->toEqual(PlanJson::of($alone))
            ->and($row->sizes())->toBe(array_map(static fn ($level): string => $alone->nameOf($level->size), array_filter($alone->levels)))
            ->and(Headline::of($row->plan))->toBe(Headline::of($alone));
    }
});
