<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chrome;
use Tests\Support\Page;

/** What has the focus: its label or its words, and what it is. */
function focused(Page $page): string
{
    return (string) $page->driver->executeScript(<<<'JS'
        const at = document.activeElement;
        const words = at.labels?.[0]?.textContent ?? at.getAttribute('aria-label') ?? at.textContent;
        return `${at.tagName} ${at === document.body ? '' : words.trim().replace(/\s+/g, ' ')}`.trim();
        JS);
}

function keys(Page $page, string ...$keys): void
{
    $page->driver->switchTo()->activeElement()->sendKeys($keys);
}

/** Tabs on, or back, until what is named has the focus; it has to be within reach. */
function tabTo(Page $page, string $named, bool $back = false): void
{
    for ($pressed = 0; $pressed < 60; $pressed++) {
        if (str_ends_with(focused($page), " {$named}") || focused($page) === $named) {
            return;
        }
        $back ? $page->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->sendKeys(null, WebDriverKeys::TAB)->keyUp(null, WebDriverKeys::SHIFT)->perform() : keys($page, WebDriverKeys::TAB);
    }
    expect(focused($page))->toContain($named);
}

test('from registering to the cut sheet by the keys alone', function (): void {
    $page = Page::open('/');
    $page->find('.door form');
    tabTo($page, 'I am new here');
    keys($page, WebDriverKeys::ENTER);
    $page->until(fn (): bool => focused($page) === 'INPUT Name', 'the first field has the focus');
    keys($page, 'Tegen');
    tabTo($page, 'E-mail');
    keys($page, 'tegen'.bin2hex(random_bytes(4)).'@tideroom.example');
    tabTo($page, 'Password');
    keys($page, 'short', WebDriverKeys::ENTER);
    $page->sees('That is too short')->until(fn (): bool => focused($page) === 'INPUT Password', 'the fault has the focus');
    keys($page, WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'a lantern on the quay', WebDriverKeys::ENTER);
    $page->until(fn (): bool => focused($page) === 'TEXTAREA Paste it here, from a web page, a spreadsheet, a PDF', 'the box for the chart has the focus');

    tabTo($page, 'New wearer');
    keys($page, 'Demelza', WebDriverKeys::ENTER);
    $figures = ['Full bust' => '92', 'Waist' => '74', 'Hip' => '98,5', 'High bust' => '88'];
    $page->find('.point-list');
    for ($point = 0; $point < 40; $point++) {
        $page->until(fn (): bool => preg_match('/^(INPUT|BUTTON) ./', focused($page)) === 1, 'a point has the focus');
        if (str_starts_with(focused($page), 'BUTTON')) {
            break;
        }
        $label = preg_replace('/^INPUT |, (cm|in)$/', '', focused($page));
        keys($page, $figures[$label] ?? '', WebDriverKeys::ENTER);
        $page->until(fn (): bool => ! str_contains(focused($page), "{$label}, "), 'the next point has the focus');
    }
    expect(focused($page))->toBe('BUTTON Back to the workroom');
    keys($page, WebDriverKeys::ENTER);
    $page->until(fn (): bool => focused($page) === 'H1 Makes under way', 'the workroom has the focus');

    tabTo($page, 'Put a pattern in');
    keys($page, WebDriverKeys::ENTER);
    $page->until(fn (): bool => focused($page) === 'INPUT Pattern', 'its name has the focus');
    keys($page, 'Slipway dress');
    $page->paste('#paste-chart', "Size 8 10 12 14 16\nBust 84 88 92 96 100\nWaist 66 70 74 78 82\nHip 91 95 99 103 107\nFinished Bust 92 96 100 104 108\nFinished Waist 71 75 79 83 87\nFinished Hip 98 102 106 110 114");
    $page->sees('5 sizes, 30 figures');
    tabTo($page, 'Put into the chart');
    keys($page, WebDriverKeys::ENTER);
    $page->until(fn (): bool => str_starts_with($page->text('.state'), 'Kept'), 'it is kept');
    expect(focused($page))->toStartWith('INPUT ');
    tabTo($page, 'A Workroom', back: true);
    keys($page, WebDriverKeys::ENTER);
    $page->until(fn (): bool => focused($page) === 'H1 Makes under way', 'the workroom has the focus');

    // There is one wearer and one pattern: both are chosen already.
    tabTo($page, 'To the bench');
    keys($page, WebDriverKeys::ENTER);
    $page->until(fn (): bool => focused($page) === 'H1 12 all the way.', 'the bench has the focus');
    tabTo($page, 'waist size');
    keys($page, WebDriverKeys::ARROW_RIGHT);
    $page->sees('14 at the waist');
    expect(focused($page))->toBe('DIV waist size');
    tabTo($page, 'Cut sheet', back: true);
    keys($page, WebDriverKeys::ENTER);
    $page->until(fn (): bool => str_starts_with(focused($page), 'H1 ') && str_contains($page->driver->getCurrentURL(), '/cut-sheet'), 'the sheet has the focus');
});

