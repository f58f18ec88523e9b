<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\LevelPlan;
use Underbolt\Seam\EdgeChange;

/** The edges beside the four of the side seams that share what is left over: princess seams, panels, the centre back. */
final class OtherEdges
{
    private const KINDS = [SeamKind::Princess, SeamKind::Panel, SeamKind::CentreBack, SeamKind::CentreFront];

    /** @return list<StepAmount> what each of them gets in the line */
    public static function amounts(Given $given): array
    {
        return self::amountsOf($given, Take::InLine);
    }

    /** @return list<StepAmount> what each of them gets in the seam */
    public static function sewnAmounts(Given $given): array
    {
        return self::amountsOf($given, Take::Sew);
    }

    /** @return list<Applied> */
    public static function drawn(Given $given): array
    {
        return self::applied($given, Take::InLine, static fn (string $piece, SeamKind $kind, PieceSide $side, Level $level, Length $amount): Applied => Applied::further($piece, $kind->value, $side, $level, Given::TRACE, $amount));
    }

    /**
     * @param  array{string, string}  $between
     * @return list<Applied>
     */
    public static function sewn(Given $given, Level $at, array $between): array
    {
        return array_values(array_filter(
            self::applied($given, Take::Sew, static fn (string $piece, SeamKind $kind, PieceSide $side, Level $level, Length $amount): Applied => Applied::sewn($piece, $kind->value, $side, $level, Given::TRACE, $amount, $between)),
            static fn (Applied $one): bool => $one->level === $at,
        ));
    }

    /** What kind of seam they are, as far as the pieces tell. */
    public static function kind(Given $given): ?SeamKind
    {
        foreach (self::KINDS as $kind) {
            if ($given->pieces->outer($kind) !== []) {
                return $kind;
            }
        }

        return null;
    }

    /** @return list<StepAmount> */
    private static function amountsOf(Given $given, Take $take): array
    {
        $amounts = [];
        foreach (array_filter($given->plan->levels) as $name => $level) {
            $others = $level->facts->edges - EdgeChange::SIDE_EDGES;
            if ($others > 0 && self::gets($given, $level, $take)) {
                $amounts[] = new StepAmount($name, 'beside the side seams', self::kind($given)?->words() ?? 'other', self::edge($level, $take), $others);
            }
        }

        return $amounts;
    }

    /**
     * @param  callable(string, SeamKind, PieceSide, Level, Length): Applied  $entry
     * @return list<Applied>
     */
    private static function applied(Given $given, Take $take, callable $entry): array
    {
        $kind = self::kind($given);
        $entries = [];
        foreach (array_filter($given->plan->levels) as $level) {
            if ($kind === null || $level->facts->edges <= EdgeChange::SIDE_EDGES || ! self::gets($given, $level, $take)) {
                continue;
            }
            foreach (Given::SIDES as $side) {
                foreach ($given->pieces->having($kind, $side) as $piece) {
                    if ($piece->reach->holds($level->facts->level)) {
                        $entries[] = $entry($piece->name, $kind, $side, $level->facts->level, self::edge($level, $take));
                    }
                }
            }
        }

        return $entries;
    }

    private static function gets(Given $given, LevelPlan $level, Take $take): bool
    {
        return $given->plan->make->canBeDone(self::edge($level, $take));
    }

    /** Outward above 0; at a free level what passes there of what is taken in or let out, which every edge hands on alike. */
    private static function edge(LevelPlan $level, Take $take): Length
    {
        $own = $level->taken->take === $take ? ($level->taken->perEdge ?? Length::zero())->negated() : Length::zero();

        return $take === Take::InLine ? $own->plus($level->passed->ease->front) : $own;
    }
}
