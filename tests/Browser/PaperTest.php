<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chrome;
use Tests\Support\Page;

/** A page of a make of the demo workroom. */
function makePage(int $make, string $place = ''): Page
{
    $page = Page::demo('/workroom')->sees('Makes under way');
    $address = (string) preg_replace('#/workroom.*#', '', $page->driver->getCurrentURL());
    $page->driver->get("{$address}/makes/{$make}{$place}");
    $page->find($place === '/projector' ? '.projector .tray' : 'h1');

    return $page;
}

/** @return array{int, string} how many pages a PDF has, and its words */
function printedPages(string $pdf): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'printed');
    file_put_contents($file, $pdf);
    preg_match('/Pages:\s+(\d+)/', (string) shell_exec('pdfinfo '.escapeshellarg($file).' 2>/dev/null'), $pages);
    $words = (string) preg_replace('/\s+/u', ' ', (string) shell_exec('pdftotext -raw '.escapeshellarg($file).' - 2>/dev/null'));
    unlink($file);

    return [(int) $pages[1], $words];
}

function presses(Page $page, string $keys): Page
{
    $page->driver->findElement(WebDriverBy::tagName('body'))->sendKeys($keys);

    return $page;
}

function isChecked(Page $page, string $css): bool
{
    return (bool) $page->driver->executeScript('return document.querySelector(arguments[0])?.checked ?? false', [$css]);
}

test('from the bench to the cut sheet: steps are ticked, kept, and move the make in the workroom', function (): void {
    $page = makePage(2)->press('Cut sheet')->sees('Which lines to follow')->sees('line 18');
    $step = '[aria-label="Step 2 is done"]';
    $page->find($step)->click();
    $page->findByPath("//label[normalize-space()='line drawn']/input")->click();
    $page->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.cut-steps li.done')) !== [], 'the step is done');
    $page->driver->navigate()->refresh();
    $page->sees('Which lines to follow')->until(fn (): bool => isChecked($page, $step), 'the tick is kept');
    $page->press('Workroom')->sees('line drawn');
    expect($page->complaints())->toBe([])->and($page->foreignRequests())->toBe([]);
});

test('the sheet speaks in the unit in use, and calls sizes by their lines where they are hidden', function (): void {
    $page = makePage(2, '/cut-sheet')->sees('89.5 cm');
    $page->inUnit('in')->sees('35 1/4 in 89.5 cm')->sees('each edge 1/4 in in');
    $page->findByPath("//label[normalize-space()='hide the sizes']/input")->click();
    $page->sees('the sixth line from the inside');
    expect($page->text('.cut-sheet'))->not->toContain('line 18');
    $page->inUnit('cm');
});

test('what can be taken away is listed with what it is for, and the browser gets it', function (): void {
    $page = makePage(1, '/files')->sees('Strip, PDF')->sees('where the pattern’s own lines are known');
    $fetched = $page->driver->executeAsyncScript(<<<'JS'
        const done = arguments[0];
        // One after the other, as a hand does.
        [...document.querySelectorAll('.files .rows a')]
            .reduce(async (before, link) => [...(await before), (await fetch(link.href)).status], Promise.resolve([]))
            .then(done, (error) => done(String(error)));
        JS);
    expect($fetched)->toBe(array_fill(0, 7, 200));
});

