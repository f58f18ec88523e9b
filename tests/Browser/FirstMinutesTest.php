<?php

declare(strict_types=1);

use Tests\Support\Page;

/** A workroom of one's own, empty. */
test('the demo’s data come into an own workroom and go out again', function (): void {
    $page = Page::newcomer('Jenifry')->press('Put the demo’s data in here')->sees('Makes under way');
    expect($page->text('.makes'))->toContain('Merrin Tolvane')->and($page->accessibilityFaults())->toBe([]);
    $page->press('Take the demo’s data out');
    $page->driver->wait(5)->until(Facebook\WebDriver\WebDriverExpectedCondition::alertIsPresent());
    $page->driver->switchTo()->alert()->accept();
    $page->sees('Three steps to a cutting line');
    expect($page->complaints())->toBe([]);
});

test('a first card says what is enough to begin, and a pattern without a name is kept as a draft', function (): void {
    $page = Page::newcomer('Kerra')->type('New wearer', 'Wenna')->press('Measure');
    $page->find('.point-list .needed');
    $marked = $page->driver->executeScript('return [...document.querySelectorAll(".point-list .needed")].map((one) => `${one.previousElementSibling.textContent} ${one.textContent}`)');
    expect($marked)->toBe(['Full bust enough to begin', 'Waist enough to begin', 'Hip enough to begin']);
    $page->go('/patterns/new')->find('#paste-chart');
    $page->paste('#paste-chart', "Size\t8\t10\nWaist\t66\t70\nHip\t91\t95");
    $page->find('.preview');
    $page->press('Put into the chart');
    $page->sees('Kept without a name: give it one.');
    $page->go('/workroom')->sees('Pattern without a name');
    expect($page->complaints())->toBe([]);
});

test('from a chart in the clipboard to a plan with its line: seven things to do, and what is guessed is said', function (): void {
    $page = Page::newcomer('Loveday');
    $page->paste('#begin-paste', "Size\t8\t10\t12\t14\nBust\t84\t88\t92\t96\nWaist\t66\t70\t74\t78\nHip\t91\t95\t99\t103")->find('.preview');
    $page->press('Put into the chart')->sees('8 to 14, 4 sizes, in cm.');
    // A reload loses nothing.
    $page->type('Whose measures', 'Wenna')->type('Bust, cm', '88')->type('Waist, cm', '8');
    $page->driver->navigate()->refresh();
    $page->sees('8 to 14, 4 sizes, in cm.')->type('Hip, cm', '96')->press('To the bench')->sees('8 cm is too small');
    $page->type('Waist, cm', '74')->press('To the bench')->sees('the line to cut');
    $page->sees('Seam not measured yet');
    expect($page->accessibilityFaults())->toBe([]);
    // Typed where the caution leads, it is no guess.
    $page->find('.worth .brief')->click();
    $page->press('To the pattern')->press('Levels and lengths')->sees('usual, not measured');
    $page->type('Underarm to waist', '21')->type('Waist to hip', '19.5');
    $page->until(fn (): bool => ! str_contains($page->text('#levels'), 'not measured') && $page->text('.state') === 'Kept.', 'they are measured');
});

test('what the line lacks is asked on the bench, as cells', function (): void {
    $page = Page::newcomer('Tamsyn');
    $document = ['sizes' => ['8', '10', '12'], 'body_chart' => ['full_bust' => ['84', '88', '92'], 'waist' => ['66', '70', '74'], 'hip' => ['91', '95', '99']]];
    $begun = $page->ask('POST', '/api/begin', ['name' => 'Shore dress', 'house' => '', 'unit' => 'cm', 'document' => $document, 'wearer' => 'Wenna', 'measured_in' => 'cm', 'readings' => ['full_bust' => '88', 'waist' => '70']]);
    $page->go("/makes/{$begun['make_id']}")->sees('Measured, and the line is drawn')->type('Hip, cm', '9')->press('Onto the card')->sees('9 cm is too small');
    $page->type('Hip, cm', '95')->press('Onto the card')->sees('Measured on the paper, and the line is drawn')->type('underarm to waist', '20.5')->press('Draw the line');
    $page->sees('the line to cut');
    $page->sees('Seam not measured yet');
    expect($page->text('h1'))->toBe('10 all the way.');
});

