<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

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
     */
    private function __construct(public FittingFinding $latest, public int $times, public int $of)
    {
    }

    /**
     * @param  list<Fitting>  $past  of makes that were fitted, the newest first
     * @param  Fitting  $present  what is found there already is not offered again
     * @return list<self> the most frequent first
     */
    public static function of(array $past, Fitting $present): array
    {
        $has = array_map(static fn (FittingFinding $finding): string => $finding->kind(), $present->inHand());
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
                $back[] = new self($findings[0], count($findings), count($past));
            }
        }
        usort($back, static fn (self $one, self $other): int => $other->times <=> $one->times);

        return $back;
    }

    /** Such as `the armhole was raised in 2 of 2, last by 1 cm, front and back`. */
    public function words(string $amount): string
    {
        return "{$this->latest->deed->past($this->latest->place)} in {$this->times} of {$this->of}, last by {$amount}, {$this->latest->part->words()}";
    }

    public function amount(): Length
    {
        return $this->latest->amount;
    }
}
