<?php

declare(strict_types=1);

use App\Models\Make;
use App\Models\SizeLabels;
use App\Paper\MakeFiles;
use App\Paper\MakePaper;
use App\Paper\TiledPdf;
use Tests\Support\Raster;
use Underbolt\Advice\Cautions;
use Underbolt\File\MakeReader;
use Underbolt\Measure\Unit;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\Path;
use Underbolt\Paper\Pen;
use Underbolt\Paper\StripLine;
use Underbolt\Paper\SvgText;
use Underbolt\Paper\Tiling;
use Underbolt\Refusal;
use Underbolt\Work\Told\ToldStation;

/** @return list<Make> of the demo, those that have a plan */
function demoMakes(): array
{
    $user = demoUser();
    test()->actingAs($user);

    return array_values(array_filter($user->makes()->get()->all(), static function (Make $make): bool {
        try {
            MakePaper::of($make, Unit::Centimetre, SizeLabels::Shown);

            return true;
        } catch (Refusal) {
            return false;
        }
    }));
}

function paperOf(Make $make, Unit $unit = Unit::Centimetre, SizeLabels $labels = SizeLabels::Shown): MakePaper
{
    return MakePaper::of($make, $unit, $labels);
}

/** The strip of a wearer's demo make without its words, which renderers set in letters of their own. */
function stripLines(string $wearer): Drawing
{
    $strip = paperOf(demoMake($wearer))->strip(StripLine::Seam);

    return new Drawing($strip->name, $strip->widthMm, $strip->heightMm, $strip->paths, []);
}

test('the line of 200 mm and both squares are as long in the PDF as they say, within 0.2 mm', function (PageFormat $page): void {
    $tiling = Tiling::of(stripLines('Merrin Tolvane'), $page);
    $first = Raster::ofPdf(TiledPdf::of($tiling), 1)[0];
    $isDown = $tiling->shownWidthMm() < 206;
    [$margin, $inset] = [10, 3];
    // The squares by their sides, met half way down; the line by what crosses its middle, and where it ends.
    $sides = $first->across(40, 21, 135);
    $tops = [$first->down(50, 15, 75), $first->down(110, 15, 75)];
    expect($sides)->toHaveCount(4)->and($sides[1] - $sides[0])->toEqualWithDelta(50, 0.2)->and($sides[3] - $sides[2])->toEqualWithDelta(50.8, 0.2)
        ->and($tops[0][1] - $tops[0][0])->toEqualWithDelta(50, 0.2)->and($tops[1][1] - $tops[1][0])->toEqualWithDelta(50.8, 0.2);
    $at = static fn (float $along): array => $isDown
        ? $first->across($margin + $inset + $along, $margin + 1, $margin + 5)
        : $first->down($margin + $inset + $along, $margin + 1, $margin + 5);
    expect($at(100))->toHaveCount(1)->and($at(0.15))->toHaveCount(1)->and($at(199.85))->toHaveCount(1)
        ->and($at(-0.15))->toBe([])->and($at(200.15))->toBe([]);
})->with([PageFormat::A4, PageFormat::Letter, PageFormat::A3]);

test('the pages put together again are the SVG, within 0.2 mm, which another reader takes for the same size', function (string $wearer, PageFormat $page): void {
    $tiling = Tiling::of(stripLines($wearer), $page);
    $svg = Raster::ofSvg(SvgText::of($tiling->drawing));
    expect($svg->widthMm())->toEqualWithDelta($tiling->drawing->widthMm, 0.2)->and($svg->heightMm())->toEqualWithDelta($tiling->drawing->heightMm, 0.2);
    $pages = Raster::ofPdf(TiledPdf::of($tiling));
    $met = 0;
    foreach ($tiling->tiles as $index => $tile) {
        $raster = $pages[$index];
        expect($raster->widthMm())->toEqualWithDelta($tiling->pageWidthMm, 0.2);
        // Rows across the page, between whatever marks the page has of its own.
        for ($row = 25.1; $row < $tiling->shownHeightMm() - 17; $row += 23.7) {
            $right = min($tiling->shownWidthMm() - 11, $tiling->drawing->widthMm - $tile->xMm);
            $wanted = array_map(static fn (float $x): float => $x - $tile->xMm, $svg->across($tile->yMm + $row, $tile->xMm + 11, $tile->xMm + $right));
            $found = array_map(static fn (float $x): float => $x - 10, $raster->across($row + 10, 21, $right + 10));
            foreach ($wanted as $x) {
                $apart = $found === [] ? INF : min(array_map(static fn (float $other): float => abs($x - $other), $found));
                expect($apart)->toBeLessThan(0.2, "page {$tile->name()}, {$row} down, {$x} across");
                $met++;
            }
        }
    }
    expect($met)->toBeGreaterThan(40);
})->with([
    ['Bettrys Calloway-Pike', PageFormat::A4], ['Keziah Borlaze', PageFormat::Letter],
]);

