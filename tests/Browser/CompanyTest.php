<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Chrome;
use Tests\Support\Page;

/** @return list<string> the wearers whose rows are shown, from the top */
function rowsOf(Page $page): array
{
    return $page->driver->executeScript('return [...document.querySelectorAll(".company tbody tr")].map((row) => row.dataset.wearer)');
}

test('a company is filtered, sorted and opened, each row as the bench says it', function (): void {
    $page = Page::demo('/patterns/1/company');
    // Rows arrive one after the other.
    $page->sees('all planned');
    $all = rowsOf($page);
    expect($page->text('h1'))->toContain('Causeway dress 114 for '.count($all));
    $page->press('outside the chart');
    $page->until(fn (): bool => count(rowsOf($page)) < count($all), 'some are left out');
    expect(rowsOf($page))->toContain('Idony Fenwharf');
    $page->press('all');
    $page->findByPath("//th[@aria-sort]/button[starts-with(normalize-space(), 'waist')]")->click();
    $page->until(fn (): bool => rowsOf($page) !== $all, 'the rows are sorted');
    $sizes = $page->driver->executeScript('return [...document.querySelectorAll(".company tbody tr")].map((row) => row.children[2].textContent.trim()).filter((size) => /^\d+$/.test(size)).map(Number)');
    $sorted = $sizes;
    sort($sorted);
    expect($sizes)->toBe($sorted)->and($page->accessibilityFaults())->toBe([]);
    // One is chosen otherwise: only that row changes, and the sheet keeps it.
    $row = fn (): string => $page->text('[data-wearer="Hedra Pasco"]');
    $before = $row();
    $page->find('[aria-label="Choose otherwise: Hedra Pasco"]')->click();
    $option = "//div[@role='group'][@aria-label='Choices for Hedra Pasco']//option[normalize-space()='one size']";
    $page->until(fn (): bool => $page->driver->findElements(WebDriverBy::xpath($option)) !== [], 'her choices are open');
    $page->findByPath($option)->click();
    $page->until(fn (): bool => $row() !== $before, 'the row is planned anew');
    expect($row())->toContain('one size');
    $page->go('/patterns/1/company')->find('.sums');
    expect($row())->toContain('one size');
    $page->findByPath("//tr[@data-wearer='Hedra Pasco']//button[contains(., 'Begin')]")->click();
    $page->find('.bench');
    expect($page->text('h1'))->toContain('all the way')->and($page->complaints())->toBe([]);
    // Now the row tells her make, which is changed on its bench. As it was, for the others: it goes, and so does the exception.
    $made = preg_replace('/\D/', '', (string) parse_url($page->driver->getCurrentURL(), PHP_URL_PATH));
    $page->go('/patterns/1/company')->find('.sums');
    $page->find("[data-wearer='Hedra Pasco'] a[href='/makes/{$made}']");
    expect($page->driver->findElements(WebDriverBy::cssSelector('[aria-label="Change: Hedra Pasco"]')))->toBe([]);
    $page->ask('DELETE', "/api/makes/{$made}", ['version' => $page->ask('GET', "/api/makes/{$made}/bench")['make']['version']]);
    $page->go('/patterns/1/company')->find('.sums');
    $page->find('[aria-label="Change: Hedra Pasco"]')->click();
    $page->press('all as for all')->until(fn (): bool => ! str_contains($row(), 'one size for all'), 'the exception is gone');
    $page->emptyBin();
});

test('all makes are begun with one press, and undone with one more', function (): void {
    $page = Page::demo('/patterns/2/company');
    // Rows arrive one after the other: those of makes that are there already are to be counted whole.
    $page->sees('11 planned, 1 waiting');
    $open = fn (): int => count($page->driver->findElements(WebDriverBy::xpath("//td[contains(@class, 'make')]/a")));
    $before = $open();
    $page->findByPath("//button[starts-with(normalize-space(), 'Begin the makes')]")->click();
    $page->sees('makes are begun.');
    $page->until(fn (): bool => $open() > $before, 'there are more makes');
    $page->press('Undo')->until(fn (): bool => $open() === $before, 'they are put away again');
    expect($page->emptyBin()->complaints())->toBe([]);
});

