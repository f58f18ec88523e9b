<?php

declare(strict_types=1);

use Tests\Support\Page;

/** A workroom of one's own, empty. */
function ownWorkroom(string $name): Page
{
    $page = Page::open('/')->press('I am new here');
    $page->type('Name', $name)->type('E-mail', strtolower($name).'@underbolt.example')->type('Password', 'four wet herring gulls');

    return $page->press('Make the account')->sees('Three steps to a cutting line');
}

test('the demo’s data come into an own workroom and go out again', function (): void {
    $page = ownWorkroom('Jenifry')->press('Put the demo’s data in here')->sees('Makes under way');
    expect($page->text('.makes'))->toContain('Merrin Tolvane')->and($page->accessibilityFaults())->toBe([]);
    $page->press('Take the demo’s data out');
    $page->driver->wait(5)->until(Facebook\WebDriver\WebDriverExpectedCondition::alertIsPresent());
    $page->driver->switchTo()->alert()->accept();
    $page->sees('Three steps to a cutting line');
    expect($page->complaints())->toBe([]);
});

test('a first card says what is enough to begin, and a pattern without a name is kept as a draft', function (): void {
    $page = ownWorkroom('Kerra')->type('New wearer', 'Wenna')->press('Measure');
    $page->find('.point-list .needed');
    $marked = $page->driver->executeScript('return [...document.querySelectorAll(".point-list .needed")].map((one) => `${one.previousElementSibling.textContent} ${one.textContent}`)');
    expect($marked)->toBe(['Full bust enough to begin', 'Waist enough to begin', 'Hip enough to begin']);
    $page->go('/patterns/new')->find('#paste-chart');
    $page->paste('#paste-chart', "Size\t8\t10\nWaist\t66\t70\nHip\t91\t95");
    $page->find('.preview');
    $page->press('Put into the chart');
    $page->sees('Kept as a draft: give it a name.');
    $page->go('/workroom')->sees('Pattern without a name');
    expect($page->complaints())->toBe([]);
});

test('where there is no such page there is a door', function (): void {
    foreach (['/makes/9999', '/patterns/9999', '/wearers/9999', '/cards/9999', '/patterns/9999/company', '/wearers/9999/patterns'] as $path) {
        $page = ($page ?? Page::demo('/workroom'))->go($path)->sees('There is no such record of yours.');
        expect($page->text('h1'))->toBe('Not here');
    }
    $page->press('To the workroom')->sees('Makes under way');
});

test('a wearer whose sizes are hidden sees none on the bench, and a clip moves all the same', function (): void {
    $page = Page::demo('/wearers/5');
    $page->find('#wearer-sizes')->click();
    $page->until(fn (): bool => $page->ask('GET', '/api/wearers/5')['sizes_hidden'] === true, 'it is kept');
    $page->go('/makes/5')->find('.tape .clip');
    $shown = fn (): string => implode(' ', $page->driver->executeScript('return [...document.querySelectorAll(".clip, .chart text, .garment text, .line-label, td.cut")].map((one) => one.textContent.trim())'));
    expect($shown())->toMatch('/^((\d+(st|nd|rd|th))|by hand ×|by itself|frame|\s)+$/')->and($page->text('h1'))->toContain('line from the inside');
    $clip = $page->find('.clip');
    $before = $clip->getText();
    $clip->sendKeys(Facebook\WebDriver\WebDriverKeys::ARROW_LEFT);
    $page->until(fn (): bool => $page->find('.clip')->getText() !== $before, 'the clip has moved');
    expect($page->find('.clip')->getAttribute('aria-valuetext'))->toMatch('/^size \d+(st|nd|rd|th)/');
    $page->go('/wearers/5')->find('#wearer-sizes')->click();
    $page->until(fn (): bool => $page->ask('GET', '/api/wearers/5')['sizes_hidden'] === false, 'sizes are named again');
    expect($page->complaints())->toBe([]);
});
