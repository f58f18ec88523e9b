<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Chrome;
use Tests\Support\Page;

function demoBench(string $wearer): Page
{
    $page = Page::demo('/workroom')->sees('Makes under way');
    $page->driver->executeScript(
        '[...document.querySelectorAll(".makes .make-row > a")].find((a) => a.textContent.includes(arguments[0])).click()',
        [$wearer],
    );

    return $page;
}

test('a clip is dragged from notch to notch, and the whole drag is one step to undo', function (): void {
    $page = demoBench('Merrin Tolvane')->sees('12 all the way.');
    $clip = $page->find('.clip[data-level="hip"]');
    (new WebDriverActions($page->driver))->clickAndHold($clip)->moveByOffset(60, 0)->moveByOffset(40, 0)->release()->perform();
    $page->sees('16 at the hip');
    expect($page->text('.plan'))->toContain('by hand');

    $page->press('Undo')->sees('12 all the way.');
});

test('a clip is taken off again', function (): void {
    $page = demoBench('Merrin Tolvane')->sees('12 all the way.');
    $page->find('.clip[data-level="bust"]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $page->sees('14 at the bust');
    $page->find('[aria-label="by hand ×, take the clip off the bust"]')->click();
    $page->sees('12 all the way.');
});

test('one clip is moved, and one press moves all the others to it; one step back undoes that', function (): void {
    $page = demoBench('Merrin Tolvane')->sees('12 all the way.');
    $page->find('.clip[data-level="waist"]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $page->sees('14 at the waist');
    $page->find('[aria-label="all in 14, at every level"]')->click();
    $page->sees('14 all the way');
    $page->press('Undo')->sees('14 at the waist');
    $page->press('Undo')->sees('12 all the way.');
});

test('what becomes of what is left over is decided in its row, and line, headline and garment follow', function (): void {
    $page = demoBench('Bettrys Calloway-Pike')->sees('the waist taken in 2.5 cm');
    expect($page->text('.plan tbody tr:nth-child(2) .garment'))->toBe('89.5');
    $page->answer('What to do with it at the waist', 'leave it');
    $page->sees('14, 18, 14.');
    expect($page->text('.plan tbody tr:nth-child(2)'))->toContain('2.5 cm too much')
        ->and($page->text('.plan tbody tr:nth-child(2) .garment'))->toBe('92')
        ->and($page->text('h1'))->not->toContain('taken in');
    $waist = fn (): string => implode(' ', array_map(static fn ($cell): string => $cell->getText(), $page->driver->findElements(WebDriverBy::xpath("//table[contains(@class, 'stations')]//tr[.//span[contains(., 'waist')]]/td"))));
    // Its pattern has a drawing: the stations are read off it as soon as the hand rests.
    $page->sees('read off the pattern’s own lines')->sees('waist 19.9')->until(fn (): bool => $waist() === '18 on line 18', 'the waist lies on its line');
    $page->press('Undo')->sees('the waist taken in 2.5 cm')->sees('read off the pattern’s own lines')->until(fn (): bool => $waist() === '18 in 0.65', 'the waist is taken in');
    $page->press('blend and change apart')->sees('in 0.65')->sees('waist 20.5');
});

test('an amount by hand is drawn, and one that cannot be is told at its level while the plan stays', function (): void {
    $page = demoBench('Merrin Tolvane')->sees('12 all the way.');
    $page->find('[aria-label="more… at the hip"]')->click();
    $page->find('[aria-label="hip, by hand, front"]')->sendKeys('0,5'.WebDriverKeys::TAB);
    $page->sees('12 all the way, the hip let out 1 cm.')->sees('Two lines to cut, front and back unlike');
    $page->find('[aria-label="hip, by hand, back"]')->sendKeys('40'.WebDriverKeys::TAB);
    $page->sees('the most a move of an edge can be here is 20 cm')->sees('the hip let out 1 cm');
});

test('any size is asked about at any level', function (): void {
    $page = demoBench('Bettrys Calloway-Pike')->press('Why not another size?');
    $page->answer('At the', 'waist')->answer('why not', '12')->sees('12 has 10.5 cm too little');
});

test('nothing runs out sideways on a tablet or a phone', function (int $width): void {
    $page = demoBench('Senara Treloweth')->sees('Before you cut');
    Chrome::size($width, 900);
    $over = fn (): int => (int) $page->driver->executeScript(
        'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
    );
    $page->until(fn (): bool => $over() <= 0, 'the page is as wide as the screen');
    expect($over())->toBeLessThanOrEqual(0);
    Chrome::size(1280, 800);
})->with([820, 390]);

test('one key changes the unit of every figure, and never what is cut', function (): void {
    $page = demoBench('Bettrys Calloway-Pike')->sees('14, 18, 14');
    expect($page->text('.body-figure'))->toBe('95.5 cm');
    $page->find('body')->sendKeys('u');
    $page->until(fn (): bool => $page->text('.body-figure') === '37 5/8 in', 'the bust is in inches');
    $page->sees('14, 18, 14');
    $page->find('body')->sendKeys('u');
    $page->until(fn (): bool => $page->text('.body-figure') === '95.5 cm', 'the bust is in centimetres');
});

test('the ease one likes is typed at its level, and a slip is told there', function (): void {
    $page = demoBench('Jory Lanteague')->sees('4, 4, 3');
    $liked = $page->find('[aria-label="Ease you like at the hip"]');
    $liked->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'roomy'.WebDriverKeys::TAB);
    $page->sees('is not a figure');
    expect($page->find('[aria-label="Ease you like at the hip"]')->getAttribute('value'))->toBe('roomy');
    $page->find('[aria-label="Ease you like at the hip"]')->sendKeys(
        WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'12'.WebDriverKeys::TAB,
    );
    $page->sees('4, 4, 6');
});

test('a make that waits for a measure leads to the card', function (): void {
    $page = demoBench('Perran Skewe')->sees('No plan yet')->sees('The full bust is not on the card');
    $page->press('To the measure card')->sees('Perran Skewe · measure card');
});

test('a level without a measure has its tape and its cell on the bench; typed, it is planned with the others', function (): void {
    $page = demoBench('Merrin Tolvane')->sees('Before you cut');
    $card = $page->ask('GET', '/api/makes/1/bench')['make']['card_id'];
    $version = $page->ask('GET', "/api/cards/{$card}")['version'];
    $page->ask('DELETE', "/api/cards/{$card}/readings/hip/1", ['version' => $version]);
    $page->go('/makes/1')->sees('waits for the hip, not measured yet');
    expect($page->text('.level-names'))->toBe('Bust must fit Waist must fit Hip not measured')
        ->and($page->accessibilityFaults())->toBe([]);
    $page->type('Hip', 'wide')->press('Onto the card')->sees('"wide" is not a figure');
    $page->type('Hip', '98.5')->press('Onto the card')->find('.clip[data-level="hip"]');
    expect($page->driver->findElements(WebDriverBy::cssSelector('.waiting-tape')))->toBe([]);
});

test('the bench fits a screen of 1280 by 800', function (): void {
    $page = demoBench('Bettrys Calloway-Pike')->sees('Before you cut');
    $page->find('.stations tbody tr');
    // Tapes, line, stations and the row of what is changed; cautions may go on below.
    $tall = fn (string $part): int => (int) $page->driver->executeScript(
        'return document.querySelector(arguments[0]).getBoundingClientRect().bottom',
        [$part],
    );
    expect(max(array_map($tall, ['.tapes', '.seam', '.stations', '.plan'])))->toBeLessThanOrEqual(800);
});

test('undo is one chord away after a choice, a way that is taken keeps the hand, and what opens has a name', function (): void {
    $page = demoBench('Hedra Pasco');
    $page->find('.choices select');
    $headline = $page->text('h1');
    $focused = fn (): string => (string) $page->driver->executeScript('return document.activeElement.textContent.trim() + document.activeElement.tagName');
    $page->answer('Go by', 'the pattern’s own ease');
    $page->until(fn (): bool => $page->driver->executeScript('return document.querySelector(".bench").getAttribute("aria-busy") !== "true"'), 'it is planned');
    $page->driver->executeScript('document.querySelector(".choices select").focus()');
    $page->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
    $page->until(fn (): bool => $page->text('h1') === $headline && $page->driver->executeScript('return document.querySelector(".choices select").value') !== 'drafted', 'it is undone');
    $page->opensDoor('Other ways')->find('[aria-label^="Cut these"]')->click();
    $page->until(fn (): bool => str_starts_with($focused(), 'On the bench now'), 'the hand is where it was');
    // What is open stands in place of the table, inside the screen.
    expect($page->driver->executeScript('return document.querySelector(".behind .alternatives").getBoundingClientRect().top + scrollY'))->toBeLessThan(800)
        ->and($page->driver->executeScript('return document.querySelector(".plan").offsetParent'))->toBeNull();
    $page->shutsDoor('Other ways');
    foreach (['[aria-label^="more…"]', '.ways button'] as $opener) {
        $page->find($opener)->click();
        expect($page->find('[role=dialog]')->getAttribute('aria-label'))->not->toBeEmpty();
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $page->until(fn (): bool => $page->driver->executeScript('return document.querySelector("[role=dialog]") === null'), 'it is closed');
    }
    $page->press('What if…')->sees('What if it were measured otherwise?');
    $page->driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $page->until(fn (): bool => $page->driver->executeScript('return document.querySelector(".what-if") === null'), 'it is left');
    $page->press('Undo')->until(fn (): bool => $page->text('h1') === $headline, 'it is as it was');
});

test('a level that is not measured keeps its place: tapes, marks and drawing stand as they do with all three', function (): void {
    $page = Page::newcomer('Elowen');
    $document = [
        'garment' => 'dress', 'sizes' => ['8', '10', '12', '14'], 'seam' => ['underarm_to_waist' => '20', 'waist_to_hip' => '20', 'guessed' => ['underarm_to_waist', 'waist_to_hip']],
        'body_chart' => ['full_bust' => ['84', '88', '92', '96'], 'waist' => ['66', '70', '74', '78'], 'hip' => ['91', '95', '99', '103']],
        'finished' => ['full_bust' => ['92', '96', '100', '104'], 'waist' => ['71', '75', '79', '83'], 'hip' => ['98', '102', '106', '110']],
    ];
    $all = ['full_bust' => '88', 'waist' => '74', 'hip' => '95'];
    $places = <<<'JS'
        const y = (one) => Math.round(one.getBoundingClientRect().top + scrollY - document.querySelector('.bench-top').getBoundingClientRect().top - scrollY);
        const names = [...document.querySelectorAll('.level-names > div')].map((one) => `${one.querySelector('b').textContent} ${y(one)}`);
        const rows = [...document.querySelectorAll('.stations .level')].map((row) => `${row.querySelector('.level-word').textContent.trim()} ${y(row)}`);
        return [names, [...document.querySelectorAll('.tape-place')].map(y), rows];
        JS;
    $whole = [];
    foreach (['full_bust waist hip', 'full_bust', 'waist', 'hip', 'full_bust waist', 'full_bust hip', 'waist hip'] as $measured) {
        $readings = array_intersect_key($all, array_flip(explode(' ', $measured)));
        $id = $page->ask('POST', '/api/begin', ['name' => "With {$measured}", 'house' => '', 'unit' => 'cm', 'document' => $document, 'wearer' => 'Wenna', 'measured_in' => 'cm', 'readings' => $readings])['make_id'];
        Chrome::size(1280, 800);
        $page->go("/makes/{$id}")->find('.stations tbody tr');
        foreach ([1280, 820, 390] as $width) {
            Chrome::size($width, 800);
            [$names, $tapes, $rows] = $page->atRest()->driver->executeScript($places);
            $whole[$width] ??= [$names, $tapes, $rows];
            expect($names)->toBe($whole[$width][0], "{$measured} at {$width}")->and($tapes)->toBe($whole[$width][1], "{$measured} at {$width}")
                ->and(array_map(static fn (string $row): string => explode(' ', $row)[0], $rows))->toBe(['underarm', 'waist', 'hip'])
                ->and($page->textFaults())->toBe([], "{$measured} at {$width}");
            // Beside the tapes every level's mark stands at its tape.
            if ($width === 1280) {
                foreach ($rows as $at => $row) {
                    expect(abs((int) explode(' ', $row)[1] - $tapes[$at] - 58))->toBeLessThan(4, "{$measured}: {$row}");
                }
            }
        }
    }
    Chrome::size(1280, 800);
});

test('nothing on the bench moves but what a choice is about: no layout shift over fifty of them', function (string $who, int $wide): void {
    Chrome::size($wide, 800);
    $page = demoBench($who);
    $page->find('.clip');
    $page->sees('Why not another size?');
    $address = '/api'.parse_url($page->driver->getCurrentURL(), PHP_URL_PATH);
    $found = $page->ask('GET', $address);
    // What is told of cautions, and the marks, get more and fewer in rooms of their own.
    $page->driver->executeScript(<<<'JS'
        window.shifted = [];
        const tells = ({ node }) => node && !(node.parentElement ?? node).closest('.worth, .stations');
        new PerformanceObserver((list) => list.getEntries().forEach(({ sources }) => {
            const moved = sources.filter(({ node, previousRect, currentRect }) => tells({ node }) && Math.abs(previousRect.y - currentRect.y) + Math.abs(previousRect.x - currentRect.x) > 1);
            window.shifted.push(...moved.map(({ node, previousRect, currentRect }) => `${node?.nodeName}.${node?.className} "${node?.textContent.slice(0, 30)}" ${[previousRect, currentRect].map(({ x, y }) => `${Math.round(x)},${Math.round(y)}`).join(' -> ')}`));
        })).observe({ type: 'layout-shift' });
        JS);
    $levels = array_map(static fn ($clip): string => (string) $clip->getAttribute('data-level'), $page->driver->findElements(WebDriverBy::cssSelector('.clip')));
    for ($choice = -40; $choice < 50; $choice++) {
        // What has once grown stays as high: that is so after the first few.
        if ($choice === 0) {
            $page->driver->executeScript('window.shifted = []');
        }
        $clip = $page->find(".clip[data-level=\"{$levels[($choice + 40) % count($levels)]}\"]");
        $before = $clip->getAttribute('aria-valuenow');
        $clip->sendKeys(($choice + 40) % 20 < 10 ? WebDriverKeys::ARROW_RIGHT : WebDriverKeys::ARROW_LEFT);
        if ($choice % 5 === 0 && $before !== $clip->getAttribute('aria-valuenow')) {
            $page->until(fn (): bool => $page->driver->findElements(WebDriverBy::cssSelector('.late')) === [], 'it is worked out');
        }
    }
    $page->until(fn (): bool => $page->driver->executeScript('return document.querySelector(".changes .quiet")?.textContent !== "…"'), 'all is worked out');
    $shifted = $page->driver->executeScript('return window.shifted');
    // It is left as it was found.
    $page->go('/workroom')->sees('Makes under way');
    $page->ask('PUT', "{$address}/choices", ['choices' => (object) array_filter($found['choices'], static fn (mixed $part): bool => $part !== []), 'version' => $page->ask('GET', $address)['version']]);
    expect($shifted)->toBe([]);
})->with([['Bettrys Calloway-Pike', 1280], ['Merrin Tolvane', 1280], ['Merrin Tolvane', 390]]);