test('a card that was opened for a make goes back to the bench when the last point is typed', function (): void {
    $page = Page::newcomer('Morwenna');
    $document = ['sizes' => ['8', '10', '12'], 'body_chart' => ['waist' => ['66', '70', '74'], 'hip' => ['91', '95', '99']], 'garment' => 'skirt', 'seam' => ['waist_to_hip' => '20']];
    $begun = $page->ask('POST', '/api/begin', ['name' => 'Shore skirt', 'house' => '', 'unit' => 'cm', 'document' => $document, 'wearer' => 'Wenna', 'measured_in' => 'cm', 'readings' => ['waist' => '70']]);
    $make = $page->ask('GET', "/api/makes/{$begun['make_id']}");
    $page->go("/cards/{$make['card_id']}?for={$begun['make_id']}")->sees('Still for this make:');
    foreach (array_diff($make['needed_points'], ['waist']) as $point) {
        $typed = ['hip' => '95', 'height' => '168', 'waist_to_hip' => '20', 'waist_to_hem' => '60', 'thigh_level' => '90', 'tummy' => '85', 'waist_to_tummy' => '8'][$point];
        $page->find('.point-panel input');
        $page->driver->switchTo()->activeElement()->sendKeys($typed.Facebook\WebDriver\WebDriverKeys::ENTER);
        $page->until(fn (): bool => collect($page->ask('GET', "/api/cards/{$make['card_id']}")['measures'])->contains('point', $point), "{$point} is kept");
    }
    $page->find('.bench');
    expect($page->text('h1'))->toContain('10 all the way');
});

test('where there is no such page there is a door', function (): void {
    foreach (['/makes/9999', '/patterns/9999', '/wearers/9999', '/cards/9999', '/patterns/9999/company', '/wearers/9999/patterns'] as $path) {
        $page = ($page ?? Page::demo('/workroom'))->go($path)->sees('There is no such record of yours.');
        expect($page->text('h1'))->toBe('Not here');
    }
    $page->press('To the workroom')->sees('Makes under way');
});

test('a wearer whose sizes are hidden sees none on the bench, and a clip moves all the same', function (): void {
    $page = Page::demo('/wearers/5')->opensDoor('Name and settings');
    $page->find('#wearer-sizes')->click();
    $page->until(fn (): bool => $page->ask('GET', '/api/wearers/5')['sizes_hidden'] === true, 'it is kept');
    $page->go('/makes/5')->find('.tape .clip');
    $shown = fn (): string => implode(' ', $page->driver->executeScript('return [...document.querySelectorAll(".clip, .chart text, .garment text, .line-label, td.cut")].map((one) => one.textContent.trim())'));
    expect($shown())->toMatch('/^((\d+(st|nd|rd|th))|by hand ×|suggested:|neck, shoulders, armholes|\s)+$/')->and($page->text('h1'))->toContain('line from the inside');
    $clip = $page->find('.clip');
    $before = $clip->getText();
    $clip->sendKeys(Facebook\WebDriver\WebDriverKeys::ARROW_LEFT);
    $page->until(fn (): bool => $page->find('.clip')->getText() !== $before, 'the clip has moved');
    expect($page->find('.clip')->getAttribute('aria-valuetext'))->toMatch('/^size \d+(st|nd|rd|th)/');
    $page->go('/wearers/5')->opensDoor('Name and settings')->find('#wearer-sizes')->click();
    $page->until(fn (): bool => $page->ask('GET', '/api/wearers/5')['sizes_hidden'] === false, 'sizes are named again');
    expect($page->complaints())->toBe([]);
});
