<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chrome;
use Tests\Support\Page;
use Tests\Support\Runs;

/*
 * Hands are faster than answers: with every answer late by 0 to 800 ms, what was typed stays as it was typed, and nothing
 * stands on the screen that no answer says. `bin/test --long` runs each script twenty-five times, every time with other delays.
 */

const SEEDS = 7;

beforeEach(function (): void {
    Chrome::driver();
    $this->lateScript = null;
});

afterEach(function (): void {
    if ($this->lateScript !== null) {
        Chrome::devTools('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $this->lateScript]);
    }
});

/** @return list<array{int}> */
function seeds(): array
{
    return array_map(static fn (int $run): array => [SEEDS * $run + 1], range(1, Runs::of(1)));
}

/** A page of the demo whose every answer is late. */
function latePage(string $path, int $seed): Page
{
    $page = Page::demo('/workroom');
    $script = str_replace('SEED', (string) $seed, (string) file_get_contents(__DIR__.'/../Support/slow-answers.js'));
    test()->lateScript = Chrome::devTools('Page.addScriptToEvaluateOnNewDocument', ['source' => $script])['identifier'];

    return $page->go($path);
}

/** Types at the pace of a hand: that is what is tried here, not a wait for something to come. */
function byHand(Page $page, string $text, int $milliseconds = 180): void
{
    foreach (mb_str_split($text) as $key) {
        $page->driver->getKeyboard()->sendKeys($key);
        usleep($milliseconds * 1000);
    }
}

/** @return list<string> what stands in a row of the chart sheet */
function sheetRow(Page $page, int $row): array
{
    return $page->driver->executeScript('return [...document.querySelectorAll(`[data-cell^="${arguments[0]}:"]`)].map(({ value }) => value)', [$row]);
}

test('a chart is typed by hand, and typed over, as fast as hands go', function (int $seed): void {
    $page = latePage('/patterns/new', $seed);
    $page->find('.pattern-head input');
    // The hands have arrived in the name.
    byHand($page, 'Wrack dress', 60);
    $name = 'Wrack dress '.$seed;
    byHand($page, " {$seed}", 60);
    $page->find('[data-cell="0:0"]')->click();
    $rows = [['8', '10', '12', '14'], ['36', '38', '40', '42'], ['28', '30', '32', '34']];
    foreach ($rows as $at => $row) {
        foreach ($row as $column => $figure) {
            if ($column === 0) {
                $page->find("[data-cell=\"{$at}:0\"]")->click();
            } elseif ($at === 0) {
                $page->find('[aria-label="Add a size"]')->click();
            }
            byHand($page, $figure, 90);
            if ($column < 3 && $at > 0) {
                $page->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
            }
        }
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
    }
    // And now over the second row, as printed on the next envelope.
    $over = ['36 1/2', '39 1/2', '41 1/2', '43 1/2'];
    $page->find('[data-cell="1:0"]')->click();
    foreach ($over as $column => $figure) {
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL);
        byHand($page, $figure);
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        usleep($column < 3 ? 300_000 : 0);
    }
    $page->until(fn (): bool => str_starts_with($page->text('.state'), 'Kept'), 'it is kept');
    expect(sheetRow($page, 1))->toBe($over);
    $page->driver->navigate()->refresh();
    $page->find('[data-cell="1:3"]');
    expect([sheetRow($page, 0), sheetRow($page, 1), sheetRow($page, 2)])->toBe([$rows[0], $over, $rows[2]])
        ->and($page->find('.pattern-head input')->getAttribute('value'))->toBe($name);
})->with(seeds());

