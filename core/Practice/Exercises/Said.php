<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;

/** Millimetres in the words of a sentence, as closely as a tape shows them: to a millimetre, or to an eighth of an inch. */
final readonly class Said
{
    private const NM_OF_A_MM = 1_000_000;

    public function __construct(private Unit $unit)
    {
    }

    public function length(float $mm): string
    {
        return LengthPrint::sentence($this->read($mm), $this->unit);
    }

    /** `In front it runs 1 cm higher than in the middle`: by how much a tape runs higher there, lower below 0. */
    public function slant(float $by, string $where): string
    {
        return "{$where} it runs {$this->length(abs($by))} ".($by > 0 ? 'higher' : 'lower').' than in the middle';
    }

    public function signed(float $mm): string
    {
        return match (true) {
            $this->read($mm)->nanometres > 0 => "{$this->length($mm)} too much",
            $this->read($mm)->nanometres < 0 => "{$this->length(abs($mm))} too little",
            default => 'all the same',
        };
    }

    /** As it would be read: to the smallest stroke of the tape. */
    public function read(float $mm): Length
    {
        $stroke = intdiv($this->unit->nanometres(), TapePiece::strokes($this->unit));

        return Length::ofNanometres($stroke * (int) round($mm * self::NM_OF_A_MM / $stroke));
    }
}
