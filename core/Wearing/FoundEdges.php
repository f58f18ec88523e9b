<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingFinding;
use Underbolt\Measure\Length;
use Underbolt\Seam\EdgeChange;

/** Findings that are a move of the side seam's line at its levels. */
final class FoundEdges
{
    public static function isInLine(FittingFinding $finding): bool
    {
        return $finding->place->levels() !== [] && in_array($finding->deed, [Alteration::Add, Alteration::Take], true);
    }

    /**
     * @param  list<FittingFinding>  $findings
     * @return array<string, EdgeChange> by level
     */
    public static function of(array $findings): array
    {
        $edges = [];
        foreach (array_filter($findings, self::isInLine(...)) as $finding) {
            $move = $finding->deed === Alteration::Add ? $finding->amount : $finding->amount->negated();
            $change = new EdgeChange(
                $finding->part->isFront() ? $move : Length::zero(),
                $finding->part->isBack() ? $move : Length::zero(),
            );
            foreach ($finding->place->levels() as $level) {
                $edges[$level->value] = ($edges[$level->value] ?? EdgeChange::none())->plus($change);
            }
        }

        return $edges;
    }
}