test('a ruler\'s bars are as long in the PDF as their moves, and stand as deep, within 0.2 mm; each make takes one page', function (PageFormat $page): void {
    $paper = paperOf(demoMake('Senara Treloweth'));
    [$width, $height] = $page->sizeMm(0, 0);
    $pages = $paper->rulerOn(StripLine::Seam, $height)->pages($width - 20, $height - 25);
    $raster = Raster::ofPdf(MakeFiles::stripPdf($paper, StripLine::Seam, $page), 1)[0];
    $bars = array_filter($pages[0]->paths, static fn (Path $path): bool => $path->pen === Pen::Cut);
    expect(count($bars))->toBeGreaterThan(12);
    foreach ($bars as $bar) {
        [$from, $to] = [$bar->cubics[0]->start, $bar->cubics[0]->end];
        $middle = ($from->xMm + $to->xMm) / 2;
        $heights = $raster->down($middle + 10, $from->yMm + 9, $from->yMm + 11);
        expect($heights)->toHaveCount(1)->and($heights[0] - 10)->toEqualWithDelta($from->yMm, 0.2)
            // A hair inside its end it is drawn, a hair beyond it isn't.
            ->and($raster->down($to->xMm + 9.85, $from->yMm + 9.4, $from->yMm + 10.6))->toHaveCount(1)
            ->and($raster->down($to->xMm + 10.45, $from->yMm + 9.4, $from->yMm + 10.6))->toBe([]);
    }
    $counts = [];
    foreach (demoMakes() as $make) {
        $each = paperOf($make);
        if (! $each->hasShape() && array_filter($each->sheet()->work->line->front->stations, static fn (ToldStation $one): bool => $one->told !== null) !== []) {
            $counts[] = count($each->rulerOn(StripLine::Seam, $height)->pages($width - 20, $height - 25));
        }
    }
    expect(max($counts))->toBe(1);
})->with([PageFormat::A4, PageFormat::Letter]);

/** @return list<array{string, bool}> each word of a PDF, all of it 8 pt at least, and whether it is inside its page */
function wordsIn(string $pdf): array
{
    $path = (string) tempnam(sys_get_temp_dir(), 'words');
    file_put_contents($path, $pdf);
    exec('pdftotext -bbox '.escapeshellarg($path).' - 2>/dev/null', $lines);
    exec('qpdf --qdf --object-streams=disable '.escapeshellarg($path).' '.escapeshellarg("{$path}.open").' 2>/dev/null');
    preg_match_all('#/F\d+ ([\d.]+) Tf#', (string) file_get_contents("{$path}.open"), $sizes);
    array_map(unlink(...), [$path, "{$path}.open"]);
    preg_match_all('#<page width="([\d.]+)" height="([\d.]+)">(.*?)</page>#s', implode("\n", $lines), $pages, PREG_SET_ORDER);
    $words = [];
    foreach ($pages as [, $width, $height, $inside]) {
        preg_match_all('#<word xMin="([-\d.]+)" yMin="([-\d.]+)" xMax="([-\d.]+)" yMax="([-\d.]+)">(.*?)</word>#', $inside, $found, PREG_SET_ORDER);
        foreach ($found as [, $left, $top, $right, $bottom, $word]) {
            $isInside = $left >= 0 && $top >= 0 && $right <= (float) $width && $bottom <= (float) $height;
            $words[] = [$word, $isInside];
        }
    }
    expect($words)->not->toBe([])->and(min(array_map(floatval(...), $sizes[1])))->toBeGreaterThanOrEqual(8.0);

    return $words;
}

/**
 * Words that are printed over others by more than a third of their height and width.
 *
 * @param  list<array{float, float, float, float, string}>  $words  left, top, right, bottom, and what they say
 * @return list<string>
 */
