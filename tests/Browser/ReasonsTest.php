<?php

declare(strict_types=1);

use Tests\Support\Page;

function demoMakePage(int $id, string $door = 'Reasons'): Page
{
    $page = Page::demo('/workroom')->sees('Makes under way');
    $address = (string) preg_replace('#/workroom.*#', '', $page->driver->getCurrentURL());
    $page->driver->get("{$address}/makes/{$id}");

    return $page->opensDoor($door);
}

test('every school speaks with its figures, and where all agree that is said', function (): void {
    demoMakePage(2)->sees('84.5 cm lies between 16 (82 cm) and 18 (87 cm); the ease carries the difference, so go down.')
        ->sees('Cup B, from a difference of 5 cm')
        // The door pressed again shows the table, and what to settle beside it.
        ->shutsDoor('Reasons')->press('!Before you cut: 16-22 envelope: not yours yet')->sees('Size 18 for the waist: in the 16-22 envelope')
        ->press('Other ways')->find('.alternatives td');
});

test('another way is taken with one press, its receipt beside it, and taken back with one more', function (): void {
    $page = demoMakePage(2, 'Other ways')->sees('14, 18, 14');
    $page->find('[aria-label="Cut these: One size"]')->click();
    $page->sees('18 all the way');
    $page->press('Undo')->sees('14, 18, 14');
});

test('the frame can be led by another measure, and the bust adjustment follows', function (): void {
    $page = demoMakePage(4)->sees('Full bust adjustment of 5 cm');
    $page->choose('Neck and shoulders go by', 'the full bust')->sees('No bust adjustment.');
});

test('a garment one likes, laid flat, becomes the liked ease', function (): void {
    $page = demoMakePage(1);
    $page->answer('Go by', 'the ease I like')->sees('No liked ease is given')->shutsDoor('Reasons');
    $page->find('[aria-label="more… at the waist"]')->click();
    $page->find('[aria-label="waist, a garment you like, laid flat"]')->sendKeys("41\n");
    $page->driver->getKeyboard()->sendKeys(Facebook\WebDriver\WebDriverKeys::ESCAPE);
    $page->opensDoor('Reasons')->sees('74 cm and 8 cm of ease make 82 cm');
});

test('the reasons keep nobody out', function (): void {
    expect(demoMakePage(7)->accessibilityFaults())->toBe([]);
});
