<?php

declare(strict_types=1);

use App\Records\HtmlText;
use Dompdf\Dompdf;
use Illuminate\Http\UploadedFile;
use Tests\Support\SpreadsheetFile;

test('a pasted chart is read, not kept', function (): void {
    $this->actingAs(someone());
    $answer = $this->postJson(
        '/api/charts/read',
        ['text' => "Size\t8\t10\nBust\t84\tabout right\nWaist\t66-68\t70-72\nShoulder\t12\t13", 'unit' => 'cm'],
    )->assertOk();
    expect($answer)->toAgreeWith('ChartPreviewData')
        ->and($answer->json('rows.0.cells.0'))->toBe(['typed' => '84', 'text' => '84', 'doubt' => null])
        ->and($answer->json('rows.0.cells.1.doubt'))->toBe('This is no figure.')
        ->and($answer->json('rows.1.cells.1'))->toBe(['typed' => '70-72', 'text' => '70-72', 'doubt' => null])
        ->and($answer->json('rows.2.place'))->toBeNull();
});

test('a tab that begins the paste is a cell', function (): void {
    $this->actingAs(someone());
    expect($this->postJson('/api/charts/read', ['text' => "\t8\t10\nBust\t84\t88", 'unit' => 'cm'])->json('sizes'))->toBe(['8', '10']);
});

test('a paste is asked for its unit, and a book is refused', function (array $body, string $field): void {
    $this->actingAs(someone());
    $this->postJson('/api/charts/read', $body)->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    [['text' => 'Bust 84'], 'unit'],
    [['text' => '', 'unit' => 'cm'], 'text'],
    [['text' => str_repeat('x', 200_001), 'unit' => 'cm'], 'text'],
]);

test('a spreadsheet file becomes the text it would be if it were copied', function (string $kind): void {
    $this->actingAs(someone());
    $path = SpreadsheetFile::of($kind, [['Size', '8', '10'], ['Bust', '84.5', '37 1/2'], ['Formula', '=1+1']]);
    $answer = $this->post(
        '/api/charts/file',
        ['file' => new UploadedFile($path, "chart.{$kind}", null, null, true)],
        ['Accept' => 'application/json'],
    )->assertOk();
    expect($answer->json('text'))->toContain("Size\t8\t10\nBust\t84.5\t37 1/2")->not->toContain('=1+1');
})->with(['xlsx', 'ods']);

/** The text that a file would be if it were copied and pasted. */
function textOfFile(string $path, string $name): string
{
    $file = new UploadedFile($path, $name, null, null, true);

    return (string) test()->post('/api/charts/file', ['file' => $file], ['Accept' => 'application/json'])->assertOk()->json('text');
}

test('all sheets with figures are read, each under its name, a double size that became a date put right', function (): void {
    $this->actingAs(someone());
    $path = SpreadsheetFile::of('ods', [['Skerry dress'], ['Read me first']], [
        'Body' => [['Size', '6', 'date:2026-10-08'], ['Bust', '84', '88']],
        'Finished garment' => [['Size', '6', '8-10'], ['Bust', '92', '=88+8']],
    ]);
    $text = textOfFile($path, 'chart.ods');
    expect($text)->toBe("Body\nSize\t6\t8-10\nBust\t84\t88\nFinished garment\nSize\t6\t8-10\nBust\t92\t2");
    $read = $this->postJson('/api/charts/read', ['text' => $text, 'unit' => 'cm'])->json();
    expect(array_column($read['rows'], 'place'))->toBe(['body_chart.full_bust', 'finished.full_bust']);
});

