<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Page;

function newPattern(): Page
{
    $page = Page::open('/')->press('Open the demo workroom')->sees('Makes under way')->press('Put a pattern in');
    $page->find('[data-cell="0:0"]');

    return $page;
}

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
