<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Page;

/** @return array<string, string> the move at each station, by what stands in its first column */
function stationsOn(Page $page): array
{
    $rows = $page->driver->executeScript(<<<'JS'
        return [...document.querySelectorAll('.stations tbody tr')].map((row) =>
            [...row.children].map((cell) => cell.textContent.replace(/\s+/g, ' ').trim()));
    JS);

    return array_column(array_map(static fn (array $cells): array => [$cells[0], "{$cells[1]} {$cells[2]}"], $rows), 1, 0);
}

test('from a tape measure to a drawn blend', function (): void {
    $page = Page::open('/');
    $page->press('I am new here')
        ->type('Name', 'Nerys')->type('E-mail', 'nerys@tideroom.example')->type('Password', 'a long secret')
        ->press('Make the account')
        ->sees('Three steps to a cutting line');

    // Out, and in again by the front door.
    $page->press('Sign out')->sees('Sign in')
        ->type('E-mail', 'nerys@tideroom.example')->type('Password', 'a wrong secret')->press('Sign in')
        ->sees('don\'t belong together')
        ->type('Password', 'a long secret')->press('Sign in')
        ->sees('Three steps to a cutting line');

    // A card: Enter goes from point to point; nonsense is told at its field and stays there.
    $page->type('New wearer', 'Bettrys')->press('Measure')->sees('measure card');
    $page->field('High bust')->sendKeys('90.5'.WebDriverKeys::ENTER);
    $page->field('Full bust')->sendKeys('95,5 cm'.WebDriverKeys::ENTER);
    $page->field('Half full bust')->sendKeys(WebDriverKeys::ENTER);
    foreach (['Underarm to waist' => '19.5', 'Waist' => 'eighty', 'Hip' => '103.5'] as $point => $typed) {
        $page->goTo($point)->field($point)->sendKeys($typed.WebDriverKeys::ENTER);
        $page->sees($typed === 'eighty' ? 'not a figure' : "{$typed} cm");
        if ($typed === 'eighty') {
            $page->press('To it')->sees('not a figure');
            expect($page->field('Waist')->getAttribute('value'))->toBe('eighty');
            $page->type('Waist', '84.5')->field('Waist')->sendKeys(WebDriverKeys::ENTER);
            $page->sees('84.5 cm');
        }
    }
    $page->press('Back to the workroom')->sees('card of today');

    // A pattern: pasted from a spreadsheet with its words, one cell mended by hand.
    $page->press('Put a pattern in')->type('Pattern', 'Causeway dress')
        ->paste('[data-cell="0:0"]', "\t8\t10\t12\t14\t16\t18\n"
            ."Bust\t84\t88\t92\t96\t100\t105\nWaist\t66\t70\t74\t78\t82\t78\nHip\t91\t95\t99\t103\t107\t112\n"
            ."Back length\t40\t40\t41\t41\t42\t42\n"
            ."Finished bust\t92\t96\t100\t104\t108\t113\nFinished waist\t71\t75\t79\t83\t87\t92\nFinished hip\t98\t102\t106\t110\t114\t119\n")
        ->sees('6 sizes, 42 figures. 1 to look at, marked.')
        ->press('Put into the chart')
        ->sees('must be larger than the size before it');
    $cell = $page->find('[data-cell="2:5"]');
    $cell->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'87'.WebDriverKeys::ENTER);
    $page->until(fn (): bool => $page->text('.state') === 'Kept.', 'the pattern is kept whole');
    expect($page->text('.chart-grid .computed'))->toBe('Bust +8 +8 +8 +8 +8 +8');
    $page->press('Levels and lengths')->type('Underarm to waist', '20.5')->type('Waist to hip', '20')->type('Hip to cut hem', '45');
    $page->until(fn (): bool => $page->text('.state') === 'Kept.', 'the lengths are kept');
    $page->press('Workroom');

    // The make, and the bench.
    $page->sees('New make for')->choose('New make for', 'Bettrys, ')->choose('from', 'Causeway dress')->press('To the bench');
    $page->sees('14, 18, 16')->sees('two steps to blend');
    $page->answer('Go by', 'the pattern’s own ease')->sees('14, 18, 14: the waist taken in 2.5 cm');
    $stations = stationsOn($page);
    expect($stations['10'])->toBe('14 out 0.8')
        ->and($stations['waist 20.5 to 25'])->toBe('18 in 0.65')
        ->and($stations['hip 40.5 to hem'])->toBe('14 on line 14');

    // A clip moved by key: PHP answers with the new plan, the stations follow; undo brings the old one back.
    $page->find('.clip[data-level="waist"]')->sendKeys(WebDriverKeys::ARROW_LEFT);
    $page->sees('14, 16, 14: the waist let out 2.5 cm');
    $atWaist = array_filter(stationsOn($page), static fn (string $row): bool => str_starts_with($row, 'waist'), ARRAY_FILTER_USE_KEY);
    expect(array_values($atWaist))->toBe(['16 out 0.65'])->and($page->text('.plan'))->toContain('by hand');
    $page->press('Undo')->sees('14, 18, 14');

    expect($page->foreignRequests())->toBe([])->and($page->complaints())->each->toContain('422');
});