test('the text of a PDF is read as it is laid out', function (): void {
    $this->actingAs(someone());
    $pdf = new Dompdf;
    $pdf->loadHtml('<table><tr><td>Size</td><td>8</td><td>10</td></tr><tr><td>Bust</td><td>84</td><td>88</td></tr></table>');
    $pdf->render();
    $path = (string) tempnam(sys_get_temp_dir(), 'chart');
    file_put_contents($path, (string) $pdf->output());
    expect((string) preg_replace('/ +/', ' ', textOfFile($path, 'chart.pdf')))->toContain("Size 8 10\nBust 84 88");
    file_put_contents($path, '%PDF-1.4 and no more');
    $this->post('/api/charts/file', ['file' => new UploadedFile($path, 'chart.pdf', null, null, true)], ['Accept' => 'application/json'])
        ->assertJsonValidationErrors(['file']);
});

test('a text file of another machine keeps its letters', function (string $encoding, string $mark): void {
    $this->actingAs(someone());
    $path = (string) tempnam(sys_get_temp_dir(), 'chart');
    file_put_contents($path, $mark.iconv('UTF-8', $encoding, "Größe;34;36\nHüfte;90;94\n"));
    expect(textOfFile($path, 'chart.csv'))->toContain("Größe;34;36\nHüfte;90;94");
})->with([
    'Windows' => ['WINDOWS-1252', ''], 'Mac' => ['MACINTOSH', ''], 'UTF-8' => ['UTF-8', ''],
    'UTF-16, little end first' => ['UTF-16LE', "\xFF\xFE"], 'UTF-16, big end first' => ['UTF-16BE', "\xFE\xFF"],
]);

test('a table of a web page is read as it stands there, whatever the clipboard made of it as text', function (): void {
    $this->actingAs(someone());
    $html = '<html><body><h3>Body measurements</h3><table><tr><th rowspan="2">Size</th><th colspan="2">Misses</th></tr>'
        .'<tr><th>8</th><th>10</th></tr><tr><td>Bust<br>(fullest part)</td><td><p>84</p></td><td>88</td></tr></table>'
        .'<script>alert(1)</script><p>Finished garment</p><table><tr><td>Size</td><td>10</td><td>8</td></tr>'
        .'<tr><td>Bust</td><td>96</td><td>92</td></tr></table></body></html>';
    $answer = $this->postJson('/api/charts/read', ['text' => 'Size810Bust8488', 'html' => $html, 'unit' => 'cm'])->assertOk();
    expect($answer)->toAgreeWith('ChartPreviewData')
        ->and($answer->json('sentence'))->toBe('Sizes 8 to 10 in centimetres: body (full bust), finished (full bust).')
        ->and(array_column($answer->json('rows.1.cells'), 'text'))->toBe(['92', '96']);
});

test('what a web page lays out as a grid is a table too', function (string $html): void {
    $this->actingAs(someone());
    $read = $this->postJson('/api/charts/read', ['text' => 'Size 8 10', 'html' => "<body><h3>Finished garment</h3>{$html}</body>", 'unit' => 'cm'])->assertOk()->json();
    expect($read['sizes'])->toBe(['8', '10'])->and(array_column($read['rows'], 'place'))->toBe(['finished.full_bust', 'finished.waist'])
        ->and(array_column($read['rows'][1]['cells'], 'text'))->toBe(['72', '76']);
})->with([
    'so many columns' => '<div style="display: grid; grid-template-columns: [name] minmax(80px, 1fr) repeat(2, 60px)"><b style="grid-column: 1 / -1">centimetres</b>'
        .'<p>Size</p><p>8</p><p>10</p><div style="display: contents"><p>Bust</p><p>92</p><p>96</p></div><p>Waist</p><p>72</p><p>76</p></div>',
    'rows of blocks' => '<div style="display:grid"><div><i>Size</i><i>8</i><i>10</i></div><div><i>Bust</i><i>92</i><i>96</i></div>'
        .'<div><i>Waist</i><i>72</i><i>76</i></div></div>',
    'called rows' => '<div role="table"><div role="rowgroup"><div role="row"><span>Size</span><span>8</span><span>10</span></div></div>'
        .'<div role="row"><span>Bust</span><span>92</span><span>96</span></div><div role="row"><span>Waist</span><span>72</span><span>76</span></div></div>',
    'a cell over two columns' => '<div style="display:grid;grid-template-columns:90px 50px 50px"><b>Size</b><b>8</b><b>10</b><b>Bust</b><b>92</b><b>96</b>'
        .'<b>in centimetres</b><b style="grid-column: span 2"></b><b>Waist</b><b>72</b><b>76</b></div>',
    'blocks that are columns' => '<div style="display:grid;grid-template-columns:repeat(3,60px)"><div><p>Size</p><p>Bust</p><p>Waist</p></div>'
        .'<div><p>8</p><p>92</p><p>72</p></div><div><p>10</p><p>96</p><p>76</p></div></div>',
    'cells that flow down' => '<div style="display:grid;grid-auto-flow:column;grid-template-rows:repeat(3,auto)"><b>Size</b><b>Bust</b><b>Waist</b>'
        .'<b>8</b><b>92</b><b>72</b><b>10</b><b>96</b><b>76</b></div>',
]);

