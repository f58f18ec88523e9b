<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chrome;
use Tests\Support\Page;

/** A page of a make of the demo workroom. */
function makePage(int $make, string $place = ''): Page
{
    $page = Page::demo('/workroom')->sees('Makes under way');
    $address = (string) preg_replace('#/workroom.*#', '', $page->driver->getCurrentURL());
    $page->driver->get("{$address}/makes/{$make}{$place}");
    $page->find($place === '/projector' ? '.projector .panel' : 'h1');

    return $page;
}

/** @return array{int, string} how many pages a PDF has, and its words */
function printedPages(string $pdf): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'printed');
    file_put_contents($file, $pdf);
    preg_match('/Pages:\s+(\d+)/', (string) shell_exec('pdfinfo '.escapeshellarg($file).' 2>/dev/null'), $pages);
    $words = (string) preg_replace('/\s+/u', ' ', (string) shell_exec('pdftotext -raw '.escapeshellarg($file).' - 2>/dev/null'));
    unlink($file);

    return [(int) $pages[1], $words];
}

function presses(Page $page, string $keys): Page
{
    $page->driver->findElement(WebDriverBy::tagName('body'))->sendKeys($keys);

    return $page;
}

function isChecked(Page $page, string $css): bool
{
    return (bool) $page->driver->executeScript('return document.querySelector(arguments[0])?.checked ?? false', [$css]);
}

test('from the bench to the cut sheet: steps are ticked, kept, and move the make in the workroom', function (): void {
    $page = makePage(2)->press('Cut sheet')->sees('Which lines to follow')->sees('line 18');
    $step = '[aria-label="Step 2 is done"]';
    $page->find($step)->click();
    $page->findByPath("//label[normalize-space()='line drawn']/input")->click();
    $page->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.cut-steps li.done')) !== [], 'the step is done');
    $page->driver->navigate()->refresh();
    $page->sees('Which lines to follow')->until(fn (): bool => isChecked($page, $step), 'the tick is kept');
    $page->press('Workroom')->sees('line drawn');
    expect($page->complaints())->toBe([])->and($page->foreignRequests())->toBe([]);
});

test('the sheet speaks in the unit in use, and calls sizes by their lines where they are hidden', function (): void {
    $page = makePage(2, '/cut-sheet')->sees('103.5 cm');
    $page->press('in')->sees('40 3/4 in 103.5 cm')->sees('taken in 1/4 in an edge');
    $page->findByPath("//label[normalize-space()='hide the sizes']/input")->click();
    $page->sees('the sixth line from the inside');
    expect($page->text('.cut-sheet'))->not->toContain('line 18');
    $page->press('cm');
});

test('what can be taken away is listed with what it is for, and the browser gets it', function (): void {
    $page = makePage(1, '/files')->sees('Strip, PDF')->sees('where the pattern’s own lines are known');
    $fetched = $page->driver->executeAsyncScript(<<<'JS'
        const done = arguments[0];
        // One after the other, as a hand does.
        [...document.querySelectorAll('.files .rows a')]
            .reduce(async (before, link) => [...(await before), (await fetch(link.href)).status], Promise.resolve([]))
            .then(done, (error) => done(String(error)));
        JS);
    expect($fetched)->toBe(array_fill(0, 7, 200));
});

