<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\LevelPlan;
use Underbolt\Seam\EdgeChange;
use Underbolt\Work\Facts\MakePieces;

/** What the centre back takes alone: the amount at its level, nothing at the next above and below (common practice, no published source). */
final class CentreBackSteps
{
    private const EDGES = 2;

    /** @return list<Step> */
    public static function of(Given $given): array
    {
        return array_merge([], ...array_map(static fn (LevelPlan $level): array => self::at($given, $level), array_values(array_filter($given->plan->levels))));
    }

    /** @return list<Step> */
    private static function at(Given $given, LevelPlan $level): array
    {
        $apart = $level->taken->centreBack;
        $edge = $apart->dividedBy(self::EDGES)->negated();
        if (! $given->plan->make->canBeDone($edge)) {
            return [];
        }
        $name = $level->facts->level->value;
        $pieces = array_values(array_filter(
            $given->pieces->having(SeamKind::CentreBack),
            static fn (Piece $piece): bool => $piece->layer !== Layer::Other && $piece->reach->holds($level->facts->level),
        ));
        $short = 'Centre back: '.($edge->isPositive() ? 'let out' : 'take in')." {$given->saying->length($edge)} at each of its two edges at the {$name}.";
        $how = ['Nothing at the neck and nothing at the next level above and below: one smooth curve through the mark.'];
        if ($given->pieces->areListed && $pieces === []) {
            $atSide = $apart->dividedBy(EdgeChange::SIDE_EDGES)->negated();
            $how = ["No piece has a seam there: one on the fold can't take it. Open the fold into a seam".($given->plan->make->canBeDone($atSide) ? ", or go {$given->saying->move($atSide)} more at each side edge instead" : '').'.'];
        } elseif (! $given->pieces->areListed) {
            $how[] = 'Where the back lies on the fold it can\'t take it: then at the side seams instead, a quarter of it at each edge.';
        }
        $joins = array_filter($given->pieces->having(SeamKind::Waist), static fn (Piece $piece): bool => ! $piece->has(SeamKind::Side) && ! $piece->has(SeamKind::CentreBack));
        if ($name === 'waist' && $joins !== []) {
            $how[] = implode(', ', MakePieces::names(array_values($joins))).': the same at the centre back.';
        }
        $names = $pieces === [] ? ['back'] : MakePieces::names($pieces);

        return [new Step(
            given: $given,
            id: "centre_back-{$name}",
            kind: StepKind::CentreBack,
            short: $short,
            how: $how,
            code: 'centre_back',
            params: ['level' => $name],
            needs: [Given::TRACE],
            applied: array_map(static fn (string $piece): Applied => Applied::further($piece, SeamKind::CentreBack->value, PieceSide::Back, $level->facts->level, Given::TRACE, $edge, per: self::EDGES), $names),
        )];
    }
}
