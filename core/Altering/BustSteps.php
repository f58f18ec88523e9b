<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;

/** How a bust adjustment is made on the paper; its share of the side seam is in the line already. */
final class BustSteps
{
    /**
     * @param  callable(Length): string  $say
     * @return list<WorkStep> none where nothing is adjusted
     */
    public static function of(?BustAdjustment $bust, callable $say): array
    {
        if ($bust === null || ! $bust->isMade()) {
            return [];
        }
        $full = $bust->kind === AdjustmentKind::Full;
        $kind = $full ? 'Full' : 'Small';
        $total = $say($bust->total->abs());
        if ($bust->method === AdjustmentMethod::Slash) {
            return [
                new WorkStep(
                    'bust',
                    "{$kind} bust adjustment of {$total}: slash and ".($full ? 'spread' : 'overlap')
                        ." the front only, {$say($bust->perFrontHalf()->abs())} on each front half, so that its side edge comes to the "
                            .'line; the back stays.',
                    $bust->total,
                    2,
                ),
            ];
        }
        [$where, $swing] = $full ? ['outside', 'out'] : ['inside', 'in'];
        $edge = $say($bust->perEdge()->abs());

        return [
            new WorkStep(
                'bust',
                "{$kind} bust adjustment of {$total}: pivot {$edge} at each of the four edges. Mark {$edge} {$where} the "
                    ."underarm, where the line begins; pin at the shoulder end of the armhole, swing {$swing} to the mark and trace "
                    .'the armhole; pin at the underarm, swing back to the line at the waist, and trace. Front and back the same.',
                $bust->total,
                4,
            ),
        ];
    }
}
