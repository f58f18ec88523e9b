<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** How long a side seam is between its levels, along the line, in millimetres. */
final readonly class SeamLengths
{
    private function __construct(public float $toWaist, public float $toHip, public float $toHem)
    {
    }

    /** @param  Line  $seam  upright, from the underarm down over both heights */
    public static function of(Line $seam, float $waistY, float $hipY): self
    {
        $waist = $seam->firstAt($waistY) ?? $seam->length();
        $hip = $seam->firstAt($hipY, $waist) ?? $seam->length();

        return new self($waist, $hip - $waist, $seam->length() - $hip);
    }

    public function whole(): float
    {
        return $this->toWaist + $this->toHip + $this->toHem;
    }

    /** @return array{float, float} along the seam, from where to where a part of it runs, from the top down */
    public function ways(int $part): array
    {
        $ends = [0.0, $this->toWaist, $this->toWaist + $this->toHip, $this->whole()];

        return [$ends[$part], $ends[$part + 1]];
    }

    /** @return array<string, float> by the words for each part, from the top down */
    public function parts(): array
    {
        return ['between underarm and waist' => $this->toWaist, 'between waist and hip' => $this->toHip, 'below the hip' => $this->toHem];
    }
}