test('thirty clips: nothing is ever shown or spoken that no answer says', function (int $seed): void {
    $page = latePage('/makes/1', $seed);
    $page->find('.clip[data-level="hip"]');
    $page->driver->executeScript((string) file_get_contents(__DIR__.'/../Support/sampler.js'));
    mt_srand($seed);
    foreach (range(1, 30) as $move) {
        $level = ['bust', 'waist', 'hip'][mt_rand(0, 2)];
        $page->find(".clip[data-level=\"{$level}\"]")->sendKeys(mt_rand(0, 1) === 1 ? WebDriverKeys::ARROW_RIGHT : WebDriverKeys::ARROW_LEFT);
        usleep(mt_rand(20, 700) * 1000);
    }
    $page->until(fn (): bool => $page->driver->executeScript('return document.querySelector(".bench").getAttribute("aria-busy") !== "true"'), 'all is answered');
    // Frames are few where the machine has much else to do: what stands in the end is looked at as well.
    $page->until(fn (): bool => $page->driver->executeScript('return window.sampled > 20'), 'it was looked at often enough');
    expect($page->driver->executeScript('return [...window.falsehoods]'))->toBe([]);
    $sizes = $page->driver->executeScript('return [...document.querySelectorAll(".clip")].map((clip) => clip.textContent.trim())');
    $page->driver->navigate()->refresh();
    $page->find('.clip[data-level="hip"]');
    expect($page->driver->executeScript('return [...document.querySelectorAll(".clip")].map((clip) => clip.textContent.trim())'))->toBe($sizes);
    // As it was, for the next one.
    foreach (['bust', 'waist', 'hip'] as $level) {
        if ($page->driver->executeScript("return document.querySelector('[aria-label=\"by hand ×, take the clip off the {$level}\"]') !== null")) {
            $page->find("[aria-label=\"by hand ×, take the clip off the {$level}\"]")->click();
            $page->until(fn (): bool => $page->driver->executeScript("return document.querySelector('[aria-label=\"by hand ×, take the clip off the {$level}\"]') === null"), 'it is off');
        }
    }
})->with(seeds());

test('a card with hunting readings is what was typed, each where it was typed', function (int $seed): void {
    $page = latePage('/workroom', $seed);
    $page->sees('Makes under way');
    $page->driver->executeScript('document.querySelector("[aria-label=\'Measure again: Ossian Quill\']").click()');
    $page->sees('Ossian Quill · measure card')->goTo('Waist')->field('Waist');
    $page->driver->executeScript('document.querySelector(".point-panel input").focus()');
    byHand($page, '82'.WebDriverKeys::TAB, 90);
    $page->press('Take it once more');
    byHand($page, '77'.WebDriverKeys::TAB, 90);
    $page->press('Take it once more');
    byHand($page, '76.5'.WebDriverKeys::ENTER, 90);
    // Enter has gone on already: what is typed now belongs to the next point.
    $next = $page->text('.point-panel h2');
    byHand($page, '88'.WebDriverKeys::ENTER, 90);
    byHand($page, '101.5'.WebDriverKeys::ENTER, 90);
    $page->until(fn (): bool => ! str_contains($page->text('.point-list'), '…'), 'all is on the card');
    $list = $page->text('.point-list');
    expect($list)->toContain('Waist ? 76.5 cm')->toContain("{$next} 88 cm")->toContain('101.5 cm');
    $page->goTo('Waist')->sees('smallest of 3')->sees('5.5 cm apart: 82 cm is probably the trouser line');
    $fields = fn (): array => $page->driver->executeScript('return [...document.querySelectorAll(".point-panel input")].map(({ value }) => value)');
    expect($fields())->toBe(['82', '77', '76.5']);
    $page->find('[aria-label="use reading 2"]')->click();
    $page->sees('the one you picked, of 3')->press('That is right')->sees('smallest of 3');
})->with(seeds());