function wordsOnWords(array $words): array
{
    usort($words, static fn (array $one, array $other): int => $one[1] <=> $other[1]);
    $over = [];
    foreach ($words as $at => [$left, $top, $right, $bottom, $says]) {
        for ($next = $at + 1; $next < count($words) && $words[$next][1] < $bottom; $next++) {
            [$otherLeft, $otherTop, $otherRight, $otherBottom, $otherSays] = $words[$next];
            $wide = min($right, $otherRight) - max($left, $otherLeft);
            $high = min($bottom, $otherBottom) - max($top, $otherTop);
            if ($wide > min($right - $left, $otherRight - $otherLeft) / 3 && $high > min($bottom - $top, $otherBottom - $otherTop) / 2) {
                $over[] = "{$says} on {$otherSays}";
            }
        }
    }

    return $over;
}

test('every word of strips, rulers and tiles is 8 pt at least, inside its page, and stands on one page whole', function (PageFormat $page): void {
    $moves = 0;
    foreach (demoMakes() as $make) {
        foreach ([Unit::Centimetre, Unit::Inch] as $unit) {
            $paper = paperOf($make, $unit);
            try {
                $pdfs = [MakeFiles::stripPdf($paper, StripLine::Seam, $page)];
                foreach ($paper->hasShape() ? $paper->nests() : [] as $nest) {
                    $tiling = $paper->tiled($nest->piece, $page);
                    $pdfs[] = TiledPdf::of($tiling);
                    // Depths are each written once, whatever the pages.
                    $depths = array_filter(array_merge(...array_map($tiling->wordsOn(...), $tiling->tiles)), static fn (Label $label): bool => $label->group === 'stations');
                    $texts = array_map(static fn (Label $label): string => $label->text, $depths);
                    expect(count($texts))->toBeGreaterThan(5)->and(array_unique($texts))->toHaveCount(count($texts));
                }
            } catch (Refusal) {
                continue;
            }
            foreach ($pdfs as $pdf) {
                $words = wordsIn($pdf);
                expect(array_filter($words, static fn (array $word): bool => ! $word[1]))->toBe([], "make {$make->id}");
                $moves += count(array_filter($words, static fn (array $word): bool => in_array($word[0], ['in', 'out'], true)));
            }
        }
    }
    expect($moves)->toBeGreaterThan(100);
})->with([PageFormat::A4, PageFormat::Letter]);

test('in grey at 100 dots an inch, and mirrored, lines are told apart by what they are', function (): void {
    $pens = [Pen::Cut, Pen::Stitch, Pen::Printed, Pen::Level];
    $lines = array_map(static fn (Pen $pen, int $row): Path => Path::through($pen->value, $pen, [[20, 90 + 10 * $row], [120, 90 + 10 * $row]]), $pens, array_keys($pens));
    $file = (string) tempnam(sys_get_temp_dir(), 'grey');
    file_put_contents($file, TiledPdf::of(Tiling::of(new Drawing('Pens', 150, 140, $lines, []), PageFormat::A4)));
    exec('pdftocairo -png -gray -singlefile -r 100 '.escapeshellarg($file).' '.escapeshellarg($file));
    $image = imagecreatefrompng("{$file}.png");
    array_map(unlink(...), [$file, "{$file}.png"]);
    $looks = [];
    foreach (['as printed', 'mirrored'] as $way) {
        $way === 'mirrored' && imageflip($image, IMG_FLIP_HORIZONTAL);
        foreach ($pens as $row => $pen) {
            $dot = static fn (float $xMm, int $off): int => 255 - (imagecolorat($image, (int) round(($way === 'mirrored' ? 210 - $xMm : $xMm) / 0.254), (int) round((100 + 10 * $row) / 0.254) + $off) & 255);
            // How dark in all from side to side, and how often it is broken off along 80 mm.
            $across = static fn (float $xMm): int => array_sum(array_map(static fn (int $off): int => $dot($xMm, $off), range(-3, 3)));
            $along = array_map($across, range(40, 120, 0.25));
            $gaps = count(array_filter(array_keys($along), static fn (int $at): bool => $at > 0 && $along[$at] < max($along) / 3 && $along[$at - 1] >= max($along) / 3));
            $looks[$way][$pen->value] = [max($along) / 255, $gaps];
        }
    }
    foreach ($looks as ['cut' => $cut, 'stitch' => $stitch, 'printed' => $printed, 'level' => $level]) {
        expect([$cut[1], $level[1]])->toBe([0, 0])->and($cut[0])->toBeGreaterThan(2 * $level[0])
            // Broken off every 3 mm, and every 6.
            ->and($stitch[1])->toBeGreaterThan(20)->and($printed[1])->toBeGreaterThan(10)->toBeLessThan(16)->and($stitch[0])->toBeGreaterThan(1.4 * $printed[0]);
    }
});

