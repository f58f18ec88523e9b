<?php

declare(strict_types=1);

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingFinding;
use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\CutSheet\StepKey;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\GarmentShape;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceProposal;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Wearing\CameBack;
use Underbolt\Wearing\Fitting;
use Underbolt\Wearing\OwnLine;
use Underbolt\Work\Facts\MakePieces;
use Underbolt\Work\Facts\TouchedPieces;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepKind;
use Underbolt\Work\WorkPlan;

/** @param  array<string, mixed>  $more  parts of the make file beside its body, pattern and choices */
function fittedPlan(array $more): Plan
{
    $file = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/worked/1-two-step-blend.make.json'), true, flags: JSON_THROW_ON_ERROR);

    return PlanBuilder::build(MakeReader::read(json_encode($more + $file, JSON_THROW_ON_ERROR)));
}

/** @param  list<array<string, mixed>>  $findings */
function planWith(array $findings, int $tracing = 2): Plan
{
    return fittedPlan(['fitting' => ['tracing' => $tracing, 'tried' => 1, 'findings' => $findings]]);
}

/** @return array<string, list<float>> the line's changes in cm by level, front and back */
function changesOf(Plan $plan): array
{
    return array_map(static fn ($level): array => [$level->change->front->nanometres / 1e7, $level->change->back->nanometres / 1e7], array_filter($plan->levels));
}

test('a finding at a level of the side seam goes into the line, in front, at the back or both', function (array $finding, array $moved): void {
    [$plain, $found] = [changesOf(planWith([])), changesOf(planWith([$finding]))];
    foreach (['bust', 'waist', 'hip'] as $level) {
        [$front, $back] = $moved[$level] ?? [0.0, 0.0];
        expect($found[$level])->toEqualWithDelta([$plain[$level][0] + $front, $plain[$level][1] + $back], 1e-9, $level);
    }
})->with([
    'added on both' => [['place' => 'waist', 'what' => 'add', 'amount' => '0.5'], ['waist' => [0.5, 0.5]]],
    'taken in at the back' => [['place' => 'hip', 'what' => 'take', 'amount' => '0.4', 'where' => 'back'], ['hip' => [0.0, -0.4]]],
    'all the way down' => [['place' => 'side_seam', 'what' => 'add', 'amount' => '3 mm', 'where' => 'front'], ['bust' => [0.3, 0.0], 'waist' => [0.3, 0.0], 'hip' => [0.3, 0.0]]],
    'stepped back from' => [['place' => 'waist', 'what' => 'add', 'amount' => '0.5', 'tracing' => 3], []],
]);

test('a finding that is a length comes to what the length is already', function (): void {
    $plain = planWith([])->lengths;
    $found = planWith([
        ['place' => 'waist', 'what' => 'lengthen', 'amount' => '2'], ['place' => 'hip', 'what' => 'shorten', 'amount' => '1'],
        ['place' => 'hem', 'what' => 'lower', 'amount' => '3'], ['place' => 'hem', 'what' => 'raise', 'amount' => '0.5'], ['place' => 'sleeve', 'what' => 'shorten', 'amount' => '1.5'],
    ])->lengths;
    $by = static fn (string $key): float => (($found->{$key}->nanometres ?? 0) - ($plain->{$key}->nanometres ?? 0)) / 1e7;
    expect([$by('aboveWaist'), $by('belowWaist'), $by('sleeve')])->toEqualWithDelta([2.0, -1.0, -1.5], 1e-9)
        // Counted from the waist, a hip that rises by 1 cm alone would leave the hem where it is wished.
        ->and($by('hem'))->toEqualWithDelta(2.5 + ($plain->hem === null ? 0.0 : 1.0), 1e-9);
});

