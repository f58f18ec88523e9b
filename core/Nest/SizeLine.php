<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** One size on an upright drawing: its side seam from the underarm down, and where its line is closed the rest of it. */
final readonly class SizeLine
{
    /** Farther than this from its line a mark is no mark on it. */
    private const FARTHEST_MM = 25.0;

    /** Some programs write a point every tenth of a millimetre: where they lie so close, what lies so near the rest tells nothing. */
    private const CLOSE_MM = 0.5;

    private const THIN_MM = 0.0005;

    /**
     * @param  Line  $seam  from the underarm to the hem
     * @param  ?Line  $rest  the other way from the underarm to the hem: armhole, neck, fold, hem; null where the line is open
     * @param  ?float  $armhole  the way on the rest to the top of the armhole
     * @param  ?float  $fold  the way on the rest to the hem's end at the fold
     */
    private function __construct(public string $size, public Line $seam, public ?Line $rest, public ?float $armhole, public ?float $fold)
    {
    }

    /** @throws UnreadableNest where a mark is missing, or doesn't lie on its line */
    public static function of(string $size, NestDrawing $drawing, NestMarks $marks, Upright $upright): self
    {
        $id = $marks->lines[$size] ?? throw UnreadableNest::at("lines.{$size}", 'is missing: say which line is this size\'s');
        $marked = array_values(array_filter([$marks->underarm[$size] ?? null, $marks->hem[$size] ?? null]));
        $line = $upright->line(self::thinned($drawing->line($id, "lines.{$size}", $marked)));
        $corners = Corners::of($line);
        $underarm = self::way($line, $corners, $marks->underarm[$size] ?? null, "underarm.{$size}", $upright);
        $hem = self::way($line, $corners, $marks->hem[$size] ?? null, "hem.{$size}", $upright);
        if (abs($underarm - $hem) < Line::SAME_MM) {
            throw UnreadableNest::at("hem.{$size}", 'is the same place as the underarm');
        }
        if (! $line->isClosed) {
            return new self($size, $line->between($underarm, $hem), null, null, null);
        }
        $ways = [$line->onwards($underarm, $hem), $line->onwards($hem, $underarm)->reversed()];
        [$seam, $rest] = $ways[0]->meanX() >= $ways[1]->meanX() ? $ways : [$ways[1], $ways[0]];
        // The ends of the rest are corners too, but neither the armhole's top nor the fold.
        $corners = Corners::of($rest);
        $inner = array_slice($corners, 1, -1);
        $top = $marks->armholeTop[$size] ?? null;
        $fold = $marks->hemFold[$size] ?? null;

        return new self(
            $size,
            $seam,
            $rest,
            $top === null ? $inner[0] ?? null : self::way($rest, $corners, $top, "armhole_top.{$size}", $upright),
            $fold === null ? $inner[count($inner) - 1] ?? null : self::way($rest, $corners, $fold, "hem_fold.{$size}", $upright),
        );
    }

    public function underarmY(): float
    {
        return $this->seam->y[0];
    }

    public function hemY(): float
    {
        return $this->seam->y[count($this->seam->y) - 1];
    }

    /**
     * The side seam in its three parts, each from its level to the next.
     *
     * @return array{Line, Line, Line}
     *
     * @throws UnreadableNest where it doesn't come to a level
     */
    public function sections(float $waistY, float $hipY): array
    {
        $waist = $this->seam->firstAt($waistY) ?? throw UnreadableNest::at('waist_y', "the side seam of {$this->size} doesn't come to this height");
        $hip = $this->seam->firstAt($hipY, $waist) ?? throw UnreadableNest::at('hip_y', "the side seam of {$this->size} doesn't come to this height below the waist");

        return [$this->seam->between(0.0, $waist), $this->seam->between($waist, $hip), $this->seam->between($hip, $this->seam->length())];
    }

    /**
     * The side seam of a piece that begins at a waist seam: down to the hip, and on from there.
     *
     * @return array{Line, Line}
     *
     * @throws UnreadableNest where it doesn't come to the hip
     */
    public function below(float $hipY): array
    {
        $hip = $this->seam->firstAt($hipY) ?? throw UnreadableNest::at('hip_y', "the side seam of {$this->size} doesn't come to this height");

        return [$this->seam->between(0.0, $hip), $this->seam->between($hip, $this->seam->length())];
    }

    /** The same on paper that was lengthened or shortened. */
    public function lengthened(LengthBands $bands): self
    {
        $rest = $this->rest === null ? null : $bands->on($this->rest);
        $moved = fn (?float $way): ?float => $this->rest === null || $rest === null || $way === null
            ? null
            : $rest->nearest(...$bands->place($this->rest->at($way)))[0];

        return new self(
            $this->size,
            $bands->on($this->seam),
            $rest,
            $moved($this->armhole),
            $moved($this->fold),
        );
    }

    private static function thinned(Line $line): Line
    {
        return count($line->x) * self::CLOSE_MM > $line->length() ? Line::through(ThinnedLine::points($line, self::THIN_MM)) : $line;
    }

    /**
     * @param  list<float>  $corners  of the line
     * @param  ?array{float, float}  $mark
     */
    private static function way(Line $line, array $corners, ?array $mark, string $field, Upright $upright): float
    {
        if ($mark === null) {
            throw UnreadableNest::at($field, 'is missing: mark it on this size\'s line');
        }
        [$way, $away] = $line->nearest(...$upright->place($mark));
        if ($away > self::FARTHEST_MM) {
            throw UnreadableNest::at($field, sprintf('lies %.1f mm from its line; mark it on the line', $away));
        }

        // A mark at a corner is that corner.
        foreach ($corners as $corner) {
            if (abs($corner - $way) <= Line::SAME_MM) {
                return $corner;
            }
        }

        return $way;
    }
}
