<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A text on paper: millimetres from the top left corner to its base line. */
final readonly class Label
{
    /** What is read beside the cloth is 8 pt at least, */
    public const WORDS_MM = 2.9;

    /** and an amount 11 pt. */
    public const AMOUNT_MM = 3.9;

    /** How wide letters are in the fonts that papers are written in, as shares of their size: figures and most others, narrow ones, wide ones. */
    private const WIDE = 0.62;

    private const NARROW = 0.35;

    private const WIDEST = 0.9;

    private const ABOVE_BASE = 0.8;

    private const BELOW_BASE = 0.25;

    /**
     * @param  string  $group  of the drawing that it belongs to
     * @param  float  $sizeMm  of the letters, from base line to base line
     */
    public function __construct(
        public string $group,
        public float $xMm,
        public float $yMm,
        public string $text,
        public float $sizeMm = 3.5,
        public Anchor $anchor = Anchor::Start,
    ) {
    }

    /** How wide a text is at the most. */
    public static function widthMm(string $text, float $sizeMm): float
    {
        $all = mb_strlen($text);
        $narrow = $all - mb_strlen((string) preg_replace("/[ .,:;'|!iljt()·<>-]/u", '', $text));
        $widest = $all - mb_strlen((string) preg_replace('/[MWmw%@—…]/u', '', $text));

        return $sizeMm * (self::NARROW * $narrow + self::WIDEST * $widest + self::WIDE * ($all - $narrow - $widest));
    }

    /**
     * Words in rows that have room.
     *
     * @return list<string>
     */
    public static function rows(string $words, float $widthMm): array
    {
        $rows = [''];
        foreach (explode(' ', $words) as $word) {
            $longer = ltrim($rows[count($rows) - 1]." {$word}");
            if (self::widthMm($longer, self::WORDS_MM) <= $widthMm) {
                $rows[count($rows) - 1] = $longer;
            } else {
                $rows[] = $word;
            }
        }

        return array_values(array_filter($rows, static fn (string $row): bool => $row !== ''));
    }

    /** @return array{float, float, float, float} left, top, right and bottom of what it takes, at the most */
    public function box(): array
    {
        $wide = self::widthMm($this->text, $this->sizeMm);
        $left = $this->xMm - match ($this->anchor) {
            Anchor::Start => 0.0,
            Anchor::Middle => $wide / 2,
            Anchor::End => $wide,
        };

        return [$left, $this->yMm - self::ABOVE_BASE * $this->sizeMm, $left + $wide, $this->yMm + self::BELOW_BASE * $this->sizeMm];
    }

    public function moved(float $xMm, float $yMm): self
    {
        return new self($this->group, $this->xMm + $xMm, $this->yMm + $yMm, $this->text, $this->sizeMm, $this->anchor);
    }
}