test('a cell that reaches down in the last column shifts nothing in the rows below it', function (): void {
    $html = '<table><tr><td>Size</td><td>8</td><td>10</td></tr><tr><td>Bust</td><td>92</td><td rowspan="2">96</td></tr><tr><td>Chest</td><td>91</td></tr>'
        .'<tr><td>Waist</td><td>72</td><td>76</td></tr></table>';
    expect(HtmlText::of($html))->toBe("Size\t8\t10\nBust\t92\t96\nChest\t91\t\nWaist\t72\t76");
});

test('sizes that a chart gives several names keep them beside each other', function (): void {
    $this->actingAs(someone());
    $read = fn (string $text): array => $this->postJson('/api/charts/read', ['text' => $text, 'unit' => 'cm'])->json();
    $lines = $read("EU\t34\t36\nUS\t4\t6\nUK\t8\t10\t12\nBust\t84\t88");
    expect($lines['sizes'])->toBe(['34', '36'])->and($lines['other_names'])->toBe([['4', '6']])->and($lines['left_out'])->toHaveCount(1)
        ->and($read("Size\tXS (4-6)\tS (8-10)\nBust\t84\t88")['other_names'])->toBe([['4-6', '8-10']])
        ->and($read("Size\tXS (4-6)\tS\nBust\t84\t88")['other_names'])->toBe([]);
});

test('what a house calls its rows is remembered for its next chart', function (): void {
    $this->actingAs(someone());
    $paste = ['text' => "Size\t8\t10\nGirth one\t84\t88\nHip\t90\t94", 'unit' => 'cm', 'house' => 'Limpet & Thole'];
    expect($this->postJson('/api/charts/read', $paste)->json('rows.1.place'))->toBeNull();
    $this->putJson('/api/houses', [
        'name' => 'Limpet & Thole', 'unit' => 'cm', 'habits' => ['row_words' => ['Girth one' => 'body_chart.full_bust']],
    ])->assertOk();
    expect(array_column($this->postJson('/api/charts/read', $paste)->json('rows'), 'place'))->toBe(['body_chart.full_bust', 'body_chart.hip']);
    $this->actingAs(someone('another@example.org'));
    expect($this->postJson('/api/charts/read', $paste)->json('rows.1.place'))->toBeNull();
});

test('a unit that nothing tells is asked for, and what is told counts', function (): void {
    $this->actingAs(someone());
    $paste = ['text' => "Size\t20\t22\t24\nBust\t54\t56\t58\nWaist\t47\t49\t51\nHip\t57\t59\t61", 'unit' => 'cm'];
    $open = $this->postJson('/api/charts/read', $paste)->assertOk();
    $told = $this->postJson('/api/charts/read', $paste + ['told' => 'in'])->assertOk();
    expect($open->json('unit_open'))->toBeTrue()->and($open->json('table_doubts.0'))->toContain('Inches or centimetres?')->and($open->json('doubts'))->toBe(1)
        ->and($told->json('unit_open'))->toBeFalse()->and($told->json('rows.0.cells.0.text'))->toBe('54 in')
        ->and($told->json('rows.0.doubt'))->toBeNull();
    $this->postJson('/api/charts/read', $paste + ['told' => 'yd'])->assertJsonValidationErrors(['told']);
});

