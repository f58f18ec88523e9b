<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;

/** What one edge of one piece gets in a step: the only place where an amount is told. All that shows one picks it out of these. */
final readonly class Applied
{
    public const SIDE = 'side';

    public const SIDE_NOTCH = 'side_notch';

    public const ACROSS = 'across';

    /** Two side seams, left and right: each side has so many of every edge. */
    public const LEFT_AND_RIGHT = 2;

    /**
     * @param  string  $edge  a kind of seam, `side_notch` of a band without a seam there, or `across` where paper is cut
     * @param  ?PieceSide  $side  front or back; null where the piece lies on neither
     * @param  ?Level  $level  null where a stretch is told instead
     * @param  ?string  $stretch  above_waist, below_waist, hem, sleeve, bicep, underarm or a kind of seam
     * @param  bool  $isSewn  sewn in the seam, not drawn
     * @param  ?int  $line  the size whose printed line it counts from; null where it counts from a step
     * @param  ?string  $step  the step whose edge it counts from
     * @param  Length  $amount  outward or longer above 0
     * @param  bool  $isUp  whether it raises an underarm, and with it where the side seam begins
     * @param  ?array{string, string}  $between  the notches that it runs out at
     * @param  ?int  $on  another size whose printed line it so comes to lie on
     * @param  positive-int  $per  how many such edges there are round the garment
     */
    public function __construct(
        public string $piece,
        public string $edge,
        public ?PieceSide $side,
        public ?Level $level,
        public ?string $stretch,
        public bool $isSewn,
        public ?int $line,
        public ?string $step,
        public Length $amount,
        public bool $isUp = false,
        public ?array $between = null,
        public ?int $on = null,
        public int $per = self::LEFT_AND_RIGHT,
    ) {
    }

    /** @param  ?int  $on  another printed line that it comes to lie on */
    public static function drawn(string $piece, PieceSide $side, Level $level, int $line, Length $amount, string $edge = self::SIDE, ?int $on = null): self
    {
        return new self(piece: $piece, edge: $edge, side: $side, level: $level, stretch: null, isSewn: false, line: $line, step: null, amount: $amount, on: $on);
    }

    /** A printed line that is followed as it is, at a stretch of a piece. */
    public static function followed(string $piece, string $edge, ?PieceSide $side, string $stretch, int $line): self
    {
        return new self(piece: $piece, edge: $edge, side: $side, level: null, stretch: $stretch, isSewn: false, line: $line, step: null, amount: Length::zero());
    }

    /**
     * @param  string  $step  that has drawn the edge before
     * @param  positive-int  $per
     */
    public static function further(string $piece, string $edge, ?PieceSide $side, ?Level $level, string $step, Length $amount, ?string $stretch = null, int $per = self::LEFT_AND_RIGHT): self
    {
        return new self(piece: $piece, edge: $edge, side: $side, level: $level, stretch: $stretch, isSewn: false, line: null, step: $step, amount: $amount, per: $per);
    }

    /**
     * @param  array{string, string}  $between
     * @param  positive-int  $per
     */
    public static function sewn(string $piece, string $edge, ?PieceSide $side, ?Level $level, string $step, Length $amount, array $between, ?string $stretch = null, int $per = self::LEFT_AND_RIGHT): self
    {
        return new self(piece: $piece, edge: $edge, side: $side, level: $level, stretch: $stretch, isSewn: true, line: null, step: $step, amount: $amount, between: $between, per: $per);
    }
}