test('whatever is neither is a step of its own, with its pieces and what to do', function (): void {
    $finding = ['place' => 'armhole', 'what' => 'raise', 'amount' => '1', 'pieces' => ['front', 'sleeve'], 'note' => 'Pulls when she waves.'];
    $steps = array_values(array_filter(WorkPlan::of(planWith([$finding]))->steps, static fn (Step $step): bool => $step->kind === StepKind::Finding));
    expect($steps)->toHaveCount(1)
        ->and($steps[0]->short)->toBe('Tracing 2: Raise the armhole by 1 cm, front and back (Pulls when she waves).')
        ->and($steps[0]->pieces)->toBe(['front', 'sleeve'])->and($steps[0]->how[0])->toContain('the side seam begins there.');
    // One part alone of a length, and a seam that is sewn narrower, are steps too.
    foreach ([['place' => 'waist', 'what' => 'lengthen', 'amount' => '1', 'where' => 'back'], ['place' => 'side_seam', 'what' => 'narrower', 'amount' => '0.3']] as $other) {
        expect(array_column(WorkPlan::of(planWith([$other]))->steps, 'kind'))->toContain(StepKind::Finding);
        expect(changesOf(planWith([$other])))->toEqual(changesOf(planWith([])));
    }
});

test('two findings with one amount on the same pieces are two steps to tick, the same in either unit', function (): void {
    $findings = [['place' => 'neck', 'what' => 'lower', 'amount' => '1', 'pieces' => ['front']], ['place' => 'shoulder', 'what' => 'lower', 'amount' => '1', 'pieces' => ['front']]];
    $plan = planWith($findings);
    $keys = array_map(StepKey::of(...), array_filter(WorkPlan::of($plan)->steps, static fn (Step $step): bool => $step->kind === StepKind::Finding));
    expect(array_unique($keys))->toHaveCount(2)->each->toMatch('/^finding-(neck|shoulder)-lower-both-2-[0-9a-f]{8}$/');
});

test('a finding taken back leaves the plan as it was, whatever it was', function (): void {
    $all = static fn (Plan $plan): string => (string) json_encode(PlanJson::of($plan));
    $plain = $all(planWith([]));
    foreach (FittingPlace::cases() as $place) {
        foreach (Alteration::cases() as $deed) {
            $finding = ['place' => $place->value, 'what' => $deed->value, 'amount' => '0.6', 'tracing' => 2];
            expect($all(planWith([$finding])))->not->toBe($plain, "{$place->value} {$deed->value}")
                // Stepped back to the first tracing it is undone, though it is remembered.
                ->and($all(planWith([$finding], 1)))->toBe($plain);
        }
    }
});

test('a finding is closed once its tracing was tried, and open as long as it wasn\'t', function (): void {
    $finding = static fn (int $tracing): FittingFinding => new FittingFinding(FittingPlace::Hem, Alteration::Shorten, Length::ofNumber(1, Unit::Centimetre), FrontOrBack::Both, [], '', $tracing, []);
    $fitting = new Fitting(3, 2, [$finding(2), $finding(3), $finding(4)]);
    expect($fitting->inHand())->toHaveCount(2)->and($fitting->open())->toEqual([$finding(3)])
        ->and((new Fitting(2, 3, [$finding(2), $finding(3)]))->isClosed($finding(3)))->toBeFalse();
});

test('a finding that can\'t be is told at its field', function (array $finding, string $fault): void {
    expect(static fn () => planWith([$finding]))->toThrow($fault);
})->with([
    [['place' => 'elbow', 'what' => 'add', 'amount' => '1'], 'fitting.findings[0].place'],
    [['place' => 'waist', 'what' => 'add', 'amount' => '0'], 'fitting.findings[0].amount: must be more than nothing'],
    [['place' => 'waist', 'what' => 'add', 'amount' => '-1'], 'fitting.findings[0].amount'],
    [['place' => 'waist', 'what' => 'add'], 'fitting.findings[0].amount: is missing'],
    [['place' => 'waist', 'what' => 'add', 'amount' => '1', 'tracing' => 1], 'fitting.findings[0].tracing'],
]);

