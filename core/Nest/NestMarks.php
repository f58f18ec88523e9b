<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** What is marked on a drawing: places in its millimetres, heights on it once it is turned upright. */
final readonly class NestMarks
{
    /**
     * @param  bool  $isFront  a piece of the front; else of the back
     * @param  array<string, string>  $lines  of each size the line, by its id
     * @param  array<string, array{float, float}>  $underarm  by size
     * @param  array<string, array{float, float}>  $hem  by size
     * @param  ?float  $aboveWaistY  where the paper is lengthened above the waist; null for half way
     * @param  ?float  $belowWaistY  likewise between waist and hip
     * @param  array<string, array{float, float}>  $armholeTop  by size; where none is given it is the next corner
     * @param  array<string, array{float, float}>  $hemFold  likewise
     * @param  ?array{array{float, float}, array{float, float}}  $grain  null where the drawing stands upright
     * @param  ?LineIs  $lineIs  null where it isn't said
     * @param  ?array{array{float, float}, array{float, float}}  $frame  two corners about the one piece that is meant, where several are drawn
     * @param  Reach  $reach  where the piece ends at a waist seam its own end there is that height
     * @param  bool  $isTrueSize  whether it is said to be, whatever it looks like
     */
    public function __construct(
        public bool $isFront,
        public array $lines,
        public array $underarm,
        public array $hem,
        public float $waistY,
        public float $hipY,
        public ?float $aboveWaistY,
        public ?float $belowWaistY,
        public array $armholeTop,
        public array $hemFold,
        public ?array $grain,
        public Side $fold,
        public ?LineIs $lineIs = null,
        public ?array $frame = null,
        public bool $isTrueSize = false,
        public Reach $reach = Reach::Whole,
    ) {
    }

    /**
     * The same with other places, lines and heights; what isn't given stays.
     *
     * @param  ?array<string, string>  $lines
     * @param  ?array<string, array{float, float}>  $underarm
     * @param  ?array<string, array{float, float}>  $hem
     * @param  ?array<string, array{float, float}>  $armholeTop
     * @param  ?array<string, array{float, float}>  $hemFold
     */
    public function with(
        ?array $lines = null,
        ?array $underarm = null,
        ?array $hem = null,
        ?array $armholeTop = null,
        ?array $hemFold = null,
        ?float $waistY = null,
        ?float $hipY = null,
    ): self {
        return new self(
            isFront: $this->isFront,
            lines: $lines ?? $this->lines,
            underarm: $underarm ?? $this->underarm,
            hem: $hem ?? $this->hem,
            waistY: $waistY ?? $this->waistY,
            hipY: $hipY ?? $this->hipY,
            aboveWaistY: $this->aboveWaistY,
            belowWaistY: $this->belowWaistY,
            armholeTop: $armholeTop ?? $this->armholeTop,
            hemFold: $hemFold ?? $this->hemFold,
            grain: $this->grain,
            fold: $this->fold,
            lineIs: $this->lineIs,
            frame: $this->frame,
            isTrueSize: $this->isTrueSize,
            reach: $this->reach,
        );
    }

    /**
     * The same with the sizes called otherwise; what is marked for others is left out.
     *
     * @param  array<string, string>  $names  by size
     */
    public function renamed(array $names): self
    {
        return $this->with(
            lines: self::under($names, $this->lines),
            underarm: self::under($names, $this->underarm),
            hem: self::under($names, $this->hem),
            armholeTop: self::under($names, $this->armholeTop),
            hemFold: self::under($names, $this->hemFold),
        );
    }

    /**
     * @template T
     *
     * @param  array<string, string>  $names
     * @param  array<string, T>  $bySize
     * @return array<string, T>
     */
    private static function under(array $names, array $bySize): array
    {
        $renamed = [];
        foreach ($names as $size => $name) {
            if (isset($bySize[$size])) {
                $renamed[$name] = $bySize[$size];
            }
        }

        return $renamed;
    }
}
