<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Page;

function demoPattern(int $id, string $part): Page
{
    $page = Page::open('/')->press('Open the demo workroom')->sees('Makes under way');
    $address = (string) preg_replace('#/workroom.*#', '', $page->driver->getCurrentURL());
    $page->driver->get("{$address}/patterns/{$id}#{$part}");
    $page->find('.p-tab');

    return $page;
}

test('the tissue measured panel by panel gives the finished row of every size', function (): void {
    $page = demoPattern(7, 'tissue')->sees('Finished on the stitching line');
    $width = $page->find('[aria-label="Hip, front, width"]');
    $width->clear();
    $width->sendKeys("12 1/4\n");
    $page->until(
        fn (): bool => str_contains($page->text('.flat .result'), '46') || str_contains($page->text('.flat .result'), '116.8'),
        'the sum follows the panel',
    );
});

test('a cup gets rows of its own in the charts, and loses them by undo', function (): void {
    $page = demoPattern(5, 'cups');
    $page->find('[aria-label="Rows for the C cup"]')->click();
    $page->press('Charts')->find('[aria-label="Bust, C cup, size S1"]');
    $page->press('Undo');
    $page->until(
        fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('[aria-label="Bust, C cup, size S1"]')) === [],
        'the row is gone',
    );
});

test('a pasted table of cups is looked over, put into the rule, and taken back by undo', function (): void {
    $page = demoPattern(1, 'cups')->press('Paste the table of cups');
    $page->find('#paste-cups')->sendKeys("C 7.5 - 10\nB 5 - 7.5\n");
    $page->press('Read it')->sees('2 lines were understood')->press('Put into the pattern');
    $from = $page->find('[aria-label="The pattern’s rule, cup C, from"]');
    expect($from->getAttribute('value'))->toBe('7.5');
    $page->press('Undo');
    $page->until(
        fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('[aria-label="The pattern’s rule, cup C, from"]')) === [],
        'the rule is as it was',
    );
});

test('an outline sets what matters at every level of the garment', function (): void {
    $page = demoPattern(2, 'levels')->press('fitted');
    $page->until(fn (): bool => str_contains($page->text('.paper-data'), 'critical, lies close'), 'the levels follow');
});

test('every part of a pattern passes the automatic look at accessibility', function (string $part): void {
    expect(demoPattern(4, $part)->sees('Lamp-room bodice 27')->accessibilityFaults())->toBe([]);
})->with(['charts', 'envelopes', 'cups', 'views', 'tissue', 'levels', 'pieces', 'cloth', 'house']);
