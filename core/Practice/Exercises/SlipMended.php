<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\Unit;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Judgement;
use Underbolt\Practice\Placing;
use Underbolt\Practice\Slip;
use Underbolt\Practice\TapePoint;

/** What the hands do next with a tape that slipped: slip by slip and which way, never the point's general sentence. */
final readonly class SlipMended
{
    private function __construct(private Figure $figure, private Placing $placing, private Said $say)
    {
    }

    /** @return list<string> of the slips that are not small enough, in their order: `1.1 cm too low: up to the crease.` */
    public static function words(Figure $figure, Placing $placing, Judgement $judged, Unit $unit): array
    {
        $self = new self($figure, $placing, new Said($unit));
        $made = array_keys(array_filter($judged->slips, static fn (bool $isSmall): bool => ! $isSmall));

        return array_map(static fn (string $slip): string => $self->mended(Slip::from($slip)), $made);
    }

    private function mended(Slip $slip): string
    {
        return match ($slip) {
            Slip::Board => $this->placing->board === true ? 'Without the board: here nothing stands out before the level.' : 'Hold a board upright against the front: the tape goes round it.',
            Slip::Arms => 'Arms down, and read it again.',
            Slip::Place => $this->place(),
            Slip::Slant => $this->slant(),
            Slip::Breath => 'Read it at rest, after an ordinary breath out.',
            Slip::Pull => 'Let it lie: pull until it stays up by itself, no more.',
            Slip::Cloth => "There is cloth {$this->say->length($this->placing->over)} thick under it: take off what will not be worn under the garment.",
            Slip::Fingers => 'No finger under it: the room to move is the pattern\'s part.',
            Slip::Stretched => 'The tape has stretched: hold it against a ruler, and take another.',
            Slip::End => 'Begin at the nought: some tapes have a bare end before it.',
        };
    }

    private function place(): string
    {
        $own = $this->figure->heightOf($this->placing->point);
        $by = ($this->placing->height ?? $own) - $own;

        return "{$this->say->length(abs($by))} too ".($by > 0 ? 'high: down' : 'low: up').' to '.match ($this->placing->point) {
            TapePoint::HighBust => 'the place close under the arms',
            TapePoint::Bust => 'the fullest place of the bust',
            TapePoint::Underbust => 'the ribs right under the bust',
            TapePoint::Waist => 'the crease',
            TapePoint::Hip => 'the fullest place of the seat',
        }.'.';
    }

    private function slant(): string
    {
        [$by, $where] = abs($this->placing->front) >= abs($this->placing->left) ? [$this->placing->front, 'In front'] : [$this->placing->left, 'At the left side'];

        return $this->say->slant($by, $where).': '.($by > 0 ? 'down' : 'up').' there, until it is level all round.';
    }
}
