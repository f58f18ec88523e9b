<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** The changes of length of a piece, above the waist and between waist and hip. */
final readonly class LengthBands
{
    /** @param  list<LengthBand>  $bands  from the lowest up, so that each height is still the printed one */
    private function __construct(private array $bands)
    {
    }

    /**
     * @param  float  $aboveMm  how much longer it gets above the waist
     * @param  float  $belowMm  likewise between waist and hip
     * @param  float  $underarmY  of the frame size
     *
     * @throws UnreadableNest where there is no room
     */
    public static function of(NestMarks $marks, float $aboveMm, float $belowMm, float $underarmY): self
    {
        $levels = [$underarmY, $marks->waistY, $marks->hipY];
        $bands = [];
        if ($belowMm !== 0.0) {
            $bands[] = LengthBand::at($marks->belowWaistY ?? ($marks->waistY + $marks->hipY) / 2, $belowMm, $levels, 'lengthen_y.below_waist');
        }
        if ($aboveMm !== 0.0) {
            $bands[] = LengthBand::at($marks->aboveWaistY ?? ($underarmY + $marks->waistY) / 2, $aboveMm, $levels, 'lengthen_y.above_waist');
        }

        return new self($bands);
    }

    public function on(Line $line): Line
    {
        foreach ($this->bands as $band) {
            $line = $band->on($line);
        }

        return $line;
    }

    /**
     * @param  array{float, float}  $place
     * @return array{float, float}
     */
    public function place(array $place): array
    {
        foreach ($this->bands as $band) {
            $place = $band->place($place);
        }

        return $place;
    }
}
