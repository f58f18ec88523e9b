<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Page;

test('makes, wearers and patterns are found by what they are called, each make by its own line', function (): void {
    $page = Page::demo('/workroom')->sees('Makes under way');
    $count = fn (string $css): int => count($page->driver->findElements(WebDriverBy::cssSelector($css)));
    $all = $count('.makes .make-card');
    expect($count('.mini-line path'))->toBeGreaterThan(10);
    $page->type('Find', 'causeway');
    $page->until(fn (): bool => $count('.makes .make-card') < $all, 'some are left out');
    $listed = fn (): string => (string) $page->driver->executeScript('return [...document.querySelectorAll(".shelf li")].map((row) => row.innerText).join(" ")');
    expect($listed())->toContain('Keziah Borlaze')->not->toContain('Foghorn coat 61')->not->toContain('Talan Pengarrow');
    $page->type('Find', 'nobody')->sees('No make is called so.')->type('Find', 'x');
    $page->field('Find')->clear();
    expect($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});