/** Pages with cells that are saved while they are typed into: how to come to them, and two cells, one after the other. */
const CELLS = [
    'pieces' => ['/patterns/1#pieces', '[aria-label="Piece 1, name"]', '[aria-label="Piece 2, name"]'],
    'envelopes' => ['/patterns/1#envelopes', '[aria-label="Envelope 1, name"]', '[aria-label="Envelope 2, name"]'],
    'lengths of the pattern' => ['/patterns/1#levels', '#levels section:nth-of-type(2) .text-field', '#levels section:nth-of-type(2) .field:nth-child(2) .text-field'],
    'more choices' => ['/makes/4#more', '[aria-label="waist to hip, set by hand"]', '[aria-label="hem, set by hand"]'],
    'the cloth' => ['/makes/18/cloth', '[aria-label="name of the cloth"]', '[aria-label="width of the cloth, cm"]'],
    'own lines' => ['/makes/17/fitting', '[aria-label="name of line 1"]', '.own-lines tbody tr:first-child td:nth-child(3) input'],
    'ease you like' => ['/makes/3', '[aria-label="Ease you like at the bust"]', '[aria-label="Ease you like at the waist"]'],
];

test('a cell that is typed into while another is saved keeps what is typed', function (string $path, string $first, string $second): void {
    $page = latePage($path, 3);
    if ($path === '/makes/17/fitting') {
        $page->press('+ shoulder width');
    }
    $page->find($first);
    $value = fn (string $css): string => (string) $page->find($css)->getAttribute('value');
    $was = [$value($first), $value($second)];
    $typed = str_contains($path, 'levels') || str_contains($path, 'reasons') || $path === '/makes/3' ? ['21', '2'] : ['sea lavender', '1.4'];
    foreach ([$first, $second] as $at => $css) {
        $page->driver->executeScript('document.querySelector(arguments[0]).focus(); document.querySelector(arguments[0]).select()', [$css]);
        byHand($page, $typed[$at], $at === 0 ? 40 : 250);
    }
    $page->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
    expect([$value($first), $value($second)])->toBe($typed);
    foreach ([$first, $second] as $at => $css) {
        $page->driver->executeScript('document.querySelector(arguments[0]).focus(); document.querySelector(arguments[0]).select()', [$css]);
        $page->driver->getKeyboard()->sendKeys(($was[$at] === '' ? WebDriverKeys::BACKSPACE : $was[$at]).WebDriverKeys::TAB);
    }
    $page->until(fn (): bool => [$value($first), $value($second)] === $was, 'it is as it was');
})->with(CELLS);

test('a second tick, and a second end, are not undone by the answer to the first', function (int $between): void {
    $page = latePage('/patterns/1#pieces', 5);
    $before = $page->ask('GET', '/api/patterns/1');
    $row = '.piece-row:nth-child(2)';
    $page->find("{$row} .link")->click();
    $page->find("{$row} fieldset");
    $box = static fn (string $words): string => "[...document.querySelectorAll('{$row} fieldset label')].find((one) => one.textContent.trim() === '{$words}').querySelector('input')";
    $ticked = static fn (): array => $page->driver->executeScript("return [...document.querySelectorAll('{$row} fieldset label')].filter((one) => one.querySelector('input').checked).map((one) => one.textContent.trim())");
    $was = $ticked();
    expect($was)->toContain('side')->not->toContain('princess');
    $page->driver->executeScript("{$box('side')}.click()");
    usleep($between * 1000);
    $page->driver->executeScript("{$box('princess')}.click()");
    $end = static fn (string $which): string => (string) $page->find("{$row} select[aria-label$=\", {$which}\"]")->getAttribute('value');
    $pick = static fn (string $which, string $place): mixed => $page->driver->executeScript("const one = document.querySelector('{$row} select[aria-label$=\", {$which}\"]'); one.value = arguments[0]; one.dispatchEvent(new Event('change', { bubbles: true }))", [$place]);
    $pick('from', 'underarm');
    usleep($between * 1000);
    $pick('to', 'hip');
    $page->until(fn (): bool => str_starts_with($page->text('.state'), 'Kept'), 'it is kept');
    $page->driver->navigate()->refresh();
    $page->find("{$row} .link")->click();
    $page->find("{$row} fieldset");
    expect($ticked())->toContain('princess')->not->toContain('side')->and([$end('from'), $end('to')])->toBe(['underarm', 'hip']);
    // As it was, for the next one.
    $typed = array_intersect_key($before, ['name' => 1, 'house' => 1, 'unit' => 1, 'document' => 1]);
    $page->ask('PUT', '/api/patterns/1', $typed + ['version' => $page->ask('GET', '/api/patterns/1')['version']]);
})->with([250, 600]);

