<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\SeamKind;

/** Bands and bindings are cut in one size: where the make has several, that is a step of its own with its tick. */
final class BandStep
{
    /**
     * @param  list<Step>  $joined  what is done to pieces that join a changed edge
     * @return list<Step>
     */
    public static function of(Given $given, array $joined): array
    {
        if (! $given->pieces->areListed || count(array_unique([$given->frame(), ...$given->plan->cutSizes()])) < 2) {
            return [];
        }
        $told = array_merge([], ...array_map(static fn (Step $step): array => $step->pieces(), $joined));
        $bands = [];
        foreach ($given->pieces->all as $piece) {
            if ($piece->layer->isStrip() && ! $piece->has(SeamKind::Side) && ! in_array($piece->name, $told, true)) {
                $bands[$given->sizeOf($piece)][] = $piece;
            }
        }
        $steps = [];
        foreach ($bands as $size => $pieces) {
            $steps[] = new Step(
                given: $given,
                id: "bands-{$given->plan->nameOf($size)}",
                kind: StepKind::Join,
                short: 'Cut '.Listed::of(array_map(self::counted(...), $pieces)).' in '.$given->plan->nameOf($size).', all along.',
                code: 'bands',
                params: ['line' => $given->plan->nameOf($size)],
                needs: [Given::TRACE],
                pieces: array_map(static fn (Piece $piece): string => $piece->name, $pieces),
            );
        }

        return $steps;
    }

    private static function counted(Piece $piece): string
    {
        $often = match ($piece->times) {
            null, 1 => '',
            2 => 'twice',
            default => "{$piece->times} times",
        };
        $how = array_filter([$often, $piece->isOnFold ? 'on the fold' : ''], static fn (string $one): bool => $one !== '');

        return $piece->name.($how === [] ? '' : ' ('.implode(', ', $how).')');
    }
}
