<?php

declare(strict_types=1);

use Tests\Support\RandomMake;
use Tests\Support\Runs;
use Underbolt\File\MakeReader;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\DrawnHow;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Planning\UnmeasuredLevel;
use Underbolt\Sizing\UnmeasuredSizes;

use function Tests\Core\cm;
use function Tests\Core\planOf;

covers(UnmeasuredSizes::class, UnmeasuredLevel::class);

/**
 * Plans of makes at random, some of their measures not on the card.
 *
 * @return Generator<int, Plan>
 */
function plansWithGaps(int $runs): Generator
{
    for ($seed = 1; $seed <= $runs; $seed++) {
        $make = RandomMake::of($seed);
        mt_srand($seed);
        foreach (['waist', 'hip'] as $point) {
            if (mt_rand(0, 2) === 0) {
                unset($make['body'][$point]);
            }
        }
        if (mt_rand(0, 2) === 0) {
            $make['pattern']['levels']->bust = 'free';
        }
        unset($make['choices']['centre_back']);
        $make['body'] = (object) $make['body'];
        try {
            yield $seed => PlanBuilder::build(MakeReader::read(json_encode($make, JSON_THROW_ON_ERROR)));
        } catch (Unplannable) {
            continue;
        }
    }
}

test('no size below its own pick is ever suggested to save a step: only one that nobody would let out', function (): void {
    $below = 0;
    foreach (plansWithGaps(Runs::of(200)) as $seed => $plan) {
        foreach (['best', 'closest'] as $name) {
            $ways = array_filter($plan->alternatives(), static fn ($way): bool => $way->name->value === $name);
            $sizes = array_values($ways)[0]->sizes;
            foreach ($plan->situation->measured() as $facts) {
                $size = $sizes->at($facts->level);
                if ($facts->level === Level::Bust) {
                    expect($size)->toBeGreaterThanOrEqual($facts->own, "run {$seed}");
                } elseif (! $facts->isFree() && $size < $facts->own) {
                    $below++;
                    $lacks = $facts->body->minus($facts->chart->at($size))->nanometres;
                    $room = $facts->finishedAt($size)?->minus($facts->body->plus($facts->least))->nanometres ?? -1;
                    expect($lacks <= 6_350_000 || ($facts->between !== BetweenRule::Up && $room >= 0))->toBeTrue("run {$seed} {$facts->level->value}");
                }
            }
        }
    }
    expect($below)->toBeGreaterThan(0);
});

test('the line is complete wherever a bust, or without a bust row a waist, is planned', function (): void {
    $gaps = 0;
    foreach (plansWithGaps(Runs::of(200)) as $seed => $plan) {
        $first = array_key_exists('bust', $plan->levels) ? Level::Bust : Level::Waist;
        if ($plan->at($first) === null) {
            continue;
        }
        $gaps += count($plan->unmeasured);
        foreach ([$plan->stations(), $plan->backStations() ?? []] as $stations) {
            foreach ($stations as $station) {
                $isKnown = $plan->seam->underarmToWaist !== null && $plan->seam->waistToHip !== null;
                $isAbove = $station->depth->isLessThan($plan->front->depths->of($first) ?? $station->depth);
                expect(! $isKnown || $isAbove || ($station->from !== null && $station->move !== null))->toBeTrue("run {$seed} at {$station->depth->nanometres}");
            }
        }
    }
    expect($gaps)->toBeGreaterThan(0);
});

test('a waist that isn\'t measured lies half way between its neighbours, of two the larger, or where a clip says', function (array $changes, string $size, DrawnHow $how): void {
    $plan = planOf($changes + ['body.waist' => null]);
    $waist = $plan->unmeasured['waist'];
    expect($plan->levels['waist'])->toBeNull()->and($plan->nameOf($waist->size))->toBe($size)->and($waist->how)->toBe($how)
        ->and($plan->stations()[8]->from)->toBe($plan->nameOf($plan->sizes->bust))->and($plan->stations()[8]->level)->toBe('waist');
})->with([
    'bust 12, hip 16' => [['body.hip' => 107], '14', DrawnHow::Between],
    'bust 12, hip 14' => [['body.hip' => 103], '14', DrawnHow::Between],
    'no hip either' => [['body.hip' => null], '12', DrawnHow::LikeAbove],
    'no hip, but a clip on it' => [['body.hip' => null, 'choices.sizes' => ['hip' => '16']], '14', DrawnHow::Between],
    'a clip' => [['choices.sizes' => ['waist' => '18']], '18', DrawnHow::ByHand],
]);

test('what is changed passes through a level that isn\'t measured, and what was found there is its own', function (): void {
    $let = ['choices.sizes' => ['bust' => '12', 'hip' => '12'], 'choices.take' => ['hip' => 'in_line'], 'body.hip' => 103, 'body.waist' => null];
    expect(planOf($let)->unmeasured['waist']->change->front)->toEqual(cm(0.5))
        ->and(planOf($let + ['choices.by_hand' => ['waist' => ['front' => 0.25, 'back' => 0]]])->unmeasured['waist']->change->front)->toEqual(cm(0.75));
});

test('a drawn level counts for steps and lengths, and its step from a free bust is no work', function (): void {
    $rows = ['pattern.seam.underarm_to_waist' => [18, 18.5, 19, 19.5, 20, 20.5], 'pattern.seam.waist_to_hip' => [20, 21, 22, 23, 24, 25]];
    $plan = planOf(['body.waist' => null, 'body.hip' => null, 'choices.sizes' => ['hip' => '16']] + $rows);
    expect($plan->steps['bust_waist']?->sizes)->toBe(1)->and($plan->steps['waist_hip']?->sizes)->toBe(1)
        ->and($plan->seam->underarmToWaist)->toEqual(cm(19))->and($plan->seam->waistToHip)->toEqual(cm(24));
    $free = planOf(['body.full_bust' => 84, 'body.waist' => null, 'pattern.levels.bust' => 'free']);
    expect(array_values(array_map($free->nameOf(...), $free->sizes->known())))->toBe(['8', '12'])
        ->and($free->alternatives()[0]->cost)->toBe(0.0);
});

test('lengths by size count in the size that is cut there; a row of the wrong length is refused', function (): void {
    $row = ['pattern.seam.underarm_to_waist' => [18, 18.5, 19, null, 20, 20.5]];
    expect(planOf($row)->stations()[8]->depth)->toEqual(cm(19))->and(planOf($row + ['body.full_bust' => 96])->seam->underarmToWaist)->toBeNull()
        ->and(fn () => planOf(['pattern.seam.underarm_to_waist' => [18, 18.5]]))->toThrow('has 2 figures for 6 sizes');
});
