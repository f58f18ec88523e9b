<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\SvgReader;
use Underbolt\Nest\UnreadableNest;

/** An SVG drawing with each of its lines whole. */
final class MendedSvg
{
    /** @throws UnreadableNest saying in one sentence why not */
    public static function read(string $svg): NestDrawing
    {
        return Dashes::joined(SvgReader::read($svg));
    }

    /**
     * One of several pages: there may be nothing on it.
     *
     * @throws UnreadableNest likewise
     */
    public static function readPage(string $svg): NestDrawing
    {
        return Dashes::joined(SvgReader::readPage($svg));
    }
}
