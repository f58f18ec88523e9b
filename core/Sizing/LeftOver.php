<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Length;

/** What remains to be taken in (above 0) or let out (below 0) once a size is chosen at a level. */
final readonly class LeftOver
{
    /** So little an edge is simply sewn within the seam allowance: 1/8 in (common practice, no published source). */
    private const SEWN_NANOMETRES = 3_175_000;

    /**
     * @param  ?Length  $wished  the finished girth that would leave nothing over
     * @param  ?Length  $total  all round
     * @param  ?Length  $perEdge  for each cut edge
     */
    private function __construct(public ?Length $wished, public ?Length $total, public ?Length $perEdge)
    {
    }

    /** @param  Length  $adjusted  what a bust adjustment adds to the garment there; 0 without one */
    public static function at(LevelFacts $facts, int $size, Length $adjusted): self
    {
        return $facts->schoolFor($size) === EaseSchool::Liked
            ? self::fromLikedEase($facts, $size, $adjusted)
            : self::fromChart($facts, $size, $adjusted);
    }

    /**
     * The same, with an amount given to one seam alone and only the rest shared.
     *
     * @param  Length  $apart  such as what a hollow back takes at the centre back
     * @param  positive-int  $edges
     */
    public function lessApart(Length $apart, int $edges): self
    {
        return new self($this->wished, $this->total, $this->total?->minus($apart)->dividedBy($edges));
    }

    public function sewInAllowance(): bool
    {
        return $this->perEdge !== null
            && ! $this->perEdge->isZero()
            && $this->perEdge->abs()->nanometres <= self::SEWN_NANOMETRES;
    }

    private static function fromChart(LevelFacts $facts, int $size, Length $adjusted): self
    {
        $drafted = $facts->draftedEase($size);
        $wished = $drafted === null ? null : $facts->body->plus($drafted);

        return self::shared($wished, $facts->chart->at($size)?->minus($facts->body)->plus($adjusted), $facts->edges);
    }

    private static function fromLikedEase(LevelFacts $facts, int $size, Length $adjusted): self
    {
        $wished = $facts->likedEase === null ? null : $facts->body->plus($facts->likedEase);

        return self::shared($wished, $wished === null ? null : $facts->finishedAt($size)?->minus($wished)->plus($adjusted), $facts->edges);
    }

    /** @param  positive-int  $edges */
    private static function shared(?Length $wished, ?Length $total, int $edges): self
    {
        return new self($wished, $total, $total?->dividedBy($edges));
    }
}
