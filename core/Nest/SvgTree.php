<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use XMLReader;

/** The elements of an SVG file that draw lines; nothing in it is followed, run or fetched. */
final class SvgTree
{
    public const MOST_BYTES = 8_000_000;

    public const MOST_ELEMENTS = 200_000;

    private const DEEPEST = 256;

    private const KEPT = ['svg', 'g', 'a', 'switch', 'symbol', 'defs', 'use', 'path', 'line', 'polyline', 'polygon', 'rect', 'circle', 'ellipse', 'style', 'clipPath', 'text'];

    private const ATTRIBUTES = [
        'id', 'inkscape:label', 'class', 'style', 'fill', 'clip-path', 'stroke', 'stroke-dasharray', 'display', 'transform', 'd', 'points', 'x', 'y', 'x1', 'y1', 'x2', 'y2',
        'width', 'height', 'cx', 'cy', 'r', 'rx', 'ry', 'href', 'xlink:href', 'viewBox', 'preserveAspectRatio',
    ];

    /** @throws UnreadableNest */
    public static function read(string $svg): SvgElement
    {
        if (strlen($svg) > self::MOST_BYTES) {
            throw UnreadableNest::at('drawing', 'is larger than 8 MB, far more than a pattern piece needs; leave out what is not its lines');
        }
        if (trim($svg) === '') {
            throw UnreadableNest::at('drawing', 'is no SVG drawing: there is nothing in it');
        }
        // Counted before anything is built.
        if (preg_match_all('/<[a-zA-Z_]/', $svg) > self::MOST_ELEMENTS) {
            throw self::tooMany();
        }
        $quiet = libxml_use_internal_errors(true);
        try {
            return self::tree(XMLReader::XML(self::withoutDoctype($svg), null, LIBXML_NONET | LIBXML_COMPACT));
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($quiet);
        }
    }

    /** A document type is never followed; names it gives to addresses stand for nothing here. */
    private static function withoutDoctype(string $svg): string
    {
        $at = stripos(substr($svg, 0, 20_000), '<!DOCTYPE');
        if ($at === false) {
            return $svg;
        }
        $end = strpos($svg, '>', $at);
        $inside = strpos($svg, '[', $at);
        if ($inside !== false && $end !== false && $inside < $end) {
            $close = preg_match('/\]\s*>/', $svg, $found, PREG_OFFSET_CAPTURE, $inside) === 1 ? $found[0][1] + strlen($found[0][0]) : false;
            $end = $close === false ? false : $close - 1;
        }
        if ($end === false) {
            return $svg;
        }
        $rest = substr($svg, 0, $at).substr($svg, $end + 1);

        return (string) preg_replace('/&(?!amp;|lt;|gt;|quot;|apos;|#)[\w.:-]+;/', 'x', $rest);
    }

    private static function tree(XMLReader|bool $reader): SvgElement
    {
        $root = null;
        /** @var list<SvgElement> $open */
        $open = [];
        $goesOn = $reader instanceof XMLReader && $reader->read();
        while ($goesOn && $reader instanceof XMLReader) {
            if ($reader->nodeType === XMLReader::DOC_TYPE) {
                throw UnreadableNest::at('drawing', 'has a document type that is not followed; save it as plain SVG');
            }
            if ($reader->nodeType === XMLReader::ELEMENT) {
                if ($reader->depth >= self::DEEPEST) {
                    throw self::tooDeep();
                }
                if (! in_array($reader->localName, self::KEPT, true)) {
                    $goesOn = $reader->next();

                    continue;
                }
                $element = self::element($reader);
                array_splice($open, $reader->depth);
                $parent = $open === [] ? null : $open[count($open) - 1];
                $parent === null ? $root ??= $element : $parent->children[] = $element;
                $open[] = $element;
            } elseif (in_array($reader->nodeType, [XMLReader::TEXT, XMLReader::CDATA], true) && $open !== [] && $open[count($open) - 1]->name === 'style') {
                $open[count($open) - 1]->text .= $reader->value;
            }
            $goesOn = $reader->read();
        }
        $error = libxml_get_last_error();
        if ($error !== false && $error->level >= LIBXML_ERR_ERROR && $error->code !== 201) {
            throw str_contains($error->message, 'depth') ? self::tooDeep() : UnreadableNest::at('drawing', "can't be read as SVG: it breaks off at line {$error->line}");
        }
        if ($root === null || $root->name !== 'svg') {
            throw UnreadableNest::at('drawing', 'is no SVG drawing; export the piece as SVG, or as a PDF of lines');
        }

        return $root;
    }

    public static function tooMany(): UnreadableNest
    {
        return UnreadableNest::at('drawing', 'has more than '.number_format(self::MOST_ELEMENTS, 0, '.', ' ').' parts, far more than a pattern piece; leave out what is not its lines');
    }

    private static function tooDeep(): UnreadableNest
    {
        return UnreadableNest::at('drawing', 'has groups nested deeper than '.self::DEEPEST.', which no drawing program writes; ungroup it and export it again');
    }

    private static function element(XMLReader $reader): SvgElement
    {
        $kept = [];
        $name = $reader->localName;
        while ($reader->moveToNextAttribute()) {
            if (in_array($reader->name, self::ATTRIBUTES, true)) {
                $kept[$reader->name] = $reader->value;
            }
        }
        $reader->moveToElement();

        return new SvgElement($name, $kept);
    }
}