test('how many sheets it takes is told before, for any paper, and what large things are drawn on is the account’s', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $sheets = $this->getJson("/api/makes/{$make->id}/sheets?page=a4")->assertOk();
    expect($sheets)->toAgreeWith('SheetsData')->and($sheets->json('strip'))->toBe(4)->and(array_keys($sheets->json('pieces')))->toBe(['front', 'back']);
    $pdf = (string) $this->get("/api/makes/{$make->id}/nest/front.pdf?page=a4")->assertOk()->getContent();
    expect(preg_match_all('#/Type /Page\b#', $pdf))->toBe($sheets->json('pieces.front'));
    $this->patchJson('/api/me', ['drawn_on' => 'roll90'])->assertOk()->assertJsonPath('drawn_on', 'roll90')->assertJsonPath('paper', 'a4');
    $this->getJson("/api/makes/{$make->id}/sheets")->assertOk()->assertJsonPath('page', 'roll90')->assertJsonPath('strip', 1)->assertJsonPath('pieces.back', 1);
    $roll = (string) $this->get("/api/makes/{$make->id}/nest/front.pdf")->assertOk()->getContent();
    expect($roll)->toMatch('#/MediaBox \[0\.000 0\.000 2551\.1\d+ #')
        ->and((string) $this->get("/api/makes/{$make->id}/cut-sheet.pdf")->assertOk()->getContent())->toContain('595.280 841.890');
    $this->patchJson('/api/me', ['drawn_on' => 'roll91'])->assertUnprocessable();
});

test('on a pattern of stitching lines every piece says where allowance is still to be added', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $says = implode(' ', paperOf($make)->onPiece('front')->says());
    expect($says)->toBe('Finished paper: cut it out, nothing is to be traced or drawn on it. The thick line is cut, the dotted one sewn. Only the side seam has its allowance: add 1.5 cm at neck, shoulder and armhole, and 3 cm at the hem; none at the fold.');
    $nest = $make->pattern->nests()->where('piece', 'front')->firstOrFail();
    $marks = clone $nest->marks;
    $marks->line_is = 'cutting';
    $nest->update(['marks' => $marks]);
    expect(implode(' ', paperOf($make->fresh())->onPiece('front')->says()))->toContain('Every edge has its allowance: add none.');
});

test('every step and every caution is on the sheet, whole and within its page, for each make', function (Unit $unit, string $page): void {
    $makes = demoMakes();
    expect(count($makes))->toBeGreaterThan(11);
    auth()->user()?->update(['unit' => $unit]);
    $close = [];
    foreach ($makes as $make) {
        $paper = paperOf($make, $unit);
        $pdf = contentOf($this->get("/api/makes/{$make->id}/cut-sheet.pdf?page={$page}")->assertOk()->assertHeader('Content-Type', 'application/pdf'));
        $words = pdfWords($pdf);
        $plain = static fn (string $text): string => (string) preg_replace('/\s+/u', ' ', $text);
        $work = $paper->sheet()->work;
        foreach ($work->steps as $step) {
            expect($words)->toContain($plain($step->short), ...array_map($plain, $step->how));
        }
        foreach (Cautions::shown($paper->plan, $paper->ownLines()) as $caution) {
            expect($words)->toContain($plain($caution->text));
        }
        expect($words)->toContain($plain($paper->sheet()->headline), $make->card->wearer->name, $plain($paper->sheet()->toile));
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, $pdf);
        $boxes = (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' -');
        unlink($file);
        preg_match_all('/<page width="([\d.]+)" height="([\d.]+)">(.*?)<\/page>/s', $boxes, $pages, PREG_SET_ORDER);
        foreach ($pages as [, $width, $height, $inside]) {
            preg_match_all('/xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">([^<]*)/', $inside, $ends, PREG_SET_ORDER);
            $found = array_map(static fn (array $one): array => [...array_map(floatval(...), array_slice($one, 1, 4)), $one[5]], $ends);
            expect(max(array_column($found, 2)))->toBeLessThan((float) $width - 25)->and(max(array_column($found, 3)))->toBeLessThan((float) $height - 25)
                ->and(wordsOnWords($found))->toBe([], $make->card->wearer->name);
        }
        // One sheet of paper; set closer, without the box for how it wore, where two tables of marks would run on to a third page.
        expect(count($pages))->toBeLessThan(3, $make->card->wearer->name);
        if (! str_contains($words, 'How it wore')) {
            $close[] = $make->card->wearer->name;
        }
    }
    expect($close)->toBe(['Keziah Borlaze']);
})->with([[Unit::Centimetre, 'a4'], [Unit::Inch, 'letter']]);