test('the pieces that join there are proposed, those of the other part not', function (FittingPlace $place, FrontOrBack $part, array $proposed): void {
    $shape = new GarmentShape(hasBust: true, isKnit: false);
    $pieces = array_map(static fn (string $name): Piece => PieceProposal::of($name, $shape), [
        'centre front', 'side front', 'back', 'sleeve', 'collar', 'armhole facing', 'front lining', 'back lining', 'waistband', 'pocket', 'neck binding',
    ]);
    expect(MakePieces::names(TouchedPieces::byFinding($place, $part, $pieces)))->toBe($proposed);
})->with([
    [FittingPlace::Armhole, FrontOrBack::Both, ['centre front', 'side front', 'back', 'sleeve', 'armhole facing', 'front lining', 'back lining']],
    [FittingPlace::Waist, FrontOrBack::Back, ['back', 'back lining', 'waistband']],
    [FittingPlace::Neck, FrontOrBack::Front, ['centre front', 'collar', 'front lining', 'neck binding']],
    [FittingPlace::Sleeve, FrontOrBack::Both, ['sleeve']],
    [FittingPlace::Princess, FrontOrBack::Both, ['centre front', 'side front']],
    [FittingPlace::Bust, FrontOrBack::Front, ['side front', 'armhole facing', 'front lining']],
]);

test('a seam that is sewn narrower makes the garment wider by four times as much, and is said beyond the allowance', function (): void {
    $at = static fn (string $what, string $amount): Plan => planWith([['place' => 'waist', 'what' => $what, 'amount' => $amount]]);
    $plain = planWith([])->at(Level::Waist);
    expect($at('narrower', '0.3')->at(Level::Waist)->asCut->minus($plain->asCut)->nanometres)->toBe(12_000_000)
        ->and($at('wider', '0.3')->at(Level::Waist)->asCut->minus($plain->asCut)->nanometres)->toBe(-12_000_000);
});

test('what is measured on oneself and on the paper says what the paper lacks', function (): void {
    $cm = static fn (float $cm): Length => Length::ofNumber($cm, Unit::Centimetre);
    $narrow = new OwnLine('back width', FittingPlace::Back, $cm(36), $cm(35), $cm(1.5));
    $deep = new OwnLine('neck depth', FittingPlace::Neck, $cm(8), $cm(9), $cm(0));
    expect($narrow->lacks()->nanometres)->toBe(25_000_000)->and($narrow->deed())->toBe(Alteration::Add)
        ->and($deep->lacks()->nanometres)->toBe(-10_000_000)->and($deep->deed())->toBe(Alteration::Raise);
});

test('findings that came back in two makes at least are offered, unless they are there already', function (): void {
    $finding = static fn (string $place, string $deed, float $cm): FittingFinding => new FittingFinding(FittingPlace::from($place), Alteration::from($deed), Length::ofNumber($cm, Unit::Centimetre), FrontOrBack::Both, [], '', 2, []);
    $past = [
        new Fitting(2, 2, [$finding('armhole', 'raise', 0.8), $finding('hem', 'shorten', 2)]),
        new Fitting(2, 2, [$finding('armhole', 'raise', 1)]),
        new Fitting(2, 2, []),
    ];
    $back = CameBack::of($past, null, new Fitting);
    expect($back)->toHaveCount(1)
        ->and($back[0]->words('0.8 cm'))->toBe('the armhole was raised in 2 of 3, last by 0.8 cm, front and back')
        ->and(CameBack::of($past, null, new Fitting(2, 1, [$finding('armhole', 'raise', 2)])))->toBe([])
        ->and(CameBack::of(array_slice($past, 1), null, new Fitting))->toBe([]);
    // Of the same pattern once is enough, and it is said as such; the others follow.
    $again = CameBack::of($past, new Fitting(2, 2, [$finding('neck', 'raise', 2.5), $finding('armhole', 'raise', 1)]), new Fitting);
    expect(array_map(static fn (CameBack $one): string => $one->words('so much'), $again))->toBe(['last time the neck was raised by so much, front and back', 'last time the armhole was raised by so much, front and back']);
});

test('a finding at a level moves the garment as cut by both edges of it', function (): void {
    $garment = static fn (array $findings): int => planWith($findings)->at(Level::Waist)->asCut->nanometres;
    expect($garment([['place' => 'waist', 'what' => 'take', 'amount' => '0.5']]) - $garment([]))->toBe(-20_000_000);
});
