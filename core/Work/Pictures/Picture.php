<?php

declare(strict_types=1);

namespace Underbolt\Work\Pictures;

/** A small drawing of what the hands do in one step: not to scale, the amounts are written in it. */
final readonly class Picture
{
    public const WIDTH = 120;

    public const HEIGHT = 96;

    /**
     * @param  list<array{string, Pen}>  $strokes  SVG paths, the lowest first
     * @param  list<array{float, float, string}>  $notes  what is written, from its left end
     */
    public function __construct(public array $strokes, public array $notes = [])
    {
    }

    /** By itself, in grey, for paper. */
    public function svg(): string
    {
        $inks = [
            Pen::Paper->value => 'fill="#f4f4f4" stroke="#444" stroke-width="1"',
            Pen::Printed->value => 'fill="none" stroke="#888" stroke-width="1"',
            Pen::Made->value => 'fill="none" stroke="#000" stroke-width="2.2"',
            Pen::Cut->value => 'fill="none" stroke="#000" stroke-width="1" stroke-dasharray="4 3"',
            Pen::Between->value => 'fill="#cfcfcf" stroke="#444" stroke-width="0.7"',
        ];
        $drawn = array_map(static fn (array $stroke): string => "<path d=\"{$stroke[0]}\" {$inks[$stroke[1]->value]}/>", $this->strokes);
        $written = array_map(
            static fn (array $note): string => sprintf('<text x="%.1f" y="%.1f" font-size="10" font-family="DejaVu Sans">%s</text>', $note[0], $note[1], htmlspecialchars($note[2], ENT_XML1)),
            $this->notes,
        );
        [$width, $height] = [self::WIDTH, self::HEIGHT];

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}\" height=\"{$height}\" viewBox=\"0 0 {$width} {$height}\">".implode('', [...$drawn, ...$written]).'</svg>';
    }
}
