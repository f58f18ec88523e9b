<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Page;

function newPattern(): Page
{
    $page = Page::demo('/workroom')->sees('Makes under way')->press('Put a pattern in');
    $page->find('[data-cell="0:0"]');

    return $page;
}

/** A chart as the text of a PDF gives it: 20 sizes, 8 rows, ragged spaces, a heading, a footnote. */
function printedChart(): string
{
    $sizes = range(30, 68, 2);
    $row = static fn (string $name, float $first): string => str_pad($name, 24).implode(
        '  ',
        array_map(static fn (int $i): string => (string) ($first + 4 * $i), array_keys($sizes)),
    );

    return implode("\n", [
        'SIZE CHART  Limpet & Thole', '', 'Size                    '.implode('   ', $sizes),
        $row('Bust (cm)', 76), $row('High bust', 71.5), $row('Waist', 60), $row('Hips', 84), $row('Across front', 30.5),
        'Finished garment measurements', $row('Bust', 86), $row('Waist', 66), $row('Hip', 92), '* measured flat',
    ]);
}

test('a 20-size, 8-row chart pasted from text is in and correct', function (): void {
    $page = newPattern()->type('Pattern', 'Skerry skirt');
    $page->paste('#paste-chart', printedChart());
    $page->sees('20 sizes, 160 figures')->press('Put into the chart')->sees('Put into the chart. Undo brings back');
    $page->until(fn (): bool => str_starts_with($page->text('.state'), 'Kept'), 'it is kept');
    $cell = fn (string $label): string => (string) $page->find("[aria-label='{$label}']")->getAttribute('value');
    expect($cell('Bust, size 30'))->toBe('76')->and($cell('Bust, size 68'))->toBe('152')
        ->and($cell('High bust, size 48'))->toBe('107.5')->and($cell('Front width, size 30'))->toBe('30.5')
        ->and($cell('Finished garment, Waist, size 68'))->toBe('142')->and($cell('Finished garment, Hip, size 30'))->toBe('92')
        ->and($page->text('.chart-grid .computed td'))->toBe('+10');
});

test('a preview writes nothing, keeps a range, and a cell it is not sure of is mended there', function (): void {
    $page = newPattern()->type('Pattern', 'Skerry skirt');
    $page->paste('#paste-chart', "EU 34 36 38\nWaist 64-66 68-70 72-74\nHips 91 95 69");
    $page->until(
        fn (): bool => $page->find('[aria-label^="Waist, size 34"]')->getAttribute('value') === '64-66',
        'the range stands as it is printed',
    );
    $doubted = $page->find('[aria-label^="Hips, size 38"]');
    expect($doubted->getAttribute('title'))->toContain('Not larger than the size before it');
    $doubted->clear();
    $doubted->sendKeys('99');
    $page->press('Put into the chart');
    expect($page->find('[aria-label="Hip, size 38"]')->getAttribute('value'))->toBe('99')
        ->and($page->find('[aria-label="Waist, size 36"]')->getAttribute('value'))->toBe('68-70');
    $page->driver->executeScript("document.querySelector('.preview') && (() => { throw new Error('the preview is still there') })()");
});

test('a book pasted into the chart is refused by the page, and nothing is lost', function (): void {
    $page = newPattern()->type('Pattern', 'Skerry skirt')->paste('[data-cell="0:0"]', "8\t10\n");
    $page->driver->executeScript(<<<'JS'
        const data = new DataTransfer();
        data.setData('text/plain', '84\t'.repeat(7_000_000));
        document.querySelector('[data-cell="1:0"]').dispatchEvent(
            new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    JS);
    $page->sees('more than 200 kB');
    expect($page->find('[data-cell="0:1"]')->getAttribute('value'))->toBe('10');
});

test('a pattern is kept as it is typed and is there after the page is loaded anew', function (): void {
    $page = newPattern()->type('Pattern', 'Skerry skirt')->paste('[data-cell="0:0"]', "8\t10\n66\t70\n");
    $page->until(fn (): bool => str_starts_with($page->text('.state'), 'Kept'), 'it is kept');
    $page->driver->navigate()->refresh();
    expect($page->find('[data-cell="1:1"]')->getAttribute('value'))->toBe('70')
        ->and($page->field('Pattern')->getAttribute('value'))->toBe('Skerry skirt');
});

test('arrows and Enter walk the sheet, and a paste is undone', function (): void {
    $page = newPattern()->type('Pattern', 'Skerry skirt')->paste('[data-cell="0:0"]', "8\t10\n66\t70\n");
    $page->find('[data-cell="0:1"]')->sendKeys(WebDriverKeys::ENTER);
    $focused = fn (): string => (string) $page->driver->executeScript('return document.activeElement.dataset.cell');
    expect($focused())->toBe('1:1');
    $page->find('[data-cell="1:1"]')->sendKeys(WebDriverKeys::ARROW_UP);
    expect($focused())->toBe('0:1');

    $page->press('Undo');
    $page->until(fn (): bool => $page->find('[data-cell="0:0"]')->getAttribute('value') === '', 'the paste is undone');
});
