<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Page;

/** An exercise, past its guess. */
function practising(string $title): Page
{
    $page = Page::demo('/practice')->sees('What a slipped tape does');
    $page->findByPath("//button[b[normalize-space()='{$title}']]")->click();
    $page->sees('Will it read');
    $page->findByPath("//label[contains(., 'more')]")->click();

    return $page->type('by about, cm', '4')->press('That is my guess')->sees('You said more, by 4 cm.');
}

/** @return float where the tape's ring stands on the screen */
function ringAt(Page $page, string $of): float
{
    return (float) $page->driver->executeScript('return parseFloat(document.querySelector(`[aria-label="Move ${arguments[0]}"]`).getAttribute("cy"))', [$of]);
}

test('a tape is laid by dragging, by keys and by figures, and what slipped is told after it is read', function (): void {
    $page = practising('The waist, by the crease');
    expect($page->accessibilityFaults())->toBe([])->and($page->driver->findElements(WebDriverBy::cssSelector('.true')))->toBe([]);
    $before = ringAt($page, 'the whole tape');
    $page->driver->action()->moveToElement($page->find('[aria-label="Move the whole tape"]'))->clickAndHold()->moveByOffset(0, 40)->release()->perform();
    $page->until(fn (): bool => ringAt($page, 'the whole tape') > $before + 20, 'the tape follows the hand');
    $front = (float) $page->field('Front higher by, mm')->getAttribute('value');
    $page->find('[aria-label="Move its front"]')->sendKeys(WebDriverKeys::ARROW_UP.WebDriverKeys::SHIFT.WebDriverKeys::ARROW_UP.WebDriverKeys::NULL);
    $page->until(fn (): bool => (float) $page->field('Front higher by, mm')->getAttribute('value') === $front + 11, 'a key is a millimetre, with Shift ten');
    $page->type('Front higher by, mm', '25')->type('Left side higher by, mm', '0')->press('Read it')->sees('It has slipped.')->sees('not level')->sees('too much');
    expect(count($page->driver->findElements(WebDriverBy::cssSelector('.true'))))->toBe(2)
        ->and($page->accessibilityFaults())->toBe([])->and($page->complaints())->toBe([]);
});

test('a tape that lies right moves its exercise on: it is asked again another day', function (): void {
    $page = practising('The hip under a full tummy')->type('Height, mm', '835')->type('Front higher by, mm', '0')->type('Left side higher by, mm', '0');
    $page->findByPath("//label[contains(., 'a board held upright')]")->click();
    $page->press('Read it')->sees('It lies right.')->sees('Nothing slipped.')->press('All exercises')->press('All 12');
    expect($page->text('.exercises'))->toContain('sits until');
});

test('where something is asked an answer is told why, and the page keeps nobody out', function (): void {
    foreach (['Read the tape', 'Spot what is wrong', 'Three readings: which counts?', 'Measuring alone'] as $title) {
        $page = Page::demo('/practice')->sees('What a slipped tape does');
        $page->findByPath("//button[b[normalize-space()='{$title}']]")->click();
        $page->find('.question');
        expect($page->accessibilityFaults())->toBe([], $title);
        if ($title === 'Read the tape') {
            $page->type('It reads', '12');
        } else {
            $page->find('.question input')->click();
        }
        $page->press('That is my answer')->sees('Another one');
        expect($page->accessibilityFaults())->toBe([], "{$title}, answered");
    }
    expect($page->complaints())->toBe([]);
});

test('five readings make a hand, and a card that it took is told by it', function (): void {
    $page = Page::demo('/cards/3')->sees('Measured by')->type('Measured by', 'Tegen');
    $page->goTo('Waist')->press('How steady is Tegen’s hand here? Five readings say');
    $page->press('Begin')->sees('reading 1 of 5');
    foreach (['70', '70.4', '7', '70.1', '70', '70.6'] as $place => $reading) {
        $at = min($place, 2) + max(0, $place - 3) + 1;
        $page->type("Reading {$at}", $reading)->press('Written');
        $page->sees($reading === '7' ? '7 cm is' : ($place === 5 ? 'Tegen reads the waist within 0.6 cm' : 'reading '.($at + 1).' of 5'));
    }
    expect($page->accessibilityFaults())->toBe([]);
    $page->press('Back to the card')->goTo('Waist')->sees('Tegen reads it within 0.6 cm.');
    // A reload has it still, and what a hand forgot is put back.
    $page->go('/practice')->press('Forget')->sees('Tegen is forgotten.')->press('Put it back')->sees('0.6 cm apart');
    expect($page->complaints())->toHaveCount(1, 'the reading that was none');
});
