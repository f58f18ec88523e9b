<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chrome;
use Tests\Support\Page;

function demoBench(string $wearer): Page
{
    $page = Page::open('/')->press('Open the demo workroom')->sees('Makes under way');
    $page->driver->executeScript('[...document.querySelectorAll(".makes .rows a")].find((a) => a.textContent.includes(arguments[0])).click()', [$wearer]);

    return $page;
}

test('a clip is dragged from notch to notch, and the whole drag is one step to undo', function (): void {
    $page = demoBench('Merrin Tolvane')->sees('One size all the way: 12.');
    $clip = $page->find('.clip[data-level="hip"]');
    (new WebDriverActions($page->driver))->clickAndHold($clip)->moveByOffset(60, 0)->moveByOffset(40, 0)->release()->perform();
    $page->sees('16 at the hip');
    expect($page->text('.plan'))->toContain('by hand');

    $page->press('Undo')->sees('One size all the way: 12.');
});

test('a clip is taken off again', function (): void {
    $page = demoBench('Merrin Tolvane')->sees('One size all the way: 12.');
    $page->find('.clip[data-level="bust"]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $page->sees('14 at the bust');
    $page->find('.plan .link')->click();
    $page->sees('One size all the way: 12.');
});

test('one key changes the unit of every figure, and never what is cut', function (): void {
    $page = demoBench('Bettrys Calloway-Pike')->sees('18 at the waist');
    expect($page->text('.body-figure'))->toBe('95.5 cm');
    $page->find('body')->sendKeys('u');
    $page->until(fn (): bool => $page->text('.body-figure') === '37 5/8 in', 'the bust is in inches');
    $page->sees('18 at the waist');
    $page->find('body')->sendKeys('u');
    $page->until(fn (): bool => $page->text('.body-figure') === '95.5 cm', 'the bust is in centimetres');
});

test('the ease one likes is typed at its level, and a slip is told there', function (): void {
    $page = demoBench('Jory Lanteague')->sees('4 at the bust and waist');
    $liked = $page->find('[aria-label="Ease you like at the hip"]');
    $liked->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'roomy'.WebDriverKeys::TAB);
    $page->sees('is not a figure');
    expect($page->find('[aria-label="Ease you like at the hip"]')->getAttribute('value'))->toBe('roomy');
    $page->find('[aria-label="Ease you like at the hip"]')->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'12'.WebDriverKeys::TAB);
    $page->sees('6 at the hip');
});

test('a make that waits for a measure leads to the card', function (): void {
    $page = demoBench('Perran Skewe')->sees('No plan yet')->sees('The full bust is not on the card');
    $page->press('To the measure card')->sees('Perran Skewe · measure card');
});

test('the bench fits a screen of 1280 by 800', function (): void {
    $page = demoBench('Bettrys Calloway-Pike')->sees('Worth knowing');
    $page->find('.stations tbody tr');
    // The reasons stand below; what is worked with does not.
    $tall = fn (): int => (int) $page->driver->executeScript('return document.querySelector(".bench-foot").getBoundingClientRect().bottom');
    expect($tall())->toBeLessThanOrEqual(800);
});

test('no view keeps anyone out, in light or in the dark', function (string $scheme): void {
    Chrome::driver();
    Chrome::devTools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]]]);
    $page = Page::open('/');
    $page->find('.door form');
    $faults = ['door' => $page->accessibilityFaults()];
    $page->press('Open the demo workroom')->sees('Makes under way');
    $faults['workroom'] = $page->accessibilityFaults();
    foreach (['Bettrys Calloway-Pike' => '.stations tbody tr'] as $wearer => $shown) {
        $page->driver->executeScript('[...document.querySelectorAll(".makes .rows a")].find((a) => a.textContent.includes(arguments[0])).click()', [$wearer]);
        $page->find($shown);
        $faults['bench'] = $page->accessibilityFaults();
    }
    $page->press('Causeway dress 114')->find('.sheet .computed');
    $faults['pattern'] = $page->accessibilityFaults();
    $page->driver->navigate()->back();
    $page->press('Bettrys Calloway-Pike')->find('.point-list .measure');
    $faults['card'] = $page->accessibilityFaults();
    Chrome::devTools('Emulation.setEmulatedMedia', ['features' => []]);

    expect($faults)->each->toBe([]);
})->with(['light', 'dark']);
