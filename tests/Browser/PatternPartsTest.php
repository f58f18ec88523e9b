<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Page;

function demoPattern(int $id, string $part): Page
{
    $page = Page::demo("/patterns/{$id}#{$part}");
    $page->find("#{$part}");

    return $page;
}

test('the tissue measured panel by panel gives the finished row of every size', function (): void {
    $page = demoPattern(7, 'tissue')->sees('Finished on the stitching line');
    $width = $page->find('[aria-label="Hip, front, width"]');
    $width->clear();
    $width->sendKeys("12 1/4\n");
    $page->until(
        fn (): bool => str_contains($page->text('.flat .result'), '46') || str_contains($page->text('.flat .result'), '116.8'),
        'the sum follows the panel',
    );
});

test('a cup gets rows of its own in the charts, and loses them by undo', function (): void {
    $page = demoPattern(5, 'cups');
    $page->find('[aria-label="Rows for the C cup"]')->click();
    $page->find('[aria-label="Bust, C cup, size S1"]');
    $page->press('Undo');
    $page->until(
        fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('[aria-label="Bust, C cup, size S1"]')) === [] && $page->text('.state') === 'Kept.',
        'the row is gone, and that is kept',
    );
});

test('a pasted table of cups is looked over, put into the rule, and taken back by undo', function (): void {
    $page = demoPattern(1, 'cups')->press('Paste the table of cups');
    $page->find('#paste-cups')->sendKeys("C 7.5 - 10\nB 5 - 7.5\n");
    $page->press('Read it')->sees('2 lines were understood')->press('Put into the pattern');
    $from = $page->find('[aria-label="The pattern’s rule, cup C, from"]');
    expect($from->getAttribute('value'))->toBe('7.5');
    $page->press('Undo');
    $page->until(
        fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('[aria-label="The pattern’s rule, cup C, from"]')) === [] && $page->text('.state') === 'Kept.',
        'the rule is as it was, and that is kept',
    );
});

test('what another tab has changed is put together with what is typed here, and a clash is asked about', function (): void {
    $page = demoPattern(1, 'charts');
    $elsewhere = static fn (int $size, string $bust): int => $page->driver->executeAsyncScript(<<<'JS'
        const [size, bust, done] = arguments;
        const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(window.document.cookie)[1]);
        const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
        fetch('/api/patterns/1', { headers }).then((answer) => answer.json()).then(({ name, house, unit, document, version }) => {
            const typed = { name, house, unit, document, version };
            document.body_chart.full_bust[size] = bust;
            return fetch('/api/patterns/1', { method: 'PUT', headers, body: JSON.stringify(typed) });
        }).then((answer) => done(answer.status), (error) => done(String(error)));
        JS, [$size, $bust]);
    $cell = static fn (string $label): string => (string) $page->find("[aria-label=\"{$label}\"]")->getAttribute('value');
    $type = static function (string $label, string $text) use ($page): void {
        $field = $page->find("[aria-label=\"{$label}\"]");
        $field->clear();
        $field->sendKeys("{$text}\n");
    };
    $page->find('[aria-label="Bust, size 8"]');
    expect($elsewhere(1, '88.5'))->toBe(200);
    $type('Bust, size 8', '84.5');
    $page->until(fn (): bool => $cell('Bust, size 10') === '88.5', 'the other change is here')->sees('Kept.');
    // Emptying the cell was a change too: it is the second that is waited for.
    $page->until(fn (): bool => str_starts_with((string) $page->ask('GET', '/api/patterns/1')['document']['body_chart']['full_bust'][0], '84.5'), 'both are kept');
    expect($cell('Bust, size 8'))->toBe('84.5');

    expect($elsewhere(0, '84'))->toBe(200);
    $type('Bust, size 8', '85');
    $page->sees('Bust, size 8: here 85, meanwhile 84')->press('Keep what is here')->sees('Kept.');
    expect($cell('Bust, size 8'))->toBe('85');
});

test('an outline sets what matters at every level of the garment', function (): void {
    $page = demoPattern(2, 'levels')->press('fitted');
    $page->until(fn (): bool => str_contains($page->text('.paper-data'), 'must fit, lies close'), 'the levels follow');
});

test('every part of a pattern passes the automatic look at accessibility', function (string $part): void {
    expect(demoPattern(4, $part)->sees('Lamp-room bodice 27')->accessibilityFaults())->toBe([]);
})->with(['charts', 'envelopes', 'cups', 'views', 'tissue', 'levels', 'pieces', 'cloth', 'house']);

test('twenty sizes with long names stand on one page, none of them cut and none in a scroller', function (): void {
    $sizes = ['XS', 'S', 'M', 'L', 'XL', 'XL (curvy)', '2X', '2X (curvy)', '29 1/2-30', '31-31 1/2', ...array_map(strval(...), range(22, 40, 2))];
    $page = Page::demo('/workroom')->sees('Makes under way');
    $row = static fn (float $from): array => array_map(static fn (int $i): string => (string) ($from + 2.5 * $i), array_keys($sizes));
    $pattern = $page->ask('POST', '/api/patterns', ['name' => 'Twenty', 'house' => '', 'unit' => 'cm', 'document' => [
        'garment' => 'dress', 'fabric' => ['kind' => 'woven'], 'sizes' => $sizes, 'body_chart' => ['full_bust' => $row(80), 'waist' => $row(62)],
        'finished' => (object) [], 'levels' => (object) [], 'seam' => (object) [],
    ]]);
    $page->go("/patterns/{$pattern['id']}")->find('.chart-grid .whole-name');
    expect($page->driver->executeScript(<<<'JS'
        const frame = document.querySelector('.chart-grid');
        const cut = [...frame.querySelectorAll('.whole-name')].filter((name) => name.scrollWidth > name.clientWidth + 1 || name.scrollHeight > name.clientHeight + 1);
        return [frame.scrollWidth - frame.clientWidth, cut.map((name) => name.textContent)];
        JS))->toBe([0, []]);
});