test('the printer is told not to fit a strip to its page, and names in any script are set', function (): void {
    $drawing = new Drawing('Ægir Ωλφα Жанна', 300, 400, [], []);
    $pdf = TiledPdf::of(Tiling::of($drawing, PageFormat::A4));
    expect($pdf)->toMatch('#/ViewerPreferences\s.*/PrintScaling /None#s')->and(pdfWords($pdf))->toContain('Ægir Ωλφα Жанна · page A1, 1 of 4 · print at 100 %');
});

test('a make is taken away as files, each of its type and name', function (string $file, string $type, string $begins): void {
    $make = demoMake('Merrin Tolvane');
    $answer = $this->get("/api/makes/{$make->id}/{$file}")->assertOk();
    expect($answer->headers->get('Content-Type'))->toStartWith($type)
        ->and($answer->headers->get('Content-Disposition'))->toContain('merrin-tolvane-causeway-dress-114')
        ->and(contentOf($answer))->toStartWith($begins);
})->with([
    ['strip.svg', 'image/svg+xml', '<?xml'], ['strip.pdf?page=a0', 'application/pdf', '%PDF'], ['cut-sheet.pdf', 'application/pdf', '%PDF'],
    ['stations.csv', 'text/csv', 'side,"depth (cm)",level,line,"told move (cm)"'], ['plan.json', 'application/json', "{\n    \"format\": \"underbolt/plan\""],
    ['make.json', 'application/json', "{\n    \"format\": \"underbolt/make\""], ['all.zip', 'application/zip', 'PK'],
]);

test('the archive holds every file, or says why the strip is missing', function (string $wearer, array $names): void {
    $make = demoMake($wearer);
    $files = zipOf(contentOf($this->get("/api/makes/{$make->id}/all.zip?page=letter")->assertOk()));
    $held = array_map(static fn (string $name): string => (string) preg_replace('/^.*?-(?=cut-sheet\.|[a-z]+\.|strip-missing)/', '', $name), array_keys($files));
    sort($held);
    expect($held)->toBe($names)->and(MakeReader::read($files[preg_grep('/make\.json$/', array_keys($files))[3]])->pattern->sizes)->not->toBe([]);
})->with([
    ['Merrin Tolvane', ['cut-sheet.pdf', 'make.json', 'plan.json', 'stations.csv', 'strip.pdf', 'strip.svg']],
]);

test('a strip that can\'t be drawn is refused with the reason at its field, and the archive tells it', function (): void {
    $make = demoMake('Merrin Tolvane');
    $document = $make->pattern->document;
    unset($document->seam->underarm_to_waist, $document->seam->seam_allowance);
    $make->pattern->update(['document' => $document]);
    // Its own lines would say what the figures leave out.
    $make->pattern->nests()->delete();
    $this->getJson("/api/makes/{$make->id}/strip.pdf")->assertJsonValidationErrors(['pattern.seam']);
    $this->getJson("/api/makes/{$make->id}/strip?line=with_allowance")->assertJsonValidationErrors(['pattern.seam']);
    expect(contentOf($this->get("/api/makes/{$make->id}/all.zip")->assertOk()))->toContain('strip-missing.txt');
    $this->getJson("/api/makes/{$make->id}/strip.pdf?page=a9&line=none&sizes=some")->assertJsonValidationErrors(['page', 'line', 'sizes']);
});