test('a file that is no spreadsheet says so at the field', function (string $name, string $content): void {
    $this->actingAs(someone());
    $this->post('/api/charts/file', ['file' => UploadedFile::fake()->createWithContent($name, $content)], ['Accept' => 'application/json'])
        ->assertUnprocessable()->assertJsonValidationErrors('file');
})->with([['chart.xlsx', 'this is no zip'], ['chart.exe', 'MZ'], ['chart.ods', ''], ['chart.csv', str_repeat('x', 250_000)]]);

test('a text file is taken as it is', function (): void {
    $this->actingAs(someone());
    $file = UploadedFile::fake()->createWithContent('chart.csv', "Size;8;10\nBust;84;88\n");
    expect(
        $this->post('/api/charts/file', ['file' => $file], ['Accept' => 'application/json'])->json('text'),
    )->toBe("Size;8;10\nBust;84;88\n");
});

test('charts go out as a table that is read back the same', function (): void {
    $this->actingAs(someone());
    $id = $this->postJson(
        '/api/patterns',
        typedPattern(['cups' => ['body_chart' => ['C' => ['90', '94']]], 'sizes' => ['=8', '10']]),
    )->json('id');
    $csv = $this->get("/api/patterns/{$id}/charts.csv")->assertOk()->getContent();
    expect($csv)->toContain("Size,'=8,10\r\n")->toContain('"Waist (cm)",66,70')->toContain(
        '"Finished waist (cm)",71,"75,5"',
    )->toContain('"Bust, C cup (cm)",90,94');
    $back = $this->postJson('/api/charts/read', ['text' => $csv, 'unit' => 'cm'])->json('rows');
    expect(array_column($back, 'place'))->toBe(['body_chart.waist', 'cups.body_chart.C', 'finished.waist'])
        ->and($back[2]['cells'][1]['text'])->toBe('75,5')
        ->and($this->get("/api/patterns/{$id}/pattern.json")->assertOk()->json('pattern.body_chart.waist'))->toBe(['66', '70']);
});

test('a house\'s habits hold for all its patterns, wherever they say nothing of their own', function (): void {
    $this->actingAs(someone());
    $id = $this->postJson('/api/patterns', typedPattern())->json('id');
    expect($this->getJson("/api/patterns/{$id}")->json('between'))->toBe('up');
    $house = ['name' => 'Limpet & Thole', 'unit' => 'cm', 'habits' => ['chart_means' => 'middle', 'seam_allowance' => '1.5', 'front_widths' => ['10' => '33 cm']]];
    expect($this->putJson('/api/houses', $house)->assertOk())->toAgreeWith('HouseData')
        ->and($this->getJson("/api/patterns/{$id}")->json('between'))->toBe('nearest')
        ->and($this->getJson('/api/pattern-guide'))->toAgreeWith('PatternGuideData')
        ->and($this->getJson('/api/pattern-guide')->json('houses.0.name'))->toBe('Limpet & Thole')
        // Front widths are offered, never filled in.
        ->and($this->getJson('/api/pattern-guide')->json('houses.0.habits.front_widths'))->toBe(['10' => '33 cm'])
        ->and($this->getJson("/api/patterns/{$id}")->json('document.body_chart.cross_front'))->toBeNull();
    // Kept again it is the same house, not a second one; from an old view of it nothing is written over.
    $this->putJson('/api/houses', ['habits' => (object) [], 'version' => 1] + $house)->assertOk()->assertJsonPath('version', 2);
    expect($this->getJson('/api/pattern-guide')->json('houses'))->toHaveCount(1);
    foreach ([[], ['version' => 1]] as $old) {
        expect($this->putJson('/api/houses', $old + $house)->assertConflict())->toAgreeWith('HouseConflictData');
    }
    expect((array) $this->getJson('/api/pattern-guide')->json('houses.0.habits'))->toBe([]);
});