test('which pattern: ranked with its reasons, and begun from there', function (): void {
    $page = Page::demo('/wearers/2/patterns');
    $page->find('.ranked li');
    expect($page->text('h1'))->toContain('Least work for')
        ->and($page->text('[data-pattern="Causeway dress 114"]'))->toContain('To get: 16-22')
        ->and($page->accessibilityFaults())->toBe([]);
    // The bench says what the row said.
    $says = $page->text('[data-pattern="Ebb-tide jersey"] .says');
    $page->findByPath("//li[@data-pattern='Ebb-tide jersey']//button[contains(., 'Begin')]")->click();
    $page->find('.tape .clip');
    expect($page->text('h1'))->toStartWith(rtrim($says, '.'))->and($page->complaints())->toBe([]);
});

test('two makes side by side say where they differ, and one of them is kept', function (): void {
    $page = Page::demo('/compare?makes=1,2');
    $page->find('.compare svg');
    expect($page->text('h1'))->toStartWith('They differ in ')
        ->and($page->text('tr.differs'))->toContain('wearer')
        ->and($page->accessibilityFaults())->toBe([]);
    $page->findByPath("(//button[starts-with(normalize-space(), 'Keep this one')])[1]")->click();
    $page->sees('The other is in the bin.');
    $page->press('Undo')->until(fn (): bool => str_contains($page->driver->getCurrentURL(), 'makes=1,2'), 'both are there again');
    $page->find('.compare svg');
    expect($page->complaints())->toBe([]);
});

test('what if: a measure is moved, what flips is said, and leaving leaves no trace', function (): void {
    $page = Page::demo('/makes/1');
    $page->find('.tape .clip');
    $headline = $page->text('h1');
    $focused = fn (): string => (string) $page->driver->executeScript('return document.activeElement.ariaLabel ?? document.activeElement.textContent.trim()');
    $page->press('What if…')->until(fn (): bool => $focused() === 'High bust, cm', 'the first measure has the focus');
    for ($press = 0; $press < 8; $press++) {
        $page->find('[aria-label="Waist 0.5 cm more"]')->click();
    }
    $page->sees('The waist is cut in');
    $page->until(fn (): bool => $page->text('h1') !== $headline, 'the bench shows it');
    expect($page->accessibilityFaults())->toBe([]);
    $page->press('Leave it')->until(fn (): bool => $focused() === 'What if…', 'the focus is where it came from')->until(fn (): bool => $page->text('h1') === $headline, 'it is as it was');
    $page->go('/makes/1')->find('.tape .clip');
    expect($page->text('h1'))->toBe($headline)->and($page->complaints())->toBe([]);
});

test('on paper the names of the columns stand on every page, and no menu does', function (): void {
    $page = Page::demo('/patterns/1/company');
    $page->find('.sums');
    // So many that they fill more than a page.
    $page->driver->executeScript('const rows = document.querySelector("table.company tbody"); [...rows.children, ...rows.children, ...rows.children].forEach((row) => rows.append(row.cloneNode(true)))');
    $printed = (string) tempnam(sys_get_temp_dir(), 'company');
    file_put_contents($printed, base64_decode((string) Chrome::devTools('Page.printToPDF', ['paperWidth' => 8.27, 'paperHeight' => 11.69])['data']));
    $pages = explode("\f", trim((string) shell_exec('pdftotext -layout '.escapeshellarg($printed).' -'), "\f"));
    unlink($printed);
    $withRows = array_filter($pages, static fn (string $text): bool => substr_count($text, 'Merrin Tolvane') > 0);
    expect(count($withRows))->toBeGreaterThan(1);
    foreach ($withRows as $text) {
        expect((string) preg_replace('/\s+/', ' ', $text))->toContain('bust waist hip')->not->toContain('⋯');
    }
});