test('the projector is calibrated on the device, shows the strip at that scale, and needs no line any more', function (): void {
    $page = makePage(1, '/projector')->sees('Measure the square on the mat');
    foreach (['across' => '5', 'down' => '8'] as $way => $seen) {
        $field = $page->field($way);
        $page->until(static function () use ($field, $seen): bool {
            $field->clear();
            $field->sendKeys($seen);

            return $field->getAttribute('value') === $seen;
        }, "{$seen} stands there");
    }
    $wide = fn (string $css): float => (float) $page->driver->executeScript('return document.querySelector(arguments[0]).getBoundingClientRect().width', [$css]);
    $before = $wide('.square');
    $page->press('Set')->until(fn (): bool => abs($wide('.square') - 2 * $before) < 4, 'the square is twice as wide');
    // It is open when all it needs has come.
    $page->until(fn (): bool => $page->driver->executeScript(
        "const names = performance.getEntriesByType('resource').filter(({ responseEnd }) => responseEnd > 0).map(({ name }) => name);"
        ."return ['/strip', 'ShortcutList'].every((part) => names.some((name) => name.includes(part)));",
    ) === true, 'all has come');
    Chrome::devTools('Network.enable', []);
    Chrome::devTools('Network.emulateNetworkConditions', ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    try {
        presses($page, 'c')->find('.strip path.cut');
        $transform = fn (): string => (string) $page->find('.strip')->getAttribute('transform');
        expect($transform())->toMatch('/^scale\\(7\\.5\\d+ 4\\.7\\d+\\) /');
        $at = $transform();
        presses($page, WebDriverKeys::ARROW_RIGHT)->until(fn (): bool => $transform() !== $at, 'it has moved');
        presses($page, 'r')->until(fn (): bool => str_contains($transform(), 'rotate(90)'), 'it is turned');
        presses($page, 'f')->until(fn (): bool => str_contains($transform(), 'scale(-1 1)'), 'it is flipped');
        presses($page, 'i')->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.projector.dark')) === [], 'black on white');
        presses($page, 'm')->find('.mat-ruler text');
        $lines = count($page->driver->findElements(WebDriverBy::cssSelector('.strip path')));
        $page->findByPath("//label[normalize-space()='back']/input")->click();
        $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('.strip path'))) < $lines, 'the back is hidden');
        presses($page, 'h')->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.panel')) === [], 'the controls are hidden');
        presses($page, 'h')->find('.panel');
        presses($page, '?')->sees('move by 1 mm');
    } finally {
        Chrome::devTools('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }
    $page->driver->navigate()->refresh();
    $page->find('.strip path.cut');
    expect((string) $page->find('.strip')->getAttribute('transform'))->toMatch('/^scale\\(7\\.5/');
    $page->driver->executeScript('localStorage.clear()');
});

test('the corner of the square is dragged to where the mat has it', function (): void {
    $page = makePage(1, '/projector');
    $square = fn (): array => $page->driver->executeScript('const r = document.querySelector(".square").getBoundingClientRect(); return [r.width, r.height];');
    [$wide, $high] = $square();
    $page->driver->action()->moveToElement($page->find('.handle'))->clickAndHold()->moveByOffset(60, -40)->release()->perform();
    $page->until(fn (): bool => abs($square()[0] - $wide - 60) < 4 && abs($square()[1] - $high + 40) < 4, 'the square follows');
    $page->driver->executeScript('localStorage.clear()');
});

test('a bench prints on one page, whatever the window, with name and date and without controls', function (int $make, int $width): void {
    $page = makePage($make)->sees('Before you cut');
    Chrome::size($width, 800);
    [$pages, $words] = printedPages($page->printed());
    expect($pages)->toBe(1)->and($words)->toContain('printed '.now()->format('j M Y'), 'Before you cut')->not->toContain('Undo', 'What each school says');
    foreach ($page->driver->findElements(WebDriverBy::cssSelector('.worth li')) as $caution) {
        expect($words)->toContain((string) preg_replace('/\s+/u', ' ', $caution->getText()));
    }
    Chrome::size(1280, 800);
})->with([[2, 1280], [4, 390], [13, 1920]]);

test('pages print without their controls and with nothing cut off', function (string $path, string $has, array $hasNot): void {
    $page = Page::demo('/workroom')->sees('Makes under way');
    $page->driver->get((string) preg_replace('#/workroom.*#', '', $page->driver->getCurrentURL()).$path);
    $page->sees($has);
    [, $words] = printedPages($page->printed());
    expect($words)->toContain('Wardrobe room, printed '.now()->format('j M Y'), $has)->not->toContain(...$hasNot);
})->with([
    'workroom' => ['/workroom', 'Makes under way', ['Measure again', 'Put a pattern in']],
    'card' => ['/cards/3', 'Underarm to waist', ['Helper mode', 'A blank card', 'Enter goes on', 'Talking tape']],
    'pattern' => ['/patterns/1', 'Finished garment', ['Redo', 'Envelopes', 'Read a file']],
    'sheet' => ['/makes/2/cut-sheet', 'Which lines to follow', ['hide the sizes', 'Projector']],
]);

test('sheet, files and projector pass the automatic look at accessibility', function (string $place): void {
    expect(makePage(2, $place)->accessibilityFaults())->toBe([]);
})->with(['/cut-sheet', '/files', '/projector']);
