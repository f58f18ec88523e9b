<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Chrome;
use Tests\Support\Page;

test('makes, wearers and patterns are found by what they are called, each make by its own line', function (): void {
    $page = Page::demo('/workroom')->sees('Makes under way');
    $count = fn (string $css): int => count($page->driver->findElements(WebDriverBy::cssSelector($css)));
    $all = $count('.makes .make-row');
    expect($count('.mini-line path'))->toBeGreaterThan(7);
    foreach ([1280, 390] as $wide) {
        Chrome::size($wide, 800);
        $uneven = $page->driver->executeScript('return [...document.querySelectorAll(".makes ul")].filter((list) => list.checkVisibility() && new Set([...list.children].map((row) => row.offsetHeight)).size > 1).length');
        expect($uneven)->toBe(0);
    }
    $page->type('Find', 'causeway');
    $page->until(fn (): bool => $count('.makes .make-row') < $all, 'some are left out');
    $listed = fn (): string => (string) $page->driver->executeScript('return [...document.querySelectorAll(".make-row, .shelf li")].map((row) => row.innerText).join(" ")');
    $page->until(fn (): bool => ! str_contains($listed(), 'Talan Pengarrow'), 'others are left out');
    expect($listed())->toContain('Keziah Borlaze')->not->toContain('Foghorn coat 61');
    $page->type('Find', 'nobody')->sees('No make has that in its name.')->type('Find', 'x');
    $page->field('Find')->clear();
    expect($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});
