<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Page;

/** Clicks a place of the drawing, in its millimetres, as a hand would. */
function clickAt(Page $page, float $x, float $y): void
{
    $svg = $page->find('.nest-canvas svg');
    $off = $page->driver->executeScript(<<<'JS'
        const svg = document.querySelector('.nest-canvas svg');
        const at = new DOMPoint(arguments[0], arguments[1]).matrixTransform(svg.getScreenCTM());
        const box = svg.getBoundingClientRect();
        return [at.x - box.x - box.width / 2, at.y - box.y - box.height / 2];
        JS, [$x, $y]);
    $page->driver->action()->moveToElement($svg, (int) round($off[0]), (int) round($off[1]))->click()->perform();
}

test('a drawing is brought, marked with four clicks, and the make has its line on it', function (): void {
    $page = Page::demo('/patterns/8/nest')->sees('Bring the drawing of the front');
    expect($page->accessibilityFaults())->toBe([]);
    $page->find('.empty input')->sendKeys(realpath(__DIR__.'/../../database/demo/nests/causeway-front.svg'));
    $page->sees('Height of the waist: Is missing')->find('.sizes button.named');

    // A click near a corner is the corner; each leads on to the next.
    $page->press('○ Underarm end of the side seam')->sees('Click where the side seam meets the armhole.');
    clickAt($page, 279.0, 203.0);
    $page->sees('Click where the side seam meets the hem.');
    clickAt($page, 316.0, 1041.0);
    $page->sees('Click anywhere at the height of the waist.');
    clickAt($page, 100.0, 405.0);
    $page->sees('Click anywhere at the height of the hip.');
    clickAt($page, 100.0, 605.0);
    $page->sees('Ready: every make on this pattern has its line.');
    $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('circle.end.own'))) === 2, 'two ends are marked');
    expect(count($page->driver->findElements(WebDriverBy::cssSelector('circle.end'))))->toBeGreaterThan(10);
    $page->press('Undo')->sees('Height of the hip: Is missing')->press('Redo')->sees('Ready: every make on this pattern');
    expect($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});

test('on paper both pieces stand on the first page', function (): void {
    $page = Page::demo('/makes/2/nest')->sees('Front and back go together');
    file_put_contents($file = tempnam(sys_get_temp_dir(), 'nest'), $page->printed());
    $pages = (string) shell_exec('pdfinfo '.escapeshellarg($file));
    unlink($file);
    expect($pages)->toMatch('/^Pages:\s+1$/m');
});

test('a make shows its line on both pieces, and goes on to paper and projector', function (): void {
    $page = Page::demo('/makes/2/nest')->sees('Front and back go together');
    expect(count($page->driver->findElements(WebDriverBy::cssSelector('path.seam'))))->toBe(2);
    $fetched = $page->driver->executeAsyncScript(<<<'JS'
        const done = arguments[0];
        // One after the other, as a hand does: heavy work at once is refused, and a slow machine meets that.
        [...document.querySelectorAll('.out a[href^="/api"]')]
            .reduce(async (before, link) => [...(await before), (await fetch(link.href)).status], Promise.resolve([]))
            .then(done, (error) => done(String(error)));
        JS);
    expect($fetched)->toBe(array_fill(0, 6, 200))->and($page->accessibilityFaults())->toBe([]);
    // The line follows a clip, and comes back with it.
    $seam = fn (): string => (string) $page->find('path.seam')->getAttribute('d');
    $before = $seam();
    $page->find('.clip[data-level="hip"]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $page->until(fn (): bool => $seam() !== $before, 'the line follows');
    expect($page->text('h1'))->toContain('14, 18, 16');
    $page->press('Undo')->until(fn (): bool => $seam() === $before, 'the line is back');
    $page->driver->findElements(WebDriverBy::linkText('Projector'))[1]->click();
    $page->find('.mat-rules');
    $page->until(fn (): bool => str_contains($page->text('h1'), 'front'), 'the front is thrown');
    expect($page->complaints())->toBe([]);
});
