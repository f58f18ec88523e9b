<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\LevelPlan;
use Underbolt\Seam\EdgeChange;

/** The edges beside the four of the side seams that share what is left over: princess seams, panels, the centre back. */
final class OtherEdges
{
    private const KINDS = [SeamKind::Princess, SeamKind::Panel, SeamKind::CentreBack, SeamKind::CentreFront];

    /** @return list<Applied> */
    public static function drawn(Given $given): array
    {
        return self::applied($given, Take::InLine, static fn (string $piece, SeamKind $kind, PieceSide $side, Level $level, Length $amount, int $per): Applied => Applied::further($piece, $kind->value, $side, $level, Given::TRACE, $amount, per: max(1, $per)));
    }

    /**
     * @param  array{string, string}  $between
     * @return list<Applied>
     */
    public static function sewn(Given $given, Level $at, array $between): array
    {
        return array_values(array_filter(
            self::applied($given, Take::Sew, static fn (string $piece, SeamKind $kind, PieceSide $side, Level $level, Length $amount, int $per): Applied => Applied::sewn($piece, $kind->value, $side, $level, Given::TRACE, $amount, $between, per: max(1, $per))),
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

    /** @return list<array{level: Level, kind: string, amount: Length}> what each of them gets, where they get something */
    public static function told(Given $given, Take $take): array
    {
        $told = [];
        foreach (array_filter($given->plan->levels) as $level) {
            if ($level->facts->edges > EdgeChange::SIDE_EDGES && self::gets($given, $level, $take)) {
                $told[] = ['level' => $level->facts->level, 'kind' => self::kind($given)?->words() ?? 'other', 'amount' => self::edge($level, $take)];
            }
        }

        return $told;
    }

    /**
     * @param  callable(string, SeamKind, PieceSide, Level, Length, int): Applied  $entry
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
            $others = $level->facts->edges - EdgeChange::SIDE_EDGES;
            $sides = array_filter(Given::SIDES, static fn (PieceSide $side): bool => array_filter($given->pieces->having($kind, $side), static fn (Piece $piece): bool => $piece->reach->holds($level->facts->level)) !== []);
            foreach ($sides as $side) {
                foreach ($given->pieces->having($kind, $side) as $piece) {
                    if ($piece->reach->holds($level->facts->level)) {
                        $entries[] = $entry($piece->name, $kind, $side, $level->facts->level, self::edge($level, $take), intdiv($others, count($sides)));
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
