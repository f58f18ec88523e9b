<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;

/** What the verdicts of earlier makes teach for one level: an ease to like, or the least there must be. */
final readonly class Learned
{
    /** Makes that still count where the verdicts contradict one another. */
    private const LAST = 3;

    private const NM_OF_A_MM = 1_000_000;

    /** So much more than what was too tight is more: 6 mm, or 1/4 in (common practice, no published source). */
    private const MORE_NM = ['cm' => 6_000_000, 'in' => 6_350_000];

    /**
     * @param  ?Length  $ease  to be liked
     * @param  ?Length  $moreThan  the ease must be, where all were too tight
     * @param  int  $makes  that it is learned from
     * @param  bool  $isBetween  whether it is half way between tight and loose, and was not tried
     * @param  bool  $contradicts  whether earlier verdicts said otherwise, and only the last were counted
     */
    private function __construct(public ?Length $ease, public ?Length $moreThan, public int $makes, public bool $isBetween, public bool $contradicts)
    {
    }

    /**
     * @param  list<PastEase>  $past  the newest first
     * @return ?self null where nothing can be learned
     */
    public static function from(array $past): ?self
    {
        $contradicts = self::areContrary($past);
        $counted = $contradicts ? array_slice($past, 0, self::LAST) : $past;
        [$right, $tight, $loose] = [self::of(Wear::Right, $counted), self::of(Wear::Tight, $counted), self::of(Wear::Loose, $counted)];
        $tightest = $tight === [] ? null : $tight[count($tight) - 1];
        $loosest = $loose[0] ?? null;

        return match (true) {
            $right !== [] => new self(self::median($right), null, count($right), false, $contradicts),
            $tightest !== null && $loosest !== null => $tightest->isLessThan($loosest)
                ? new self(self::toTheMillimetre($tightest->plus($loosest)->dividedBy(2), $tightest, $loosest), null, count($counted), true, $contradicts)
                : null,
            $tightest !== null => new self(null, $tightest, count($tight), false, $contradicts),
            default => null,
        };
    }

    /** The least ease where all were too tight, in the unit that is typed; null where some was right. */
    public function least(Unit $unit): ?Length
    {
        return $this->moreThan?->plus(self::more($unit));
    }

    /** How much more than what was too tight is more, in the unit that is typed. */
    public static function more(Unit $unit): Length
    {
        return Length::ofNanometres(self::MORE_NM[$unit->value]);
    }

    /**
     * A right one that is less than one that was tight, or more than one that was loose; or tight ones above loose ones.
     *
     * @param  list<PastEase>  $past
     */
    private static function areContrary(array $past): bool
    {
        [$right, $tight, $loose] = [self::of(Wear::Right, $past), self::of(Wear::Tight, $past), self::of(Wear::Loose, $past)];
        $tightest = $tight === [] ? null : $tight[count($tight) - 1];
        $loosest = $loose[0] ?? null;
        if ($right === []) {
            return $tightest !== null && $loosest !== null && ! $tightest->isLessThan($loosest);
        }

        return ($tightest !== null && $right[0]->isLessThan($tightest)) || ($loosest !== null && $loosest->isLessThan($right[count($right) - 1]));
    }

    /**
     * @param  list<PastEase>  $past
     * @return list<Length> rising
     */
    private static function of(Wear $wear, array $past): array
    {
        $eases = array_values(array_map(
            static fn (PastEase $one): Length => $one->ease,
            array_filter($past, static fn (PastEase $one): bool => $one->wear === $wear),
        ));
        usort($eases, static fn (Length $one, Length $other): int => $one->compare($other));

        return $eases;
    }

    /** @param  non-empty-list<Length>  $rising */
    private static function median(array $rising): Length
    {
        $last = count($rising) - 1;
        $middle = $rising[intdiv($last, 2)]->plus($rising[intdiv($last + 1, 2)])->dividedBy(2);

        return self::toTheMillimetre($middle, $rising[0], $rising[$last]);
    }

    /** Never beyond the eases it comes from: where they lie within one millimetre it stays as it is. */
    private static function toTheMillimetre(Length $ease, Length $least, Length $most): Length
    {
        $rounded = Length::ofNanometres((int) round($ease->nanometres / self::NM_OF_A_MM) * self::NM_OF_A_MM);

        return $rounded->isLessThan($least) || $most->isLessThan($rounded) ? $ease : $rounded;
    }
}
