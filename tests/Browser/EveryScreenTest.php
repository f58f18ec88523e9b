<?php

declare(strict_types=1);

use Tests\Support\Chrome;
use Tests\Support\Page;

/** Every screen there is, with what shows that it has come. */
const SCREENS = [
    '/workroom' => '.makes .rows li', '/cards/3' => '.point-list .measure', '/wearers/2' => '.wearer-page', '/wearers/1/history' => '.scroller tbody tr',
    '/patterns/1' => '.sheet .computed', '/patterns/1/nest' => '.nest-canvas circle', '/makes/2' => '.own-lines', '/makes/7' => '.stations tbody tr',
    '/makes/2/nest' => '.pieces .seam', '/makes/2/sheet' => '.sheet-steps', '/makes/2/files' => '.files .rows li', '/makes/17/fitting' => '.tracings',
    '/makes/18/cloth' => '.buy', '/account' => 'form', '/bin' => 'h1', '/patterns/1/company' => '.sums', '/wearers/2/patterns' => '.ranked li', '/compare?makes=2,4' => '.compare svg',
];

test('no screen keeps anyone out or runs out sideways, whatever the width and the light', function (int $width, string $scheme): void {
    Chrome::driver();
    Chrome::devTools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]]]);
    $page = Page::demo('/workroom');
    Chrome::size($width, 900);
    $faults = $titles = [];
    foreach (SCREENS as $path => $shown) {
        $page->go($path)->find($shown);
        $page->until(fn (): bool => $page->driver->getTitle() !== 'Underbolt', 'the window is named');
        $titles[] = $page->driver->getTitle();
        [$over, $headings] = $page->driver->executeScript(
            'return [document.documentElement.scrollWidth - document.documentElement.clientWidth, document.querySelectorAll("h1").length]',
        );
        $faults[$path] = [...$page->accessibilityFaults(), ...($over > 0 ? ["runs out sideways by {$over}"] : []), ...($headings === 1 ? [] : ["{$headings} headings"])];
    }
    Chrome::devTools('Emulation.setEmulatedMedia', ['features' => []]);
    expect(array_filter($faults))->toBe([])->and(array_unique($titles))->toHaveCount(count($titles));
})->with([[390, 'light'], [390, 'dark'], [820, 'light'], [820, 'dark'], [1280, 'light'], [1280, 'dark'], [1920, 'light'], [1920, 'dark'],
    // A window of 1280 at 200 %.
    'magnified' => [640, 'light'],
]);

/** What is smaller than it should be; links that stand in a sentence have the height of its lines. */
const SMALL_TARGETS = <<<'JS'
    const large = '.clip, .sheet-steps label, .stages label, .point-list button, .point-panel input';
    const all = [...document.querySelectorAll('a, button, input, select, textarea, summary, [role=slider]')];
    return all.flatMap((one) => {
        if (one.matches(large)) one.scrollIntoView({ block: 'center' });
        const pressed = one.closest('label') ?? one;
        const { width, height, left, top } = pressed.getBoundingClientRect();
        if (width <= 1 || height <= 1 || one.matches('p a, li a:not(.rows a), th a, small a, .details *, [type=file]')) return [];
        const least = one.matches(large) ? 44 : 24;
        const reach = (x, y) => document.elementFromPoint(left + width / 2 + x, top + height / 2 + y);
        const isReached = least === 44 && [-21, 21].every((y) => reach(0, y) === one || reach(0, y)?.closest('.tape'));
        return (width >= least || isReached) && (height >= least || isReached) ? [] : [`${one.outerHTML.slice(0, 90)} ${Math.round(width)} x ${Math.round(height)}`];
    });
    JS;

test('whatever is pressed is large enough for a finger', function (int $width): void {
    $page = Page::demo('/workroom');
    Chrome::size($width, 900);
    $small = [];
    foreach (SCREENS as $path => $shown) {
        $page->go($path)->find($shown);
        $small[$path] = $page->driver->executeScript(SMALL_TARGETS);
    }
    expect(array_filter($small))->toBe([]);
})->with([390, 1280]);

test('the door keeps nobody out either', function (): void {
    $page = Page::open('/');
    $page->find('.door form');
    expect($page->accessibilityFaults())->toBe([]);
});

test('another page takes the focus to its heading, and a change on the bench is heard', function (): void {
    $page = Page::demo('/makes/1')->sees('12 all the way.');
    $focused = fn (): string => (string) $page->driver->executeScript('return document.activeElement.tagName');
    expect($focused())->toBe('BODY');
    $page->press('Cut sheet')->find('.cut-sheet');
    $page->until(fn (): bool => $focused() === 'H1', 'the heading has the focus');
    $page->press('Bench')->sees('Before you cut');
    $page->find('.clip[data-level="hip"]')->sendKeys(Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
    $heard = fn (): string => (string) $page->driver->executeScript('return document.querySelector("[aria-live=polite]").textContent');
    $page->until(fn (): bool => str_starts_with($heard(), 'hip 14, finished '), 'the change is heard');
    expect($heard())->toMatch('/^hip 14, finished [\d.]+ cm, [\d.]+ cm ease; \w+ cautions?\.$/')
        // The hand stays where it was.
        ->and($page->driver->executeScript('return document.activeElement.className'))->toContain('clip');
});