const FIRST_CHART = "Size\t8\t10\t12\t14\nBust\t84\t88\t92\t96\nWaist\t66\t70\t74\t78\nHip\t91\t95\t99\t103";

/** Where each thing that was done is written down with its second: `3.2 s  Bust 88`. */
final class Filmed
{
    /** @var list<string> */
    public array $done = [];

    private float $began;

    public function __construct()
    {
        $this->began = microtime(true);
    }

    public function did(string $what, callable $how): void
    {
        $how();
        $this->done[] = sprintf('%.1f s  %s', microtime(true) - $this->began, $what);
    }
}

test('the first ten minutes by keys alone: a chart in the clipboard, four fields, a line, its sheet', function (): void {
    $page = Page::newcomer('Lamorna');
    $page->until(fn (): bool => str_starts_with(focused($page), 'TEXTAREA'), 'the box for the chart has the focus');
    $film = new Filmed;
    $film->did('paste the chart', function () use ($page): void {
        $page->driver->executeScript('const data = new DataTransfer(); data.setData("text/plain", arguments[0]); document.activeElement.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }))', [FIRST_CHART]);
        $page->find('.preview');
        expect($page->driver->executeScript('return document.activeElement.closest(".preview") !== null'))->toBeTrue();
    });
    $film->did('put it in', function () use ($page): void {
        tabTo($page, 'Put into the chart');
        keys($page, WebDriverKeys::ENTER);
        $page->sees('8 to 14, 4 sizes, in cm.');
    });
    foreach (['Whose measures' => 'Wenna', 'Bust, cm' => '88', 'Waist, cm' => '74', 'Hip, cm' => '96'] as $label => $typed) {
        $film->did("{$label} {$typed}", function () use ($page, $label, $typed): void {
            tabTo($page, $label);
            keys($page, $typed);
        });
    }
    $film->did('to the bench', function () use ($page): void {
        keys($page, WebDriverKeys::ENTER);
        $page->sees('the line to cut');
    });
    $film->did('another size at the waist', function () use ($page): void {
        tabTo($page, 'waist size');
        keys($page, WebDriverKeys::ARROW_LEFT);
        $page->sees('by hand');
    });
    $film->did('the cut sheet', function () use ($page): void {
        tabTo($page, 'Cut sheet', back: true);
        keys($page, WebDriverKeys::ENTER);
        $page->find('.cut-sheet h1');
    });
    expect(count($film->done))->toBeLessThanOrEqual(13, implode("\n", $film->done))->and($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});

test('the first ten minutes on a phone: the same things, and nothing of them outside its frame', function (): void {
    Chrome::size(390, 800);
    $page = Page::newcomer('Rosenwyn');
    $isInside = fn (): bool => $page->driver->executeScript('return document.documentElement.scrollWidth <= document.documentElement.clientWidth');
    $film = new Filmed;
    $film->did('paste the chart', fn () => $page->paste('#begin-paste', FIRST_CHART)->find('.preview'));
    expect($isInside())->toBeTrue();
    $film->did('put it in', fn () => $page->press('Put into the chart')->sees('8 to 14, 4 sizes, in cm.'));
    foreach (['Whose measures' => 'Wenna', 'Bust, cm' => '88', 'Waist, cm' => '74', 'Hip, cm' => '96'] as $label => $typed) {
        $film->did("{$label} {$typed}", fn () => $page->type($label, $typed));
    }
    $film->did('to the bench', fn () => $page->press('To the bench')->sees('the line to cut'));
    expect($isInside())->toBeTrue();
    $film->did('the cut sheet', fn () => $page->press('Cut sheet')->find('.cut-sheet h1'));
    expect(count($film->done))->toBeLessThanOrEqual(12, implode("\n", $film->done))->and($isInside())->toBeTrue()
        ->and($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});
