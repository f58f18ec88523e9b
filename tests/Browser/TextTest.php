<?php

declare(strict_types=1);

use Tests\Support\Chrome;
use Tests\Support\Page;

/** Every screen with text on it, with what shows that it has come. */
const PAGES = [
    '/workroom' => '.makes .rows li', '/cards/3' => '.point-list .measure', '/wearers/2' => '.wearer-page', '/wearers/1/history' => '.scroller tbody tr',
    '/patterns/1' => '.sheet .computed', '/patterns/4' => '.sheet .computed', '/patterns/1/nest' => '.nest-canvas circle', '/makes/1' => '.stations tbody tr', '/makes/2' => '.own-lines',
    '/makes/3' => '.stations tbody tr', '/makes/4' => '.plan', '/makes/5' => '.plan', '/makes/7' => '.stations tbody tr', '/makes/2/nest' => '.pieces .seam',
    '/makes/2/sheet' => '.sheet-steps', '/makes/3/sheet' => '.sheet-steps', '/makes/4/sheet' => '.sheet-steps', '/makes/7/sheet' => '.sheet-steps', '/makes/2/files' => '.files .rows li', '/makes/17/fitting' => '.tracings',
    '/makes/18/cloth' => '.buy', '/account' => 'form', '/bin' => 'h1', '/patterns/1/company' => '.sums', '/wearers/2/patterns' => '.ranked li', '/compare?makes=2,4' => '.compare svg',
];

test('no text stands on another, runs out of its cell or is cut off, the whole page down', function (int $width, string $media): void {
    $page = Page::demo('/workroom');
    Chrome::size($width, 900);
    Chrome::devTools('Emulation.setEmulatedMedia', ['media' => $media]);
    $faults = [];
    foreach (PAGES as $path => $shown) {
        $page->go($path)->find($shown);
        $page->driver->executeAsyncScript('document.fonts.ready.then(arguments[0])');
        $faults[$path] = $page->driver->executeScript((string) file_get_contents(__DIR__.'/../Support/text-faults.js'));
    }
    Chrome::devTools('Emulation.setEmulatedMedia', ['media' => '']);
    expect(array_filter($faults))->toBe([]);
    // 718 pixels are what lies between the margins of an A4 page.
})->with([[1280, 'screen'], [820, 'screen'], [390, 'screen'], 'on paper' => [718, 'print']]);