test('the projector is set by two tapes on the device, shows the strip at that scale, and needs no line any more', function (): void {
    $page = makePage(1, '/projector')->sees('Hold your tape against the two tapes');
    $pins = [(float) $page->field('at the pin on top')->getAttribute('value'), (float) $page->field('at the pin below')->getAttribute('value')];
    foreach (['at the pin on top' => $pins[0] / 2, 'at the pin below' => $pins[1] * 0.8] as $way => $seen) {
        $field = $page->field($way);
        $page->until(static function () use ($field, $seen): bool {
            $field->clear();
            $field->sendKeys((string) $seen);

            return $field->getAttribute('value') === (string) $seen;
        }, "{$seen} stands there");
    }
    $perCm = fn (): float => (float) $page->driver->executeScript('return document.querySelector(".tape-rule rect").getBoundingClientRect().width / parseFloat(document.querySelector(".pin.across text").textContent)');
    $before = $perCm();
    $page->press('My tape reads this')->until(fn (): bool => abs($perCm() - 2 * $before) < 0.4, 'a centimetre is twice as long');
    // It is open when all it needs has come.
    $page->until(fn (): bool => $page->driver->executeScript(
        "const names = performance.getEntriesByType('resource').filter(({ responseEnd }) => responseEnd > 0).map(({ name }) => name);"
        ."return ['/strip', 'ShortcutList'].every((part) => names.some((name) => name.includes(part)));",
    ) === true, 'all has come');
    Chrome::devTools('Network.enable', []);
    Chrome::devTools('Network.emulateNetworkConditions', ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    try {
        presses($page, 't')->find('.strip path.cut');
        $transform = fn (): string => (string) $page->find('.strip')->getAttribute('transform');
        expect($transform())->toMatch('/^scale\\(7\\.5\\d+ 4\\.7\\d+\\) /');
        $at = $transform();
        presses($page, WebDriverKeys::ARROW_RIGHT)->until(fn (): bool => $transform() !== $at, 'it has moved');
        presses($page, 'q')->until(fn (): bool => str_contains($transform(), 'rotate(90)'), 'it is turned');
        presses($page, ']')->until(fn (): bool => str_contains($transform(), 'rotate(91)'), 'by a degree more');
        presses($page, 'o')->until(fn (): bool => str_contains($transform(), 'scale(-1 1)'), 'its other side is up');
        presses($page, 'l')->find('.projector.night');
        presses($page, 'b')->find('.tape-rule text');
        $lines = count($page->driver->findElements(WebDriverBy::cssSelector('.strip path')));
        $page->findByPath("//label[normalize-space()='stations']/input")->click();
        $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('.strip path'))) < $lines, 'the stations are hidden');
        presses($page, 'w')->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.tray')) === [], 'what lies beside is away');
        presses($page, 'w')->find('.tray');
        presses($page, '?')->sees('move by 1 mm');
    } finally {
        Chrome::devTools('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }
    $page->driver->navigate()->refresh();
    $page->find('.strip path.cut');
    expect((string) $page->find('.strip')->getAttribute('transform'))->toMatch('/^scale\\(7\\.5/');
    // With another zoom nothing is true.
    Chrome::devTools('Emulation.setDeviceMetricsOverride', ['width' => 1024, 'height' => 640, 'deviceScaleFactor' => 1.25, 'mobile' => false]);
    try {
        $page->sees('Not true any more');
    } finally {
        Chrome::devTools('Emulation.clearDeviceMetricsOverride', []);
    }
    $page->driver->executeScript('localStorage.clear()');
});

test('nothing is called true that no tape was held against', function (): void {
    $page = makePage(1, '/projector')->sees('Look at it unmeasured');
    expect($page->text('.tray'))->not->toContain('It is true');
    $page->press('Look at it unmeasured T')->sees('Not measured yet');
    presses($page, 't')->press('My tape reads this')->sees('It is true');
    $page->driver->executeScript('localStorage.clear()');
});

test('once it was open the projector opens again without the network, and whoever signs out leaves nothing of it', function (): void {
    Page::open('/icon.svg');
    $server = realServer(sys_get_temp_dir().'/underbolt-thrown-'.bin2hex(random_bytes(4)));
    $driver = Chrome::driver();
    $make = (string) file_get_contents(__DIR__.'/../fixtures/worked/2-the-same-with-best.make.json');
    $driver->get("{$server->address}/");
    $id = $driver->executeAsyncScript(<<<'JS'
        const [text, done] = arguments;
        const ask = async (address, body) => {
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
            const headers = { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token };
            return (await fetch(address, { method: 'POST', headers, body: JSON.stringify(body) })).json();
        };
        localStorage.setItem('projector-true', JSON.stringify({ across: 4, down: 4, ratio: devicePixelRatio, lean: null }));
        ask('/api/register', { name: 'thrower', email: 'thrower@tideroom.example', password: 'thole pin and limpet' })
            .then(() => ask('/api/makes/import', { wearer: 'Merrin', text }))
            .then(({ id }) => done(id), (error) => done(String(error)));
        JS, [$make]);
    $shown = static fn (string $css): string => (string) $driver->executeScript('return document.querySelector(arguments[0])?.textContent ?? ""', [$css]);
    $awaits = static fn (Closure $holds) => $driver->wait(30, 100)->until($holds);
    $driver->get("{$server->address}/makes/{$id}/projector");
    $awaits(static fn (): bool => str_contains($shown('.kept'), 'Kept on this device'));
    $lines = (int) $driver->executeScript('return document.querySelectorAll(".strip path").length');
    // As when the line is cut, and nobody says good-bye.
    $groups = [$server->group('nginx'), $server->group('php-fpm')];
    $server->kill();
    array_map(static fn (int $group): bool => posix_kill(-$group, SIGKILL), $groups);
    // Once, and once more: what is laid by stays.
    foreach ([1, 2] as $time) {
        $driver->navigate()->refresh();
        $awaits(static fn (): bool => (int) $driver->executeScript('return document.querySelectorAll(".strip path").length') === $lines);
        $awaits(static fn (): bool => str_contains($shown('.kept'), 'Kept on this device'));
    }
    expect($lines)->toBeGreaterThan(10);

    $server->start();
    $driver->get("{$server->address}/workroom");
    $awaits(static fn (): bool => $driver->executeScript('return [...document.querySelectorAll("button")].some((one) => one.textContent.trim() === "Sign out")') === true);
    $driver->executeScript('[...document.querySelectorAll("button")].find((one) => one.textContent.trim() === "Sign out").click()');
    $awaits(static fn (): bool => $driver->executeAsyncScript('const done = arguments[0]; caches.keys().then((names) => done(names.length))') === 0);
    // What stands in the log of the browser is of the server that was away.
    $driver->manage()->getLog('browser');
});

