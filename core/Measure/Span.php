<?php

declare(strict_types=1);

namespace Underbolt\Measure;

use Underbolt\Refusal;

/** A chart figure as it is printed: one, or a range such as 84-88. Against a body its nearest place counts, against another figure its middle. */
final readonly class Span
{
    public Length $middle;

    private function __construct(public Length $from, public Length $to)
    {
        $this->middle = $from->plus($to)->dividedBy(2);
    }

    public static function of(Length|self $figure): self
    {
        return $figure instanceof self ? $figure : new self($figure, $figure);
    }

    /** Null unless the first is the smaller. */
    public static function between(Length $from, Length $to): ?self
    {
        return $from->isLessThan($to) ? new self($from, $to) : null;
    }

    /** A text such as `84-88`, `84 cm - 88 cm` or `33-34 1/2 in`; null where it is no range. A unit at the end is that of both. */
    public static function read(string $typed, Unit $unit): ?self
    {
        $text = LengthText::plain($typed);
        for ($dash = strpos($text, '-', min(1, strlen($text))); $dash !== false; $dash = strpos($text, '-', $dash + 1)) {
            try {
                $last = substr($text, $dash + 1);
                $to = Length::parse($last, $unit);
                $first = substr($text, 0, $dash);
                $word = LengthText::unitWord($last);
                $from = Length::parse($word === null || LengthText::namesUnit($first) ? $first : "{$first} {$word}", $unit);
            } catch (Refusal) {
                continue;
            }
            // `37-3/4` is one figure.
            if ($from->isLessThan($to)) {
                return new self($from, $to);
            }
        }

        return null;
    }

    public function isRange(): bool
    {
        return $this->from->isLessThan($this->to);
    }

    /** The place of it that lies nearest to a measure: the measure itself where it is held. */
    public function nearestTo(Length $measure): Length
    {
        return $this->from->longer($measure)->shorter($this->to);
    }

    /** How far it lies from a measure, in nanometres: 0 where it is held. Asked of every size of a chart, so without lengths made for it. */
    public function distance(Length $measure): int
    {
        return max(0, $this->from->nanometres - $measure->nanometres, $measure->nanometres - $this->to->nanometres);
    }

    public function plus(Length $by): self
    {
        return new self($this->from->plus($by), $this->to->plus($by));
    }
}