test('another user\'s houses and charts are not there', function (): void {
    $this->actingAs(someone());
    $id = $this->postJson('/api/patterns', typedPattern())->json('id');
    $this->putJson('/api/houses', ['name' => 'Limpet & Thole', 'unit' => 'cm', 'habits' => ['chart_means' => 'middle']]);
    $this->actingAs(someone('Other'));
    $this->getJson("/api/patterns/{$id}/charts.csv")->assertNotFound();
    $this->getJson("/api/patterns/{$id}/pattern.json")->assertNotFound();
    expect($this->getJson('/api/pattern-guide')->json('houses'))->toBe([]);
    $own = $this->postJson('/api/patterns', typedPattern())->json();
    expect($own['between'])->toBe('up');
});

test('a pattern says what is odd in it, what the tissue gave, and which envelopes nest', function (): void {
    $this->actingAs(someone());
    $answer = $this->postJson('/api/patterns', typedPattern([
        'sizes' => ['8', '10'], 'levels' => ['waist' => 'critical'], 'finished' => ['waist' => ['66', '75']],
        'body_chart' => ['waist' => ['66', '70'], 'hip' => ['90', '94']],
        'ranges' => [['name' => 'small', 'sizes' => ['8']], ['name' => 'large', 'sizes' => ['10'], 'drafted_cup' => 'D']],
        'flat_checks' => [
            'hip' => ['size' => '8', 'panels' => [['name' => 'front', 'width' => '25'], ['name' => 'back', 'width' => '24']]],
        ],
    ]))->assertCreated();
    expect($answer)->toAgreeWith('PatternData')
        ->and($answer->json('odd.0.message'))->toContain('no ease')
        ->and($answer->json('from_tissue.0'))->toBe([
            'level' => 'hip',
            'measured_size' => '8',
            'used' => true,
            'printed_nm' => null,
            'differs' => false,
            'is_complete' => true,
            'finished_nm' => [980_000_000, 1_020_000_000],
        ])
        ->and(array_column($answer->json('drafts'), 'sizes'))->toBe([['8'], ['10']]);
});

test('tables beside the charts are read each for its place, and nothing is kept', function (string $part, string $text, string $key, string $row): void {
    $this->actingAs(someone());
    $paste = ['part' => $part, 'text' => $text, 'unit' => 'cm', 'sizes' => ['8', '10'], 'fits' => ['slim']];
    $read = $this->postJson('/api/charts/part', $paste)->assertOk()->json();
    expect($read['rows'][0]['name'])->toBe($row)->and($read['entries'][$key])->toHaveCount(1)->and($read['open_units'])->toBe([]);
})->with([
    ['cups', "A\t2.5-5", 'cup_rules', 'Cup A'],
    ['pieces', '1 Bodice front cut 1 on fold', 'pieces', '1 Bodice front'],
    ['cloth', "Size\t8\t10\n140 cm\t2 m\t2.1", 'fabric_needs', 'main cloth, 140 cm'],
    ['fits', "slim\nSize\t8\t10\nBust\t90\t94", 'finished_by', 'Bust, slim'],
]);

test('a table for no place, in no unit, or without a word is refused at its field', function (string $field, mixed $wrong): void {
    $this->actingAs(someone());
    $paste = ['part' => 'cloth', 'text' => 'Size 8', 'unit' => 'cm', 'sizes' => ['8']];
    $this->postJson('/api/charts/part', [$field => $wrong] + $paste)->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([['part', 'sleeves'], ['part', ['cups']], ['text', ''], ['told', 'cm'], ['unit', 'ell'], ['sizes', '8']]);
