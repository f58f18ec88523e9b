<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\FittingChanges;
use Underbolt\Altering\FittingFinding;
use Underbolt\Measure\Length;

/** What the tracing in hand has in it beside the plan, as the paper takes it. */
final class FoundByFitting
{
    public static function of(Fitting $fitting): FittingChanges
    {
        $findings = $fitting->inHand();
        $apart = array_filter($findings, static fn (FittingFinding $finding): bool => ! FoundEdges::isInLine($finding) && FoundLengths::keyOf($finding) === null);

        return new FittingChanges(FoundEdges::of($findings), FoundLengths::of($findings), array_values($apart), self::sewn($findings));
    }

    /**
     * @param  list<FittingFinding>  $findings
     * @return array<string, Length> by level
     */
    private static function sewn(array $findings): array
    {
        $sewn = [];
        foreach ($findings as $finding) {
            $move = $finding->sewn();
            if ($move === null) {
                continue;
            }
            foreach ($finding->place->levels() as $level) {
                $sewn[$level->value] = ($sewn[$level->value] ?? Length::zero())->plus($move);
            }
        }

        return $sewn;
    }
}
