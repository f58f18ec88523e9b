<?php

declare(strict_types=1);

use Underbolt\File\MakeReader;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Work\Pictures\Pen;
use Underbolt\Work\Pictures\Picture;
use Underbolt\Work\Pictures\SitsPicture;

/** @return array<string, array{float, float}> half width and half depth of each oval, by pen */
function ovals(?Picture $picture): array
{
    $ovals = [];
    foreach ($picture->strokes ?? [] as [$path, $pen]) {
        preg_match('/a([\d.]+) ([\d.]+) /', $path, $found);
        $ovals[$pen->value] = [(float) $found[1], (float) $found[2]];
    }

    return $ovals;
}

test('the room between body and garment is drawn three times as wide as it is, all round alike', function (): void {
    $plan = PlanBuilder::build(MakeReader::read((string) file_get_contents(__DIR__.'/../../fixtures/worked/1-two-step-blend.make.json')));
    foreach ($plan->levels as $level) {
        $ovals = ovals(SitsPicture::of($level));
        [$body, $cut] = [$ovals[Pen::Paper->value], $ovals[Pen::Made->value]];
        // Round the body, by Ramanujan's first formula, it is its girth; the garment stands off by the room over two pi.
        [$a, $b] = $body;
        $scale = M_PI * (3 * ($a + $b) - sqrt((3 * $a + $b) * ($a + 3 * $b))) / $level->facts->body->nanometres;
        $off = 3 * $level->easeAsCut->nanometres / (2 * M_PI) * $scale;
        expect($cut[0] - $body[0])->toEqualWithDelta($off, 0.02)->and($cut[1] - $body[1])->toEqualWithDelta($off, 0.02)
            ->and(isset($ovals[Pen::Between->value]))->toBe($level->easeAsCut->isPositive())
            ->and(isset($ovals[Pen::Cut->value]))->toBe(! $level->changed->isZero());
        if (isset($ovals[Pen::Cut->value])) {
            expect($cut[0] - $ovals[Pen::Cut->value][0])->toEqualWithDelta(3 * $level->changed->nanometres / (2 * M_PI) * $scale, 0.02);
        }
    }
    expect($plan->levels)->toHaveCount(3);
});

test('a knit that is smaller than the body lies inside it, and what is not known is not drawn', function (): void {
    $knit = PlanBuilder::build(MakeReader::read((string) file_get_contents(__DIR__.'/../../fixtures/worked/5-knit-hand-clip.make.json')));
    $drawn = [];
    foreach ($knit->levels as $name => $level) {
        $ovals = ovals(SitsPicture::of($level));
        $drawn[$name] = $ovals === [] ? null : $ovals[Pen::Made->value][0] < $ovals[Pen::Paper->value][0];
        expect($drawn[$name] === null)->toBe($level->asCut === null || $level->facts->body === null)
            ->and($drawn[$name] ?? false)->toBe($level->easeAsCut?->isNegative() ?? false);
    }
    expect($drawn)->toContain(true);
});
