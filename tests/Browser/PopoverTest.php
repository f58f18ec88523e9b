<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Page;

test('what opens by key takes the hand, holds it, and gives it back', function (string $path, string $button, string $first): void {
    $page = Page::demo($path);
    $page->find($button);
    $page->driver->executeScript('document.querySelector(arguments[0]).focus()', [$button]);
    $hand = static fn (): string => (string) $page->driver->executeScript('const one = document.activeElement; return one.getAttribute("aria-label") ?? one.labels?.[0]?.textContent.trim() ?? one.textContent.trim()');
    $opener = $hand();
    $page->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $page->until(static fn (): bool => str_starts_with($hand(), $first), "the hand is in {$first}");
    // All the way round: it never leaves the panel.
    for ($tab = 0; $tab < 25; $tab++) {
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        expect($page->driver->executeScript('return document.activeElement.closest(".p-popover") !== null'))->toBeTrue("after {$tab} tabs");
    }
    $page->driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $page->until(static fn (): bool => $hand() === $opener, 'the hand is back');
})->with([
    'more at a level' => ['/makes/2', '[aria-label="more… at the waist"]', 'waist, by hand, in all'],
    'name and copies' => ['/makes/2', '.ways button', 'Name of this make'],
    'why not another size' => ['/makes/2', '.ask', 'At the'],
    'choices of one wearer' => ['/patterns/1/company', '[aria-label^="Choose otherwise"]', 'view'],
]);