test('stations go out for a spreadsheet, front and back, as they are told', function (): void {
    $make = demoMake('Keziah Borlaze');
    $lines = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim(contentOf($this->get("/api/makes/{$make->id}/stations.csv")))));
    $head = array_shift($lines);
    $rows = array_map(static fn (array $line): array => array_combine($head, $line), $lines);
    expect(array_values(array_unique(array_column($rows, 'side'))))->toBe(['front', 'back']);
    foreach ($rows as $row) {
        expect($row['line'])->not->toBe('')->and($row['line'] !== $row['from'] || $row['told move (cm)'] === $row['move (cm)'])->toBeTrue();
    }
    $atBust = array_filter($rows, static fn (array $row): bool => $row['level'] === 'bust');
    expect(array_column($atBust, 'from'))->toBe(['18', '14']);
});

test('the sheet is answered as agreed, with sizes hidden on request', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $shown = $this->getJson("/api/makes/{$make->id}/cut-sheet")->assertOk();
    $hidden = $this->getJson("/api/makes/{$make->id}/cut-sheet?sizes=hidden")->assertOk();
    expect($shown)->toAgreeWith('CutSheetData')->and($hidden)->toAgreeWith('CutSheetData')
        ->and($this->getJson("/api/makes/{$make->id}/strip")->assertOk())->toAgreeWith('DrawingData')
        ->and($shown->json('levels.0.front'))->toBe('line 14')->and($hidden->json('levels.0.front'))->toBe('the fourth line from the inside')
        ->and(array_column($hidden->json('steps'), 'key'))->toBe(array_column($shown->json('steps'), 'key'));
});

test('what is ticked is kept with the make, and moves it in the workroom', function (): void {
    $make = demoMake('Merrin Tolvane');
    $stage = fn (): ?string => collect($this->getJson('/api/workroom')->json('makes'))->firstWhere('id', $make->id)['stage'];
    expect($stage())->toBeNull();
    $this->putJson("/api/makes/{$make->id}/done/traced")->assertOk()->assertJson(['traced' => now()->toDateString()]);
    $this->putJson("/api/makes/{$make->id}/done/length-0123abcd")->assertOk();
    $this->putJson("/api/makes/{$make->id}/done/toile")->assertOk();
    expect($stage())->toBe('toile tried')->and(array_keys($this->getJson("/api/makes/{$make->id}/cut-sheet")->json('done')))->toBe(['traced', 'length-0123abcd', 'toile']);
    $this->deleteJson("/api/makes/{$make->id}/done/toile")->assertOk();
    expect($stage())->toBe('traced')->and($this->deleteJson("/api/makes/{$make->id}/done/traced")->json())->toBe(['length-0123abcd' => now()->toDateString()]);
    foreach (['../x', 'traced"', 'length-xyz', str_repeat('a', 21)] as $wrong) {
        $this->putJson("/api/makes/{$make->id}/done/".rawurlencode($wrong))->assertNotFound();
    }
});

test('nobody else\'s make is put on paper', function (string $what): void {
    $make = demoMake('Merrin Tolvane');
    $this->actingAs(someone());
    $this->getJson("/api/makes/{$make->id}/{$what}")->assertNotFound();
})->with(['cut-sheet', 'cut-sheet.pdf', 'strip', 'strip.svg', 'strip.pdf', 'stations.csv', 'plan.json', 'all.zip']);

test('a link to a file that can’t be made opens a page in our words with the way to what is missing, never JSON', function (): void {
    $make = demoMake('Merrin Tolvane');
    $document = clone $make->pattern->document;
    $document->seam = (object) array_diff_key(get_object_vars($document->seam), ['underarm_to_waist' => 1, 'shoulder_to_waist' => 1]);
    $make->pattern->nests()->delete();
    $make->pattern->update(['document' => $document]);
    foreach (['strip.pdf', 'strip.svg'] as $file) {
        $page = $this->get("/api/makes/{$make->id}/{$file}", ['Accept' => 'text/html,application/xhtml+xml'])->assertUnprocessable();
        expect($page->headers->get('Content-Type'))->toStartWith('text/html')
            ->and(contentOf($page))->toContain('This file can’t be made yet.')->toContain("/patterns/{$make->pattern_id}#levels")->not->toContain('{"');
        $this->getJson("/api/makes/{$make->id}/{$file}")->assertUnprocessable()->assertJsonStructure(['message', 'errors']);
    }
    expect(contentOf($this->get('/api/makes/99999/cut-sheet.pdf', ['Accept' => 'text/html'])->assertNotFound()))->toContain('There is no such record of yours.');
});
