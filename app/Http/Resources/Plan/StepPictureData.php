<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Work\Pictures\Picture;

/** What the hands do, drawn; not to scale. */
final readonly class StepPictureData
{
    /**
     * @param  list<StepStrokeData>  $strokes  the lowest first
     * @param  list<StepNoteData>  $notes
     */
    public function __construct(
        public int $width,
        public int $height,
        public array $strokes,
        public array $notes,
    ) {
    }

    public static function ofAny(?Picture $picture): ?self
    {
        return $picture === null ? null : new self(
            Picture::WIDTH,
            Picture::HEIGHT,
            array_map(static fn (array $stroke): StepStrokeData => new StepStrokeData($stroke[0], $stroke[1]->value), $picture->strokes),
            array_map(static fn (array $note): StepNoteData => new StepNoteData(...$note), $picture->notes),
        );
    }
}
