<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use Underbolt\Work\Pictures\LinePicture;

/** The line to cut with its marks, drawn. */
final readonly class LinePictureData
{
    /**
     * @param  string  $svg  a whole drawing
     * @param  string  $note  what is to be known of it
     */
    private function __construct(public int $width, public int $height, public string $svg, public string $note)
    {
    }

    public static function ofAny(?LinePicture $picture): ?self
    {
        return $picture === null ? null : new self(LinePicture::WIDTH, $picture->height(), $picture->svg(), $picture->note());
    }
}
