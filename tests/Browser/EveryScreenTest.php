<?php

declare(strict_types=1);

use Tests\Support\Chrome;
use Tests\Support\Page;

/** Every screen there is, with what shows that it has come. */
const SCREENS = [
    '/workroom' => '.makes .make-row', '/cards/3' => '.point-list .measure', '/wearers/2' => '.wearer-page', '/practice?exercise=read_it' => '.question',
    '/patterns/1' => '.chart-grid .computed', '/patterns/4' => '.chart-grid .computed', '/patterns/1/nest' => '.nest-canvas circle', '/makes/1' => '.stations tbody tr', '/makes/2' => '.own-lines',
    '/makes/3' => '.stations tbody tr', '/makes/4' => '.plan', '/makes/5' => '.plan', '/makes/7' => '.stations tbody tr', '/makes/2/nest' => '.pieces .seam',
    '/makes/2/cut-sheet' => '.cut-steps', '/makes/3/cut-sheet' => '.cut-steps', '/makes/4/cut-sheet' => '.cut-steps', '/makes/7/cut-sheet' => '.cut-steps', '/makes/2/files' => '.files .rows li', '/makes/17/fitting' => '.tracings',
    '/practice' => '.exercises button', '/makes/18/cloth' => '.buy', '/account' => 'form', '/bin' => 'h1', '/patterns/1/company' => '.sums', '/wearers/2/patterns' => '.ranked li', '/compare?makes=2,4' => '.compare svg',
];

/** What the automatic look asks where only the places of things are others. */
const LAID_OTHERWISE = ['target-size', 'scrollable-region-focusable'];

/** With what the automatic look asks there, all where nothing is named: what lies where matters at each. 640 is a window of 1280 at 200 %. */
const WIDTHS = [1280 => [], 1920 => ['target-size'], 820 => [], 640 => LAID_OTHERWISE, 390 => []];

/** What is smaller than it should be; links that stand in a sentence have the height of its lines. */
const SMALL_TARGETS = <<<'JS'
    const large = '.clip, .cut-steps label, .stages label, .point-list button, .point-panel input';
    const all = [...document.querySelectorAll('a, button, input, select, textarea, summary, [role=slider]')];
    return all.flatMap((one) => {
        if (one.matches(large)) one.scrollIntoView({ block: 'center' });
        const pressed = one.closest('label') ?? one;
        const { width, height, left, top } = pressed.getBoundingClientRect();
        if (width <= 1 || height <= 1 || one.matches('p a, li a:not(.rows a), th a, small a, .details *, [type=file]')) return [];
        const least = one.matches(large) ? 44 : 24;
        const reach = (x, y) => document.elementFromPoint(left + width / 2 + x, top + height / 2 + y);
        const isReached = least === 44 && [-21, 21].every((y) => reach(0, y) === one || reach(0, y)?.closest('.tape'));
        return (width >= least || isReached) && (height >= least || isReached) ? [] : [`too small: ${one.outerHTML.slice(0, 90)} ${Math.round(width)} x ${Math.round(height)}`];
    });
    JS;

const SIDEWAYS = <<<'JS'
    const over = document.documentElement.scrollWidth - document.documentElement.clientWidth;
    return over > 0 ? [`runs out sideways by ${over}`] : [];
    JS;

function light(string $scheme, string $media = ''): void
{
    Chrome::devTools('Emulation.setEmulatedMedia', ['media' => $media, 'features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]]]);
}

/**
 * What is wrong with an open page at a width.
 *
 * @param  list<string>  $rules  of the automatic look; all where none are named
 * @return list<string>
 */
function faultsAt(Page $page, int $width, array $rules): array
{
    Chrome::size($width, 900);

    return [...$page->atRest()->driver->executeScript(SIDEWAYS), ...$page->textFaults(), ...$page->accessibilityFaults($rules)];
}

// Each screen is loaded once, and looked at from the widest window to the narrowest: who turns a tablet does likewise.
test('no screen keeps anyone out, runs out sideways, or has a text on another or cut off, the whole page down', function (): void {
    $page = Page::demo('/icon.svg');
    light('light');
    $faults = $titles = [];
    foreach (SCREENS as $path => $shown) {
        Chrome::size(1280, 900);
        $page->go($path)->find($shown);
        $page->until(fn (): bool => $page->driver->getTitle() !== 'Underbolt', 'the window is named');
        $titles[] = $page->driver->getTitle();
        if ($page->driver->executeScript('return document.querySelectorAll("h1").length') !== 1) {
            $faults["{$path} headings"] = ['not one heading'];
        }
        foreach (WIDTHS as $width => $rules) {
            $faults["{$path} {$width}"] = faultsAt($page, $width, $rules);
            if ($rules === []) {
                light('dark');
                array_push($faults["{$path} {$width}"], ...$page->accessibilityFaults(['color-contrast']));
                light('light');
                array_push($faults["{$path} {$width}"], ...$page->driver->executeScript(SMALL_TARGETS));
            }
        }
        // 718 pixels are what lies between the margins of an A4 page.
        Chrome::size(718, 900);
        light('light', 'print');
        $faults["{$path} on paper"] = $page->atRest()->textFaults();
        light('light');
    }
    Chrome::devTools('Emulation.setEmulatedMedia', ['media' => '', 'features' => []]);
    expect(array_filter($faults))->toBe([])->and(array_diff_key($titles, array_unique($titles)))->toBe([]);
});

test('the door keeps nobody out either', function (): void {
    $page = Page::open('/');
    $page->find('.door form');
    expect($page->accessibilityFaults())->toBe([]);
    $page->press('Open the demo workroom')->sees('Makes under way');
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
