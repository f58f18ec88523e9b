<?php

declare(strict_types=1);

use Underbolt\Nest\SizeNames;
use Underbolt\Nest\SvgReader;

/** @return array<string, string> what is proposed of lines whose groups are called so */
function proposedOf(array $names, array $sizes): array
{
    $lines = '';
    foreach ($names as $place => $name) {
        $lines .= "<g id=\"{$name}\"><path d=\"M{$place} 0V100\" stroke=\"#000\"/></g>";
    }
    $drawing = SvgReader::read('<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">'.$lines.'</svg>');
    $at = array_column(array_map(static fn ($line): array => [$line->id, $names[(int) round($line->runs[0]->x[0])]], $drawing->lines), 1, 0);

    return array_map(static fn (string $id): string => $at[$id], SizeNames::propose($drawing, $sizes));
}

test('a line is proposed for the size that its name says, whatever else stands in it', function (array $names, array $sizes, array $proposed): void {
    expect(proposedOf($names, $sizes))->toBe($proposed);
})->with([
    'the size, or the size as a word' => [['8', 'Size 10', 'cut 12 solid'], ['8', '10', '12'], ['8' => '8', '10' => 'Size 10', '12' => 'cut 12 solid']],
    'with a nought before it' => [['SIZE 06', 'SIZE 08', 'SIZE 10'], ['6', '8', '10'], ['6' => 'SIZE 06', '8' => 'SIZE 08', '10' => 'SIZE 10']],
    'one size in another is none' => [['size 16'], ['6'], []],
    'a layer of several sizes' => [['Sizes 6-12', 'Sizes 6 to 12', '6..12', '12'], ['6', '12'], ['12' => '12']],
    'a size that is a range itself' => [['Size 6-8', 'Size 10-12'], ['6-8', '10-12'], ['6-8' => 'Size 6-8', '10-12' => 'Size 10-12']],
    'what the program calls its parts' => [['line-6', 'path8', 'Layer 10', 'polyline_12'], ['6', '8', '10', '12'], []],
    'letters' => [['XL', 'Size L'], ['L', 'XL'], ['L' => 'Size L', 'XL' => 'XL']],
]);
