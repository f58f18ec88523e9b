<?php

declare(strict_types=1);

use Tests\Support\Page;

/**
 * One account, a make begun in centimetres and one begun in inches: each is read, typed into and printed in the unit that is shown,
 * and neither takes the other's.
 *
 * @return array{Page, int, int} with both makes
 */
function twoUnits(string $name): array
{
    $page = Page::newcomer($name);
    $begun = static fn (string $unit, array $chart, array $readings): int => $page->ask('POST', '/api/begin', [
        'name' => "Quay dress in {$unit}", 'house' => '', 'unit' => $unit, 'measured_in' => $unit, 'wearer' => 'Wenna', 'readings' => $readings,
        'document' => ['garment' => 'dress', 'sizes' => ['8', '10', '12'], 'body_chart' => $chart, 'seam' => ['underarm_to_waist' => '20 cm', 'waist_to_hip' => '20 cm', 'hip_to_hem' => '40 cm']],
    ])['make_id'];
    $metric = $begun('cm', ['full_bust' => ['84', '88', '92'], 'waist' => ['66', '70', '74'], 'hip' => ['91', '95', '99']], ['full_bust' => '88', 'waist' => '70', 'hip' => '95']);
    $page->ask('PATCH', '/api/me', ['unit' => 'in']);
    $inches = $begun('in', ['full_bust' => ['33', '34 1/2', '36'], 'waist' => ['26', '27 1/2', '29'], 'hip' => ['36', '37 1/2', '39']], ['full_bust' => '34 1/2', 'waist' => '27 1/2', 'hip' => '37 1/2']);

    return [$page, $metric, $inches];
}

test('a make in centimetres and one in inches are each read in the unit that is shown', function (): void {
    [$page, $metric, $inches] = twoUnits('Kerensa');
    $page->go("/makes/{$metric}")->sees('10 all the way.')->sees('34 5/8 in');
    $page->go("/makes/{$inches}")->sees('10 all the way.')->sees('34 1/2 in');
    $page->inUnit('cm')->sees('87.65 cm');
    $page->go("/makes/{$metric}")->sees('10 all the way.')->sees('88 cm');
});

test('a bare figure is one of the unit that is shown, at the fitting and of the cloth', function (): void {
    [$page, $metric] = twoUnits('Lowdy');
    $page->go("/makes/{$metric}/fitting")->sees('How much, in')->type('How much, in', '1/2')->press('Into tracing 2')->sees('Take in 1/2 in an edge at the waist');
    $page->inUnit('cm')->sees('Take in 1.25 cm an edge at the waist')->sees('How much, cm');
    $page->inUnit('in');
    $page->go("/makes/{$metric}/cloth")->find('[aria-label="width of the cloth, in"]')->sendKeys("45\t");
    $page->until(static fn (): bool => ($page->ask('GET', "/api/makes/{$metric}/cloth")['document']['width'] ?? '') === '45 in', 'the width is kept in inches');
    $page->inUnit('cm')->find('[aria-label="width of the cloth, cm"]');
    expect($page->find('[aria-label="width of the cloth, cm"]')->getAttribute('value'))->toBe('45 in');
});

test('company sheets and blank cards speak in the unit that is shown', function (): void {
    [$page, $metric, $inches] = twoUnits('Demelza');
    $patternOf = static fn (int $make): int => $page->ask('GET', "/api/makes/{$make}")['pattern_id'];
    // Half a centimetre at each of four edges of the one, half an inch of the other.
    foreach ([$metric => '0.5', $inches => '1/2'] as $make => $edge) {
        $version = $page->ask('GET', "/api/makes/{$make}")['version'];
        $page->ask('PUT', "/api/makes/{$make}/choices", ['choices' => ['by_hand' => ['hip' => ['front' => $edge, 'back' => $edge]]], 'version' => $version]);
    }
    $page->go("/patterns/{$patternOf($metric)}/company")->sees('all planned')->sees('The hip let out 13/16 in');
    $page->go("/patterns/{$patternOf($inches)}/company")->sees('all planned')->sees('The hip let out 2 in');
    $page->inUnit('cm')->sees('The hip let out 5.1 cm');
    $card = static fn (): string => (string) $page->driver->executeAsyncScript('fetch("/api/blank-card.pdf").then((one) => one.text()).then((text) => arguments[0](text.slice(0, 5)))');
    expect($card())->toBe('%PDF-');
});
