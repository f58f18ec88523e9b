<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Altering\TrueSeams;

/** By how much front and back seam come out otherwise than they are printed against one another. */
final readonly class SeamDifference
{
    /** Seams that differ by more than the printed ones do and this don't go together, in millimetres (common practice, no published source). */
    public const MOST_MM = 3.0;

    /**
     * @param  string  $longer  `front` or `back`
     * @param  float  $mm  by how much beyond what is printed
     * @param  string  $where  which part of the seam differs most, in words
     * @param  int  $part  the same from the top down: 0, 1 or 2
     */
    private function __construct(public string $longer, public float $mm, public string $where, public int $part)
    {
    }

    /** Null where they go together. */
    public static function of(NestLine $front, NestLine $back): ?self
    {
        $apart = $front->lengths->whole() - $back->lengths->whole();
        $beyond = $apart - ($front->printed->whole() - $back->printed->whole());
        if (abs($beyond) <= self::MOST_MM) {
            return null;
        }
        [$most, $farthest] = [0, -INF];
        $names = array_keys($front->lengths->parts());
        foreach ($names as $part => $name) {
            $own = $front->lengths->parts()[$name] - $back->lengths->parts()[$name] - ($front->printed->parts()[$name] - $back->printed->parts()[$name]);
            if ($own * ($beyond <=> 0) > $farthest) {
                [$most, $farthest] = [$part, $own * ($beyond <=> 0)];
            }
        }

        return new self($beyond > 0 ? 'front' : 'back', abs($beyond), $names[$most], $most);
    }

    /** What is wrong, or what was done about it. */
    public function says(?TrueSeams $done): string
    {
        $mm = sprintf('%.1f mm', $this->mm);
        $other = $this->longer === 'front' ? 'back' : 'front';

        return match ($done) {
            null => "The {$this->longer} seam comes out {$mm} longer against the {$other} than it is printed, most of it {$this->where}: true it before you cut.",
            TrueSeams::Ease => "Ease the {$this->longer} seam in by {$mm} {$this->where}: so much longer than the {$other} it comes out.",
            TrueSeams::Hem => "The {$this->longer} is {$mm} shorter at its hem: so much longer than the {$other} its seam came out, most of it {$this->where}.",
        };
    }
}
