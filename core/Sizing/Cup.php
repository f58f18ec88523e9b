<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Pattern\Cups\CupMeasure;
use Underbolt\Pattern\Cups\CupRange;
use Underbolt\Pattern\Cups\CupRule;
use Underbolt\Pattern\Pattern;

/** The cup of a body as a pattern sees it. */
final readonly class Cup
{
    /**
     * @param  Length  $difference  the one the rule reads
     * @param  bool  $outside  whether the pattern's table has no range for it, so that the nearest was taken
     */
    private function __construct(public string $letter, public Length $difference, public CupSource $source, public bool $outside)
    {
    }

    /** By the pattern's own table where it prints one, else by the rule of thumb; null where it can't be told. */
    public static function of(Body $body, ?CupRule $rule): ?self
    {
        $measure = $rule->measure ?? CupMeasure::HighBustDifference;
        $difference = $measure->of($body);
        if ($difference === null) {
            return null;
        }
        if ($rule !== null && $rule->table !== []) {
            return self::fromTable($difference, $rule->table);
        }

        return $measure === CupMeasure::HighBustDifference
            ? new self(ThumbCup::letter($difference), $difference, CupSource::RuleOfThumb, false)
            : null;
    }

    /** How many letters it lies above another (below 0: under it); null where one of the two is not known. */
    public function lettersAbove(string $other): ?int
    {
        $here = CupLetter::place($this->letter);
        $there = CupLetter::place($other);

        return $here === null || $there === null ? null : $here - $there;
    }

    /** @param  non-empty-list<CupRange>  $table */
    private static function fromTable(Length $difference, array $table): self
    {
        $nearest = $table[0];
        foreach ($table as $range) {
            if ($range->holds($difference)) {
                return new self($range->cup, $difference, CupSource::Pattern, false);
            }
            $nearest = self::nearer($range, $nearest, $difference);
        }

        return new self($nearest->cup, $difference, CupSource::Pattern, true);
    }

    /** The one with the nearer end; of two as near the larger cup. */
    private static function nearer(CupRange $range, CupRange $than, Length $difference): CupRange
    {
        $gain = $range->distance($difference)->compare($than->distance($difference));
        $larger = (CupLetter::place($range->cup) ?? -1) > (CupLetter::place($than->cup) ?? -1);

        return $gain < 0 || ($gain === 0 && $larger) ? $range : $than;
    }
}
