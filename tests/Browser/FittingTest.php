<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Page;

test('what is found goes into the next tracing, is in the plan at once, closes when it was tried, and is stepped back from', function (): void {
    $page = Page::demo('/makes/16/fitting')->sees('Tracing 1');
    $page->type('How much', '0,5')->type('What you saw, one sentence', 'It gapes.')->press('Into tracing 2');
    $page->sees('Take in 0.5 cm an edge at the waist, front and back')->sees('One adjustment at a time');
    expect($page->text('h1'))->toContain('the waist taken in 2 cm');
    $page->press('Tried on')->sees('in hand, tried on')->sees('closed');
    $page->answer('At the', 'armhole')->answer('what to do', 'raise')->type('How much', 'a lot')->press('Into tracing 3')->sees('is not a figure');
    $page->type('How much', '1')->press('Into tracing 3')->sees('Raise the armhole by 1 cm');
    // A make is sat down in before the next: the sheet has it too.
    $page->press('Step back to 1')->sees('stepped back from');
    expect($page->text('h1'))->not->toContain('the waist taken in 2 cm');
    $page->press('Undo')->sees('Tracing 3 in hand');
    expect($page->accessibilityFaults())->toBe([]);
    $page->go('/makes/16/cut-sheet')->sees('Tracing 3: Raise the armhole by 1 cm, front and back.');
});

test('an answer and a line of one\'s own become findings with one press', function (): void {
    $page = Page::demo('/makes/19/fitting')->sees('Try it');
    $page->driver->findElements(WebDriverBy::cssSelector('.trial li:first-child input'))[1]->click();
    $page->press('record what to do');
    $page->until(fn (): bool => $page->find('.finding-form select')->getAttribute('value') === 'side_seam', 'the finding is begun');
    $page->press('+ back width')->sees('measure both');
    $page->find('[aria-label="back width, on you"]')->sendKeys('36')->sendKeys("\t");
    $page->find('[aria-label="back width, on the paper"]')->sendKeys('34,5')->sendKeys("\t");
    $page->sees('too small there')->press('note it as a change');
    $page->until(fn (): bool => $page->find('.finding-form select')->getAttribute('value') === 'back', 'the finding is begun');
    $page->press('Into tracing 2')->sees('in hand')->sees('at the back');
    expect($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});

test('wearing is judged, the history shows it, and the next make is offered what it taught', function (): void {
    $page = Page::demo('/makes/13/fitting')->sees('Once it was worn');
    $page->find('.verdict input[value="right"]')->click();
    $page->press('Keep the verdict')->sees('with the ease as cut of that day');
    $page->go('/makes/13')->sees('Name, copy…')->press('Name, copy…')->press('Again, with what was learned')->sees('From earlier makes');
    $page->sees('was right.');
    $page->find('.offers .link')->click();
    $page->sees('taken');
    $page->go('/wearers/9/history')->sees('What was made, and how it wore')->sees('✓ right');
    expect($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});

test('the cloth of a make is told, and what is at hand is ticked', function (): void {
    $page = Page::demo('/makes/18/cloth')->sees('To have before you cut');
    $page->answer('kind of cloth', 'knit')->sees('this is a knit');
    $before = $page->text('h1');
    $page->find('.buy input')->click();
    $page->until(fn (): bool => $page->text('h1') !== $before, 'one thing less is to buy');
    expect($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});

test('a make is named, and called so everywhere', function (): void {
    $page = Page::demo('/makes/19')->press('Rename, copy…')->type('Name of this make', 'Storm shirt')->press('Keep');
    $page->sees('Storm shirt')->go('/wearers/8/history')->sees('Storm shirt');
    $page->go('/makes/19/fitting')->sees('Hedra Pasco · Storm shirt');
    expect($page->complaints())->toBe([]);
});
