<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** An affine change of places: x' = ax + cy + e, y' = bx + dy + f. */
final readonly class Matrix
{
    public function __construct(
        public float $a = 1.0,
        public float $b = 0.0,
        public float $c = 0.0,
        public float $d = 1.0,
        public float $e = 0.0,
        public float $f = 0.0,
    ) {
    }

    public static function scale(float $x, float $y): self
    {
        return new self(a: $x, d: $y);
    }

    public static function translate(float $x, float $y): self
    {
        return new self(e: $x, f: $y);
    }

    public static function rotate(float $radians): self
    {
        return new self(cos($radians), sin($radians), -sin($radians), cos($radians));
    }

    /** What is inside is changed first. */
    public function times(self $inside): self
    {
        return new self(
            $this->a * $inside->a + $this->c * $inside->b,
            $this->b * $inside->a + $this->d * $inside->b,
            $this->a * $inside->c + $this->c * $inside->d,
            $this->b * $inside->c + $this->d * $inside->d,
            $this->a * $inside->e + $this->c * $inside->f + $this->e,
            $this->b * $inside->e + $this->d * $inside->f + $this->f,
        );
    }

    /** @return array{float, float} */
    public function apply(float $x, float $y): array
    {
        return [$this->a * $x + $this->c * $y + $this->e, $this->b * $x + $this->d * $y + $this->f];
    }
}