/** Finds a control by its words, and works it as a hand would. */
const WORKS = <<<'JS'
    const [scope, words, value] = arguments;
    const says = (one) => (one.getAttribute('aria-label') ?? one.closest('label')?.textContent ?? document.querySelector(`label[for="${one.id}"]`)?.textContent ?? '').trim();
    const one = [...document.querySelectorAll(`${scope} :is(input, select)`)].find((field) => says(field).startsWith(words));
    if (one === undefined) return null;
    if (value === null) return one.type === 'checkbox' ? String(one.checked) : one.value;
    if (one.type === 'checkbox') {
        if (String(one.checked) !== value) one.click();
        return value;
    }
    Object.getOwnPropertyDescriptor(Object.getPrototypeOf(one), 'value').set.call(one, value);
    for (const event of ['input', 'change', 'blur']) one.dispatchEvent(new Event(event, { bubbles: true }));
    return value;
    JS;

/** Pages with more than one control: where, two of them with what is chosen there, and how to come to them. */
const CONTROLS = [
    'ticks of the cut sheet' => ['/makes/12/cut-sheet', 'main', ['traced', 'true'], ['Step 1 is done', 'true'], null],
    'ticks of a finding' => ['/makes/17/fitting', 'main', ['3 skirt front', 'true'], ['4 skirt back', 'true'], null],
    'things at hand' => ['/makes/2/cloth', 'main', ['zip', 'true'], ['hook and eye', 'true'], null],
    'choosers of the bench' => ['/makes/3', 'main', ['seam', 'straight'], ['between two', 'up'], null],
    'a chooser and an ease' => ['/makes/3', 'main', ['between two', 'up'], ['Ease you like at the hip', '-1'], null],
    'settings of a wearer' => ['/wearers/5', '.settings', ['Name no sizes', 'true'], ['Figures are typed in', 'in'], 'Name and settings'],
    'choices for a company' => ['/patterns/1/company', 'main', ['Go by', 'chart'], ['sizes', 'level'], null],
    'the head of a card' => ['/cards/3', 'main', ['Worn underneath', 'slip'], ['Measured by', 'Lowena'], null],
];

test('a second control is not undone by the answer to the first', function (string $path, string $scope, array $first, array $second, ?string $door): void {
    foreach (Runs::of(1) > 1 ? [250, 600] : [250] as $between) {
        $page = latePage($path, 5 + $between);
        $work = static function (array $control, ?string $value) use ($page, $scope, $door): string {
            $page->find('main h1');
            if ($door !== null && $page->driver->executeScript('return document.querySelector(arguments[0]) === null', [$scope])) {
                $page->driver->executeScript("[...document.querySelectorAll('button')].find((one) => one.textContent.includes(arguments[0])).click()", [$door]);
            }
            $page->until(static fn (): bool => $page->driver->executeScript(WORKS, [$scope, $control[0], null]) !== null, "there is {$control[0]}");

            return (string) $page->driver->executeScript(WORKS, [$scope, $control[0], $value]);
        };
        $was = [$work($first, null), $work($second, null)];
        expect($was[0])->not->toBe($first[1])->and($was[1])->not->toBe($second[1]);
        foreach ([[$first[1], $second[1]], $was] as $chosen) {
            $work($first, $chosen[0]);
            usleep($between * 1000);
            $work($second, $chosen[1]);
            // Longer than two answers take, one after the other: nothing may jump back meanwhile.
            for ($look = 0; $look < 6; $look++) {
                expect([$work($first, null), $work($second, null)])->toBe($chosen, $path);
                usleep(250_000);
            }
            $page->driver->navigate()->refresh();
            expect([$work($first, null), $work($second, null)])->toBe($chosen, "{$path}, opened again");
        }
        Chrome::devTools('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $this->lateScript]);
        $this->lateScript = null;
    }
})->with(CONTROLS);
