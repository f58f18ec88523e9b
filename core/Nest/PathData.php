<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** The `d` of a path: every command, absolute and relative (SVG 2, chapter 9). */
final class PathData
{
    public const NUMBER = '/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/';

    /** The two flags of an arc may stand without a space before the next figure. */
    private const ARC = '/([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)[\s,]*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)[\s,]*'
        .'([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)[\s,]*([01])[\s,]*([01])[\s,]*'
        .'([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)[\s,]*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)/';

    /** Figures that each command takes at a time. */
    private const TAKES = ['m' => 2, 'l' => 2, 'h' => 1, 'v' => 1, 'c' => 6, 's' => 4, 'q' => 4, 't' => 2, 'a' => 7, 'z' => 0];

    private float $x = 0.0;

    private float $y = 0.0;

    private float $startX = 0.0;

    private float $startY = 0.0;

    /** @var ?array{float, float} the last handle of a cubic, for the one after it */
    private ?array $cubic = null;

    /** @var ?array{float, float} likewise of a quadratic */
    private ?array $quadratic = null;

    private function __construct(private readonly LineBuilder $onto)
    {
    }

    /** @return bool false where it breaks off, as a renderer would, at something that is no path */
    public static function draw(string $data, LineBuilder $onto): bool
    {
        preg_match_all('/([MmZzLlHhVvCcSsQqTtAa])([^MmZzLlHhVvCcSsQqTtAa]*)/', $data, $commands, PREG_SET_ORDER);
        $path = new self($onto);
        $isFirst = true;
        foreach ($commands as [, $letter, $text]) {
            $figures = self::figures($letter, $text);
            if ($figures === null || ($isFirst && strtolower($letter) !== 'm')) {
                return false;
            }
            $path->command($letter, $figures);
            $isFirst = false;
        }

        return ! $isFirst && trim(substr($data, 0, strcspn($data, 'Mm'))) === '';
    }

    /** @return ?list<float> null where something else stands there */
    private static function figures(string $letter, string $text): ?array
    {
        $takes = self::TAKES[strtolower($letter)];
        preg_match_all($takes === 7 ? self::ARC : self::NUMBER, $text, $found, $takes === 7 ? PREG_SET_ORDER : PREG_PATTERN_ORDER);
        $texts = $takes === 7 ? array_merge(...array_map(static fn (array $one): array => array_slice($one, 1), array_values($found))) : $found[0];
        $left = strlen(str_replace([' ', ',', "\n", "\r", "\t", "\f"], '', $text));
        if ($left !== array_sum(array_map(strlen(...), $texts))) {
            return null;
        }
        $count = count($texts);

        return ($takes === 0 ? $count === 0 : $count > 0 && $count % $takes === 0) ? array_map(floatval(...), array_values($texts)) : null;
    }

    /** @param  list<float>  $n */
    private function command(string $letter, array $n): void
    {
        $kind = strtolower($letter);
        if ($kind === 'z') {
            $this->onto->close();
            [$this->x, $this->y] = [$this->startX, $this->startY];
            $this->cubic = $this->quadratic = null;

            return;
        }
        $isRelative = $kind === $letter;
        $takes = self::TAKES[$kind];
        for ($i = 0, $all = count($n); $i < $all; $i += $takes) {
            [$x, $y] = $isRelative ? [$this->x, $this->y] : [0.0, 0.0];
            // A further pair after a move is a line.
            $this->step($kind === 'm' && $i > 0 ? 'l' : $kind, $n, $i, $x, $y);
        }
    }

    /** @param  list<float>  $n */
    private function step(string $kind, array $n, int $i, float $x, float $y): void
    {
        $cubic = $quadratic = null;
        switch ($kind) {
            case 'm':
                $this->onto->moveTo($x + $n[$i], $y + $n[$i + 1]);
                [$this->startX, $this->startY] = $this->to($x + $n[$i], $y + $n[$i + 1]);
                break;
            case 'l':
                $this->line($x + $n[$i], $y + $n[$i + 1]);
                break;
            case 'h':
                $this->line($x + $n[$i], $this->y);
                break;
            case 'v':
                $this->line($this->x, $y + $n[$i]);
                break;
            case 'c':
                $cubic = [$x + $n[$i + 2], $y + $n[$i + 3]];
                $this->curve($x + $n[$i], $y + $n[$i + 1], ...[...$cubic, $x + $n[$i + 4], $y + $n[$i + 5]]);
                break;
            case 's':
                [$x1, $y1] = $this->mirrored($this->cubic);
                $cubic = [$x + $n[$i], $y + $n[$i + 1]];
                $this->curve($x1, $y1, ...[...$cubic, $x + $n[$i + 2], $y + $n[$i + 3]]);
                break;
            case 'q':
                $quadratic = [$x + $n[$i], $y + $n[$i + 1]];
                $this->quadraticTo($quadratic, $x + $n[$i + 2], $y + $n[$i + 3]);
                break;
            case 't':
                $quadratic = $this->mirrored($this->quadratic);
                $this->quadraticTo($quadratic, $x + $n[$i], $y + $n[$i + 1]);
                break;
            default:
                foreach (Arc::cubics($this->x, $this->y, $n[$i], $n[$i + 1], $n[$i + 2], $n[$i + 3] !== 0.0, $n[$i + 4] !== 0.0, $x + $n[$i + 5], $y + $n[$i + 6]) as $part) {
                    $this->curve(...$part);
                }
                // An arc without a radius is the line to its end.
                $this->line($x + $n[$i + 5], $y + $n[$i + 6]);
        }
        [$this->cubic, $this->quadratic] = [$cubic, $quadratic];
    }

    /** @return array{float, float} */
    private function to(float $x, float $y): array
    {
        return [$this->x, $this->y] = [$x, $y];
    }

    private function line(float $x, float $y): void
    {
        $this->onto->lineTo($x, $y);
        $this->to($x, $y);
    }

    private function curve(float $x1, float $y1, float $x2, float $y2, float $x, float $y): void
    {
        $this->onto->cubicTo($x1, $y1, $x2, $y2, $x, $y);
        $this->to($x, $y);
    }

    /** @param  array{float, float}  $handle */
    private function quadraticTo(array $handle, float $x, float $y): void
    {
        $this->curve(
            $this->x + 2 / 3 * ($handle[0] - $this->x),
            $this->y + 2 / 3 * ($handle[1] - $this->y),
            $x + 2 / 3 * ($handle[0] - $x),
            $y + 2 / 3 * ($handle[1] - $y),
            $x,
            $y,
        );
    }

    /**
     * @param  ?array{float, float}  $handle
     * @return array{float, float} the handle on the other side of where the pen is
     */
    private function mirrored(?array $handle): array
    {
        return $handle === null ? [$this->x, $this->y] : [2 * $this->x - $handle[0], 2 * $this->y - $handle[1]];
    }
}
