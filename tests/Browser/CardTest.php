<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chrome;
use Tests\Support\Page;

function demoCard(): Page
{
    $page = Page::demo('/workroom')->sees('Makes under way');
    $page->driver->executeScript('document.querySelector("[aria-label=\'Measure again: Merrin Tolvane\']").click()');
    $page->sees('Merrin Tolvane · measure card');

    return $page;
}

/** Cuts the page off from the server, or lets it through again. */
function offline(bool $off): void
{
    Chrome::devTools('Network.enable', []);
    Chrome::devTools(
        'Network.emulateNetworkConditions',
        ['offline' => $off, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
    );
}

test('a card is taken by Enter alone, point by point', function (): void {
    $page = demoCard();
    foreach (['High bust' => '87', 'Full bust' => '92', 'Half full bust' => '48', 'Half underbust' => '40', 'Front width' => '33'] as $point => $figure) {
        $page->field($point);
        $page->driver->getKeyboard()->sendKeys($figure.WebDriverKeys::ENTER);
    }
    $page->field('Shoulder to bust point');
    // The hands go on before the server has answered; the list says what it has.
    $page->until(fn (): bool => str_contains($page->text('.point-list'), 'Front width 33 cm'), 'the last figure is kept');
});

test('a second reading stands beside the first, and readings apart are asked about until it is so', function (): void {
    $page = demoCard()->goTo('Waist');
    $page->field('Waist')->sendKeys('74'.WebDriverKeys::ENTER);
    $page->field('Tummy');
    $page->goTo('Waist')->press('Take it once more');
    $page->field('Waist, second reading')->sendKeys('76'.WebDriverKeys::ENTER);
    $page->field('Tummy');
    $page->goTo('Waist')->sees('2 cm apart: take it once more')->sees('74 cm');
    $page->press('That is right')->sees('answered: that is right');
});

test('what is typed while the server is out of reach is sent when it is back', function (): void {
    $page = demoCard()->goTo('Hip');
    $page->field('Hip');
    offline(true);
    $page->field('Hip')->sendKeys('98.5'.WebDriverKeys::TAB);
    $page->sees('can’t be reached');
    offline(false);
    $page->until(fn (): bool => str_contains($page->text('.point-list'), 'Hip 98.5 cm'), 'the hip is sent');
    $page->until(fn (): bool => $page->driver->executeScript('return localStorage.length') === 0, 'nothing is left in the browser');
});

test('two tabs on one card: the one that is behind shows both values', function (): void {
    $page = demoCard()->goTo('Waist');
    $page->field('Waist')->sendKeys('74'.WebDriverKeys::ENTER);
    $page->field('Tummy');
    $page->goTo('Waist')->sees('74 cm');
    // The other tab, played by a request of its own.
    $card = (string) preg_replace('/\D/', '', (string) parse_url($page->driver->getCurrentURL(), PHP_URL_PATH));
    ['version' => $version] = $page->ask('GET', "/api/cards/{$card}");
    $page->ask('PUT', "/api/cards/{$card}/readings/waist/1", ['text' => '75', 'unit' => 'cm', 'version' => $version]);
    $page->type('Waist', '76')->field('Waist')->sendKeys(WebDriverKeys::ENTER);
    $page->sees('Waist, “76”: it was typed over elsewhere.')->press('To it');
    $page->sees('Elsewhere “75” was typed here; yours is “76”');
    $page->press('Keep mine')->sees('76 cm');
});

test('helper mode shows the figure at least 60 pixels high', function (): void {
    $page = demoCard()->press('Helper mode');
    $page->until(
        fn (): bool => (int) $page->driver->executeScript(
            'return parseInt(getComputedStyle(document.querySelector(".point-panel input")).fontSize)',
        ) >= 60,
        'the figure is large',
    );
    expect($page->text('.point-panel h2'))->toBe('High bust');
});

test('a tape that talks types into the open point, and what is no figure is told there', function (): void {
    $page = demoCard()->goTo('Waist');
    $page->find('.talking-tape summary')->click();
    $page->press('Pair a tape and listen')->sees('Listening');
    [$address, $token] = array_map(
        static fn ($code): string => $code->getText(),
        array_slice($page->driver->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('.talking-tape p code')), 0, 2),
    );
    $tape = static function (string $options) use ($address, $token): void {
        exec(
            PHP_BINARY.' '.escapeshellarg(__DIR__.'/../../artisan')." underbolt:talking-tape {$address} {$token} --every=0 {$options} 2>&1",
            $said,
            $exit,
        );
        expect($exit)->toBe(0, implode(' ', $said));
    };

    $tape('--around=74 --jitter=0 --count=1');
    $page->until(fn (): bool => str_contains($page->text('.point-list'), 'Waist 74 cm'), 'the first reading is heard');
    $tape('--around=30 --unit=in --jitter=0 --count=1');
    $page->until(
        fn (): bool => str_contains($page->text('.means'), 'smallest of 2, 2.2 cm apart'),
        'the second is heard in inches: 74 cm and 76.2 cm',
    );
    $tape('--bad=100 --seed=1 --count=1');
    $page->sees('The tape said');
});
