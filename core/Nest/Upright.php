<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A drawing turned so that its grain runs down and the middle of the body is on the left: away from it is to the right. */
final readonly class Upright
{
    private Matrix $there;

    private Matrix $back;

    /** Whether left and right have changed places. */
    public bool $isMirrored;

    public function __construct(NestMarks $marks)
    {
        [$x, $y] = $marks->grain === null ? [0.0, 1.0] : [$marks->grain[1][0] - $marks->grain[0][0], $marks->grain[1][1] - $marks->grain[0][1]];
        // Up or down is one grain: the nearer to the way it lies already.
        $turn = M_PI / 2 - ($y < 0 ? atan2(-$y, -$x) : atan2($y, $x));
        $this->isMirrored = $marks->fold === Side::Right;
        $side = $this->isMirrored ? -1.0 : 1.0;
        $this->there = Matrix::scale($side, 1.0)->times(Matrix::rotate($turn));
        $this->back = Matrix::rotate(-$turn)->times(Matrix::scale($side, 1.0));
    }

    public function line(Line $line): Line
    {
        return $line->changed($this->there->apply(...));
    }

    public function drawn(Line $line): Line
    {
        return $line->changed($this->back->apply(...));
    }

    /**
     * @param  array{float, float}  $place
     * @return array{float, float}
     */
    public function place(array $place): array
    {
        return $this->there->apply(...$place);
    }
}
