<?php

declare(strict_types=1);

use Tests\Support\Chrome;
use Tests\Support\HardMake;
use Tests\Support\Page;

/** Words on the tapes and beside the seam that lie over one another, by so much more than a stroke. */
const OVERPRINTED = <<<'JS'
    const found = [];
    for (const drawn of document.querySelectorAll('.tape, svg.seam')) {
        const words = [...drawn.querySelectorAll('.chart text, .garment text, .as-cut text, .line-label, .body-figure, .ease-figure, .clip')]
            .map((one) => [one.textContent.trim(), one.getBoundingClientRect()])
            .filter(([text, { width }]) => text !== '' && width > 0);
        words.forEach(([text, a], i) => words.slice(i + 1).forEach(([other, b]) => {
            const [x, y] = [Math.min(a.right, b.right) - Math.max(a.left, b.left), Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top)];
            if (x > 3 && y > 5) found.push(`${text} | ${other} by ${Math.round(x)} x ${Math.round(y)}`);
        }));
        const box = drawn.getBoundingClientRect();
        for (const [text, { left, right }] of words) if (left < -1 || right > innerWidth + 1) found.push(`${text} is cut off`);
    }
    const over = document.documentElement.scrollWidth - document.documentElement.clientWidth;
    return over > 0 ? [...found, `runs out sideways by ${over}`] : found;
    JS;

test('twenty sizes with long names, a large body and four cups overprint nothing and run out nowhere', function (string $file): void {
    $page = Page::demo('/workroom');
    $make = $page->ask('POST', '/api/makes/import', ['text' => $file, 'wearer' => 'Wilhelmina Featherstonehaugh-Trevanion of the Lower Quay']);
    $faults = [];
    foreach (["/makes/{$make['id']}" => '.tape .clip, .tape .chart', "/makes/{$make['id']}/cut-sheet" => '.cut-sheet h1', "/patterns/{$make['pattern_id']}" => '.chart-grid', "/cards/{$make['card_id']}" => '.point-list .measure', "/makes/{$make['id']}/cloth" => 'h1', '/workroom' => '.makes .make-row'] as $path => $shown) {
        $page->go($path)->find($shown);
        foreach ([390, 820, 1280] as $width) {
            Chrome::size($width, 900);
            $faults["{$width} {$path}"] = $page->atRest()->driver->executeScript(OVERPRINTED);
        }
    }
    // The others count what is in the demo's workroom.
    foreach (["/api/patterns/{$make['pattern_id']}", "/api/wearers/{$make['wearer_id']}"] as $record) {
        $page->ask('DELETE', $record, ['version' => $page->ask('GET', $record)['version']]);
    }
    $page->emptyBin();
    expect(array_filter($faults))->toBe([]);
})->with(static fn (): array => array_map(static fn (string $file): array => [$file], HardMake::all()));
