<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\FittingFinding;
use Underbolt\Measure\Length;

/** A finding that came back from make to make, to be offered for the next. */
final readonly class CameBack
{
    /** Once is chance. */
    private const LEAST_MAKES = 2;

    /**
     * @param  FittingFinding  $latest  of its kind
     * @param  int  $times  in how many makes it was found
     * @param  int  $of  how many were fitted
     * @param  bool  $isOfPattern  whether it was found on the last make of the same pattern: there once is enough
     */
    private function __construct(public FittingFinding $latest, public int $times, public int $of, public bool $isOfPattern)
    {
    }

    /**
     * @param  list<Fitting>  $past  of makes that were fitted, the newest first
     * @param  ?Fitting  $last  of the last make of the same pattern
     * @param  Fitting  $present  what is found there already is not offered again
     * @return list<self> those of the same pattern, then the most frequent first
     */
    public static function of(array $past, ?Fitting $last, Fitting $present): array
    {
        $has = array_map(static fn (FittingFinding $finding): string => $finding->kind(), $present->inHand());
        $ofPattern = [];
        foreach ($last?->inHand() ?? [] as $finding) {
            if (! in_array($finding->kind(), $has, true)) {
                $ofPattern[$finding->kind()] = new self($finding, 1, 1, true);
            }
        }
        $has = [...$has, ...array_keys($ofPattern)];
        $kinds = [];
        foreach ($past as $fitting) {
            $own = [];
            foreach ($fitting->inHand() as $finding) {
                $own[$finding->kind()] = $finding;
            }
            foreach ($own as $kind => $finding) {
                $kinds[$kind][] = $finding;
            }
        }
        $back = [];
        foreach ($kinds as $kind => $findings) {
            if (count($findings) >= self::LEAST_MAKES && ! in_array($kind, $has, true)) {
                $back[] = new self($findings[0], count($findings), count($past), false);
            }
        }
        usort($back, static fn (self $one, self $other): int => $other->times <=> $one->times);

        return [...array_values($ofPattern), ...$back];
    }

    /** Such as `the armhole was raised in 2 of 2, last by 1 cm, front and back`. */
    public function words(string $amount): string
    {
        if ($this->isOfPattern) {
            return "last time {$this->latest->deed->past($this->latest->place)} by {$amount}, {$this->latest->part->words()}";
        }

        return "{$this->latest->deed->past($this->latest->place)} in {$this->times} of {$this->of}, last by {$amount}, {$this->latest->part->words()}";
    }

    public function amount(): Length
    {
        return $this->latest->amount;
    }
}
