<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Page;

function demoWearer(string $name): Page
{
    $page = Page::demo('/workroom')->sees('Makes under way');
    $page->driver->executeScript(
        '[...document.querySelectorAll("section[aria-labelledby=wearers-title] .shelf a")].find((a) => a.textContent.includes(arguments[0])).click()',
        [$name],
    );
    $page->find('.wearer-page');

    return $page;
}

test('a card file is shown before anything is written, faults by their line', function (): void {
    $page = demoWearer('Ossian Quill')->opensDoor('Cards as files');
    $folder = sys_get_temp_dir();
    file_put_contents("{$folder}/underbolt-cards.csv", "point,value,unit,date\nwaist,41,in,2026-06-01\nelbow,12,in,2026-06-01\n");
    $page->find('#card-file')->sendKeys("{$folder}/underbolt-cards.csv");
    $page->sees('line 3')->sees('is no point known here');
    expect($page->text('.card-files'))->not->toContain('Write');

    file_put_contents("{$folder}/underbolt-cards.csv", "point,value,unit,date,foundation\nwaist,41,in,2026-06-01,vest\n");
    $page->find('#card-file')->sendKeys("{$folder}/underbolt-cards.csv");
    $page->press('Write 1 reading')->sees('Written: 1 reading.')->sees('1 Jun 2026');
    unlink("{$folder}/underbolt-cards.csv");
    $page->find('.wearer-stand polyline');
    expect($page->accessibilityFaults())->toBe([]);
});

test('a wearer who is put away is out of the list, and undo brings the wearer back', function (): void {
    $page = demoWearer('Idony Fenwharf')->opensDoor('Name and settings')->press('Put away')->sees('Every card is kept');
    $page->press('Undo');
    $page->until(fn (): bool => ! str_contains($page->text('body'), 'Every card is kept'), 'the wearer is back');
    $page->press('Put away')->sees('Every card is kept')->press('Workroom')->sees('1 put away');
    $listed = fn (): string => (string) $page->driver->executeScript(
        'return [...document.querySelectorAll("section[aria-labelledby=wearers-title] > .shelf li")].map((row) => row.textContent).join()',
    );
    expect($listed())->not->toContain('Idony Fenwharf');
});

test('a card is deleted and brought back', function (): void {
    $page = demoWearer('Bettrys Calloway-Pike');
    $cards = fn (): int => count($page->driver->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('.wearer-page .rows li')));
    $page->until(fn (): bool => $cards() === 2, 'both cards are listed');
    $page->find('[aria-label^="Delete the card"]')->click();
    // A second press of the same key keeps it.
    $page->until(static fn (): bool => $page->driver->switchTo()->activeElement()->getText() === 'Keep', 'the hands land on Keep');
    $page->press('Into the bin');
    $page->sees('is in the bin')->until(fn (): bool => $cards() === 1, 'one is gone');
    $page->press('Undo')->until(fn (): bool => $cards() === 2, 'it is back');
    expect($page->text('.wearer-stand'))->toContain('84.5 cm')->toContain('+1.5 cm since '.CarbonImmutable::today()->subDays(231)->format('j M Y'));
});

test('a wearer is deleted after being told what goes, and comes back from the bin with all of it', function (): void {
    $page = demoWearer('Bettrys Calloway-Pike')->opensDoor('Name and settings');
    $page->find('[aria-label="Delete Bettrys Calloway-Pike"]')->click();
    $page->sees('goes into the bin with 2 cards and')->press('Keep')->find('[aria-label="Delete Bettrys Calloway-Pike"]')->click();
    $page->press('Into the bin')->sees('Makes under way')->sees('Bettrys Calloway-Pike is in the bin, with 2 cards and');
    expect($page->text('.makes'))->not->toContain('Bettrys');
    $page->press('Bin')->sees('30 days left');
    expect($page->accessibilityFaults())->toBe([]);
    $page->press('Bring back')->sees('Bettrys Calloway-Pike is back.')->sees('The bin is empty.');
    $page->press('Workroom')->sees('Makes under way');
    expect($page->text('.makes'))->toContain('Bettrys');
});

test('notes from another tab stay when a name is typed here', function (): void {
    $page = Page::demo('/workroom')->sees('Makes under way');
    $page->driver->get((string) preg_replace('#/workroom.*#', '', $page->driver->getCurrentURL()).'/wearers/2');
    $page->opensDoor('Name and settings')->find('#wearer-notes');
    $wearer = $page->ask('GET', '/api/wearers/2');
    $kept = array_intersect_key($wearer, array_flip(['name', 'unit', 'archived', 'version', 'sizes_hidden']));
    $page->ask('PATCH', '/api/wearers/2', [...$kept, 'agreed' => $wearer['agreed_on'] !== null, 'notes' => 'Left shoulder lower.']);
    $page->type('Name', 'Bettrys C.')->until(
        fn (): bool => $page->find('#wearer-notes')->getAttribute('value') === 'Left shoulder lower.',
        'the other change is here',
    );
    expect($page->field('Name')->getAttribute('value'))->toBe('Bettrys C.');
});

test('a garment that fits is typed cell by cell, kept with its room, refused at its cell, and put back after it was taken out', function (): void {
    $page = Page::demo('/wearers/1')->sees('Garments that fit');
    $cell = fn (string $label) => $page->find("[aria-label=\"{$label}\"]");
    $cell('garment 1, its name')->sendKeys('blue linen dress'.WebDriverKeys::TAB);
    $cell('blue linen dress, flat across the waist')->sendKeys('wide'.WebDriverKeys::TAB);
    $page->sees('"wide" is not a figure');
    $cell('blue linen dress, flat across the waist')->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'44'.WebDriverKeys::TAB);
    $page->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.wardrobe .room')) !== [], 'the room is told');
    expect($page->text('.wardrobe .room'))->toContain('room');
    $cell('Take out blue linen dress')->click();
    $page->sees('blue linen dress is out.')->press('Put it back');
    $page->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.wardrobe .room')) !== [], 'it is back');
    $page->go('/wearers/1')->sees('Garments that fit');
    $page->until(fn (): bool => $cell('blue linen dress, flat across the waist')->getAttribute('value') === '44 cm', 'it is kept with its unit');
    $cell('Take out blue linen dress')->click();
    $page->sees('blue linen dress is out.');
    $page->until(fn (): bool => (int) $page->driver->executeAsyncScript('const done = arguments[0]; fetch("/api/wearers/1").then((r) => r.json()).then((w) => done((w.wardrobe.garments ?? []).length))') === 0, 'it is gone there too');
    expect($page->accessibilityFaults())->toBe([]);
});
