<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\ReachPlace;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Work\Facts\MakePieces;

/**
 * A back that is longer down its middle than the pattern's, as a rounded one is, or shorter: opened across at the centre and
 * running out to nothing at the armhole, so that the side seams stay as long as the front's (common practice, no published source).
 */
final class BackLengthStep
{
    private const STRETCH = 'back';

    /** @return list<Step> */
    public static function of(Given $given): array
    {
        $change = $given->plan->backLonger();
        if ($change === null || ! $given->plan->make->canBeDone($change)) {
            return [];
        }
        $pieces = $given->pieces->areListed ? array_values(array_filter($given->pieces->across(Level::Bust, Level::Waist), self::isAcross(...))) : [];
        $names = $pieces === [] ? ['back'] : MakePieces::names($pieces);
        $amount = $given->saying->length($change);
        $onFold = array_values(array_filter($pieces, static fn (Piece $piece): bool => ! $piece->has(SeamKind::CentreBack) && ($piece->isOnFold || $piece->times === 1)));
        $bends = match (true) {
            $onFold !== [] => [implode(', ', MakePieces::names($onFold)).': on the fold, which bends at the cut. Make a seam of it, or draw it straight from neck to hem and ease what stands over into the neck.'],
            $pieces === [] => ['Where the back lies on the fold, that bends at the cut: make a seam of it.'],
            default => ['True the centre back seam across it.'],
        };

        return [new Step(
            given: $given,
            id: 'length-back',
            kind: StepKind::Length,
            short: ($change->isPositive() ? 'Open' : 'Fold').' the back alone across the shoulder blades, '.($change->isPositive() ? "{$amount} wide" : "{$amount} deep").' at the centre back.',
            how: [
                'Half way between neck and underarm, square to the centre back: '.($change->isPositive() ? 'cut from there to the armhole, not through it, and spread.' : 'fold it out from there to the armhole.'),
                'It runs out to nothing at the armhole: the side seams stay as long as the front\'s.',
                ...$bends,
            ],
            code: 'length.back',
            params: ['by' => $amount],
            needs: [Given::TRACE],
            applied: array_map(static fn (string $piece): Applied => Applied::further($piece, Applied::ACROSS, PieceSide::Back, null, Given::TRACE, $change, self::STRETCH, 1), $names),
        )];
    }

    /** A back that runs from the shoulder down past the underarm; a side back lies beside the cut. */
    private static function isAcross(Piece $piece): bool
    {
        return $piece->side === PieceSide::Back && $piece->reach->from->place === ReachPlace::Shoulder && $piece->has(SeamKind::Neck);
    }
}
