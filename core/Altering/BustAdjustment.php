<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Seam\EdgeChange;

/** How a bust is brought from its frame to the body on the paper. */
final readonly class BustAdjustment
{
    /** Up to this much between full and high bust, pivoting does: 4 in (common practice, no published source). */
    private const MOST_FOR_PIVOT_NM = 101_600_000;

    /** From here on pivoting widens the back too much as well: 4 cm (common practice, no published source). */
    private const WIDENS_BACK_NM = 40_000_000;

    /**
     * @param  Length  $total  all round, above 0 to be added; 0 where nothing is adjusted
     * @param  ?AdjustmentMethod  $method  null where nothing is adjusted
     */
    private function __construct(public AdjustmentKind $kind, public Length $total, public ?AdjustmentMethod $method)
    {
    }

    /**
     * @param  Length  $total  what the bust needs beyond its frame, all round
     * @param  ?Length  $fullness  full bust less high bust; null where one of the two isn't measured
     * @param  ?AdjustmentMethod  $chosen  null leaves the method to the fullness
     */
    public static function of(Length $total, ?Length $fullness, ?AdjustmentMethod $chosen): self
    {
        if ($total->isZero()) {
            return new self(AdjustmentKind::None, $total, null);
        }
        $usual = ($fullness->nanometres ?? 0) <= self::MOST_FOR_PIVOT_NM ? AdjustmentMethod::Pivot : AdjustmentMethod::Slash;

        return new self($total->isPositive() ? AdjustmentKind::Full : AdjustmentKind::Small, $total, $chosen ?? $usual);
    }

    public function isMade(): bool
    {
        return $this->method !== null;
    }

    /** For each of the four edges, when it is pivoted. */
    public function perEdge(): Length
    {
        return $this->total->dividedBy(4);
    }

    /** For each half of the front, when it is slashed. */
    public function perFrontHalf(): Length
    {
        return $this->total->dividedBy(2);
    }

    /** What it moves the side edges by at the underarm. */
    public function atEdges(): EdgeChange
    {
        return match ($this->method) {
            null => EdgeChange::none(),
            AdjustmentMethod::Pivot => new EdgeChange($this->perEdge(), $this->perEdge()),
            AdjustmentMethod::Slash => new EdgeChange($this->perFrontHalf(), Length::zero()),
        };
    }

    /** Whether the paper is swung: then its side is straight from underarm to waist. */
    public function isSwung(): bool
    {
        return $this->method === AdjustmentMethod::Pivot;
    }

    /** Whether the front is cut and spread: what that gives its edge is not drawn. */
    public function isSlashed(): bool
    {
        return $this->method === AdjustmentMethod::Slash;
    }

    public function widensBack(): bool
    {
        return $this->isSwung() && $this->total->nanometres > self::WIDENS_BACK_NM;
    }
}
