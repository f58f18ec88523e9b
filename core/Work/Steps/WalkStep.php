<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\TryFirst;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Work\Facts\MakePieces;

/** What ends the work on paper: seams that are sewn together are walked against each other. */
final class WalkStep
{
    /**
     * @param  list<Step>  $work  what was done before
     * @return list<Step> none where nothing was changed
     */
    public static function of(Given $given, array $work): array
    {
        $changes = array_filter($work, static fn (Step $step): bool => ! in_array($step->kind, [StepKind::Trace, StepKind::Sew], true));
        if ($changes === []) {
            return [];
        }
        $isPinned = array_filter($work, static fn (Step $step): bool => $step->kind === StepKind::Pin) !== [];
        $linings = array_filter($given->pieces->all, static fn (Piece $piece): bool => $piece->layer === Layer::Lining);
        $notches = array_map(static fn (Level $level): string => $level->value, array_filter($given->levels, static fn (Level $level): bool => $level !== Level::Bust && ! in_array($level, $given->cutAway, true)));

        $names = MakePieces::names(array_values(array_filter($given->pieces->all, static fn (Piece $piece): bool => $piece->has(SeamKind::Side))));
        if ($given->pieces->areListed && $names === []) {
            return [];
        }

        return [new Step(
            given: $given,
            id: 'walk',
            kind: StepKind::Walk,
            short: 'Walk front and back side seams against each other, true where they meet'.($notches === [] ? '' : ', and notch at '.implode(' and ', $notches)).'.',
            how: [
                ...($isPinned ? ['Part the pinned pieces again along their seams, and give each its seam allowance back.'] : []),
                ...($linings === [] ? [] : [($given->plan->make->choices->tryFirst === TryFirst::Lining ? 'Lay each outer on its lining' : 'Lay each lining on its outer').': they have the same side seam.']),
                ...($given->pieces->areListed ? [] : ['No pieces are listed yet: do to lining, facing and band what you do to front and back, wherever they share the seam.']),
            ],
            code: 'walk',
            needs: array_values(array_map(static fn (Step $step): string => $step->id, $changes)),
            pieces: $names,
        )];
    }
}
