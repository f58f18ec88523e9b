<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\File\CardLine;
use Underbolt\Measure\CardCheck;
use Underbolt\Measure\PointGuides;

final readonly class ImportLineData
{
    /**
     * @param  int  $number  of the line in the file
     * @param  string  $name  of the point
     * @param  string  $text  as typed
     * @param  int  $attempt  which try, from 1
     * @param  ?string  $replaces  what stands there now and is written over; null where nothing does
     * @param  ?string  $asked  where the figure is no body in its unit and one in the other
     */
    public function __construct(
        public int $number,
        public string $point,
        public string $name,
        public string $text,
        public int $length_nm,
        public int $attempt,
        #[OA\Property(format: 'date')] public string $date,
        public string $foundation,
        public ?string $replaces,
        public ?string $asked,
    ) {
    }

    public static function of(CardLine $line, ?string $replaces): self
    {
        return new self(
            number: $line->number,
            point: $line->point->value,
            name: PointGuides::all()[$line->point->value]->name,
            text: $line->text,
            length_nm: $line->length->nanometres,
            attempt: $line->attempt,
            date: $line->date,
            foundation: $line->foundation,
            replaces: $replaces,
            asked: CardCheck::asksUnit($line->point, $line->length, $line->text, $line->unit),
        );
    }
}
