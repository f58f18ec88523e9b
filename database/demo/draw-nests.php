<?php

/**
 * Draws the demo's nests: front and back of the Causeway dress in its eight sizes, from the finished figures of the pattern,
 * with named layers and as a PDF without names; and one drawn the ugly way: lines in parts, transforms, inches.
 *   php database/demo/draw-nests.php        (the PDF needs rsvg-convert)
 */

declare(strict_types=1);

const FOLD = 30.0;
const TOP = 40.0;
const UNDERARM = 200.0;
const WAIST = 405.0;
const HIP = 605.0;

$pattern = json_decode((string) file_get_contents(__DIR__.'/patterns.json'), true, flags: JSON_THROW_ON_ERROR)[0]['document'];
$sizes = $pattern['sizes'];

/** A quarter of a finished girth, in millimetres; where none is printed, the body's with 6 cm of ease. */
$quarter = static function (string $level, int $size) use ($pattern): float {
    $typed = $pattern['finished'][$level][$size] ?? null;
    $cm = $typed === null ? (float) str_replace(',', '.', (string) $pattern['body_chart'][$level][$size]) + 6 : (float) str_replace(',', '.', (string) $typed);

    return $cm * 10 / 4;
};

/** @return array{string, string, string} a piece's side seam, what goes round above it, and its hem, as path data from point to point */
$piece = static function (string $which, int $size) use ($quarter): array {
    $back = $which === 'back';
    [$bust, $waist, $hip] = array_map(static fn (string $level): float => FOLD + $quarter($level, $size) + ($back ? -8 : 8), ['full_bust', 'waist', 'hip']);
    $underarm = UNDERARM + 2 * $size;
    $hem = HIP + 440 + 3 * $size;
    $shoulder = $bust - ($back ? 62 : 70);
    $n = static fn (float ...$places): string => implode(' ', array_map(static fn (float $place): string => rtrim(rtrim(sprintf('%.2F', $place), '0'), '.'), $places));
    $seam = 'C'.$n($bust - 6, $underarm + 70, $waist + 3, WAIST - 60, $waist, WAIST)
        .'C'.$n($waist - 3, WAIST + 60, $hip - 2, HIP - 80, $hip, HIP)
        .'C'.$n($hip + 2, HIP + 100, $hip + 14, $hem - 120, $hip + 22, $hem - 6);
    $hemLine = 'C'.$n($hip - 60, $hem - 1, FOLD + 120, $hem, FOLD, $hem);
    $round = 'L'.$n(FOLD, TOP + ($back ? 24 : 78))
        .'C'.$n(FOLD + 36, TOP + ($back ? 24 : 78), FOLD + 62, TOP + ($back ? 18 : 50), FOLD + 66, TOP)
        .'L'.$n($shoulder, TOP + 34 + $size)
        .'C'.$n($shoulder - 14, TOP + 90, $shoulder + 4, $underarm - 4, $bust, $underarm);

    return ['M'.$n($bust, $underarm).$seam, $hemLine, $round];
};

$file = static fn (string $inside, string $head): string => "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
    ."xmlns:inkscape=\"http://www.inkscape.org/namespaces/inkscape\" {$head}>\n{$inside}</svg>\n";
$dashes = ['', '8 3', '3 3', '12 3 3 3', '6 2 2 2', '16 4', '2 2', '10 4 2 4'];

foreach (['front', 'back'] as $which) {
    $named = $bare = '';
    foreach ($sizes as $i => $size) {
        $path = '<path d="'.implode('', $piece($which, $i)).'Z" fill="none" stroke="#222" stroke-width=".5"'.($dashes[$i] === '' ? '' : " stroke-dasharray=\"{$dashes[$i]}\"").'/>';
        $named .= '<g id="layer'.($i + 1)."\" inkscape:groupmode=\"layer\" inkscape:label=\"Size {$size}\">{$path}</g>\n";
        $bare .= "{$path}\n";
    }
    $head = 'width="420mm" height="1120mm" viewBox="0 0 420 1120"';
    file_put_contents(__DIR__."/nests/causeway-{$which}.svg", $file($named, $head));
    if ($which === 'back') {
        file_put_contents($plain = __DIR__.'/nests/plain.svg', $file($bare, $head));
        exec('rsvg-convert -f pdf -o '.escapeshellarg(__DIR__.'/nests/causeway-back.pdf').' '.escapeshellarg($plain));
        unlink($plain);
    }
}

// In inches, on its side, each line in three parts, some of them drawn the other way round and moved twice.
$ugly = '<style>.c0{stroke:#111}.c1{stroke:#111;stroke-dasharray:9 4}.c2{stroke:#555}.c3{stroke:#555;stroke-dasharray:3 3}</style>';
foreach (array_slice($sizes, 0, 4) as $i => $size) {
    [$seam, $hem, $round] = $piece('front', $i);
    $end = static fn (string $d): string => implode(' ', array_slice(preg_split('/[ A-Z]+/', trim($d)) ?: [], -2));
    $ugly .= "<g transform=\"translate(3 -2)\" class=\"c{$i}\"><g transform=\"translate(-3 2)\">"
        ."<path d=\"{$seam}\"/><path d=\"M{$end($seam)}{$hem}\"/><path d=\"M{$end($hem)}{$round}\"/></g><text x=\"60\" y=\"".(300 + 12 * $i)."\">{$size}</text></g>\n";
}
$scale = 1 / 25.4;
file_put_contents(__DIR__.'/nests/ugly-front.svg', $file("<g transform=\"scale({$scale}) rotate(-90) translate(-421 0)\" fill=\"none\" stroke-width=\".4\">{$ugly}</g>\n", 'width="44.1in" height="16.6in" viewBox="0 0 44.1 16.6"'));