test('a pattern’s own drawing is thrown without a make, its sizes shown by choice', function (): void {
    $page = Page::demo('/patterns/1/nest')->sees('Throw it on a mat');
    $page->driver->executeScript("localStorage.setItem('projector-true', JSON.stringify({ across: 4, down: 4, ratio: devicePixelRatio, lean: null }))");
    $page->driver->findElement(WebDriverBy::linkText('Throw it on a mat'))->click();
    $page->find('.strip path.printed');
    $lines = count($page->driver->findElements(WebDriverBy::cssSelector('.strip path')));
    $page->findByPath("//label[starts-with(normalize-space(), 'line ')]/input")->click();
    $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('.strip path'))) < $lines, 'a size is hidden');
    expect($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
    $page->driver->executeScript('localStorage.clear()');
});

test('a pin is dragged to where the tape reads the same, and the corners to where the mat has them', function (): void {
    $page = makePage(1, '/projector');
    $long = fn (): float => (float) $page->driver->executeScript('return document.querySelector(".tape-rule rect").getBoundingClientRect().width');
    $before = $long();
    $page->driver->action()->moveToElement($page->find('.pin.across circle'))->clickAndHold()->moveByOffset(-60, 0)->release()->perform();
    $page->until(fn (): bool => abs($long() - $before + 60) < 4, 'the tape follows');
    $page->press('The picture leans');
    $page->driver->action()->moveToElement($page->findByPath("(//*[local-name()='g' and @class='mat-corners']//*[local-name()='circle'])[3]"))->clickAndHold()->moveByOffset(-40, -30)->release()->perform();
    $page->until(fn (): bool => str_starts_with((string) $page->driver->executeScript('return document.querySelector(".mat").style.transform'), 'matrix3d('), 'the picture is bent');
    $page->press('As it was')->until(fn (): bool => $page->driver->executeScript('return document.querySelector(".mat").style.transform') === '', 'it is straight');
    $page->driver->executeScript('localStorage.clear()');
});

test('a bench prints on one page, whatever the window, with name and date and without controls', function (int $make, int $width): void {
    $page = makePage($make)->sees('Before you cut');
    Chrome::size($width, 800);
    [$pages, $words] = printedPages($page->printed());
    expect($pages)->toBe(1)->and($words)->toContain('printed '.now()->format('j M Y'), 'before you cut')->not->toContain('Undo', 'Ways to choose, level by level');
    $cautions = $page->driver->executeScript('return [...document.querySelectorAll(".worth .brief")].map((brief) => (brief.click(), brief.lastChild.textContent))');
    $page->find('.worth .whole');
    $whole = $page->driver->executeScript('return [...document.querySelectorAll(".worth .whole")].map((whole) => whole.firstChild.textContent)');
    expect(count($whole))->toBe(count($cautions))->toBeGreaterThan(0);
    foreach ([...$cautions, ...$whole] as $said) {
        expect($words)->toContain(trim((string) preg_replace('/\s+/u', ' ', $said)));
    }
    Chrome::size(1280, 800);
})->with([[2, 1280], [4, 390], [13, 1920]]);

test('pages print without their controls and with nothing cut off', function (string $path, string $has, array $hasNot): void {
    $page = Page::demo('/workroom')->sees('Makes under way');
    $page->driver->get((string) preg_replace('#/workroom.*#', '', $page->driver->getCurrentURL()).$path);
    $page->sees($has);
    [, $words] = printedPages($page->printed());
    expect($words)->toContain('Wardrobe room, printed '.now()->format('j M Y'), $has)->not->toContain(...$hasNot);
})->with([
    'workroom' => ['/workroom', 'Makes under way', ['Measure again', 'Put a pattern in']],
    'card' => ['/cards/3', 'Underarm to waist', ['Helper mode', 'A blank card', 'Enter goes on', 'Talking tape']],
    'pattern' => ['/patterns/1', 'Finished garment', ['Redo', 'Envelopes', 'Read a file']],
    'sheet' => ['/makes/2/cut-sheet', 'Which lines to follow', ['hide the sizes', 'Projector']],
]);

test('sheet, files and projector pass the automatic look at accessibility', function (string $place): void {
    expect(makePage(2, $place)->accessibilityFaults())->toBe([]);
})->with(['/cut-sheet', '/files', '/projector']);
