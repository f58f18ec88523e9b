<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\AdjustmentKind;
use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\Spread;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Work\Facts\MakePieces;

/** How a bust adjustment is made on the paper, as the hands do it (common practice, no published source). */
final readonly class AdjustStep
{
    private function __construct(private Given $given, private BustAdjustment $bust)
    {
    }

    /** @return list<Step> none where nothing is adjusted */
    public static function of(Given $given): array
    {
        $bust = $given->plan->bust;
        if ($bust === null || ! $bust->isMade()) {
            return [];
        }
        $self = new self($given, $bust);

        return match (true) {
            $given->isSlashed() => [$self->slashed()],
            $given->canPivot() => [$self->pivoted()],
            default => [],
        };
    }

    private function pivoted(): Step
    {
        $given = $this->given;
        $level = $given->swingsTo();
        $swing = $this->isFull() ? 'out' : 'in';
        $armhole = MakePieces::names($given->pieces->having(SeamKind::Armhole));
        $entries = SideEntries::in(Given::ADJUST, $given);
        $amounts = [...$this->marks(Level::Bust, 'underarm'), ...($level === null ? [] : $this->marks($level, $level->value))];
        $back = $level === null ? 'swing back until the side meets its printed line below' : "swing back to the mark at the {$level->value}";

        return new Step(
            id: Given::ADJUST,
            kind: StepKind::Adjust,
            short: "{$this->name()}, by pivoting, front and back: everything that the underarm moves is in its mark.",
            how: [
                'Mark the underarm: '.$this->marked(Level::Bust).'.'.($level === null ? '' : " Mark the {$level->value}: ".$this->marked($level).'.'),
                "Pin at the shoulder end of the armhole, on the stitching line; swing {$swing} to the mark at the underarm and trace the armhole.",
                "Pin at the underarm, on the stitching line; {$back} and trace the side. Between the two marks this line counts, whatever the stations say to a hair.",
                'Depths are counted from the underarm before it was swung; the waist edge is trued.',
                'The armhole keeps its length, so the sleeve stays as it is.',
            ],
            code: 'adjust.pivot',
            params: ['total' => $given->saying->length($this->bust->total)],
            needs: [Given::TRACE],
            amounts: $amounts,
            applied: $entries,
            pieces: $armhole,
        );
    }

    private function slashed(): Step
    {
        $given = $this->given;
        $half = $given->saying->length($this->bust->perFrontHalf());
        [$move, $side] = $this->isFull() ? ['Spread', 'opens: it is the side dart, or makes it deeper'] : ['Overlap', 'closes: the side dart gets smaller, or goes'];
        [$what, $dart, $edge] = $this->isFull() ? ['adds', 'goes into the waist dart', 'is taken off the side'] : ['takes away', 'comes out of the waist dart', 'is put onto the side'];
        $spread = $given->plan->make->choices->spread === Spread::Side
            ? "What that {$what} at the waist, {$half} on each front half, {$edge} again there: the waist mark counts from the printed line where it lay before."
            : "What that {$what} at the waist, {$half} on each front half, {$dart}; the side's printed line moves with the paper, and marks count from where it lies now.";

        return new Step(
            id: Given::ADJUST,
            kind: StepKind::Adjust,
            short: "{$this->name()}, by slashing the front alone; the back stays.",
            how: [
                'Draw from the bust point straight down to the lower edge, from the bust point to the armhole a third of the way up, and from the side seam to the bust point.',
                'Cut from the lower edge through the bust point to the armhole, and from the side seam to the bust point; leave a hinge of paper at the stitching line of the armhole and at the bust point: the armhole keeps its length, the sleeve stays.',
                "{$move} by {$half} at the bust point, the edges of the lower cut side by side; at the side a wedge {$side}.",
                'Cut the middle part across below the bust and move it until the lower edges are level; tape paper behind.',
                $spread,
            ],
            code: 'adjust.slash',
            params: ['total' => $given->saying->length($this->bust->total)],
            needs: [Given::TRACE],
            amounts: [new StepAmount('underarm', 'front', 'front edge', $this->bust->perFrontHalf(), 2)],
            applied: SideEntries::in(Given::ADJUST, $given),
        );
    }

    private function isFull(): bool
    {
        return $this->bust->kind === AdjustmentKind::Full;
    }

    private function name(): string
    {
        return ($this->isFull() ? 'Full' : 'Small')." bust adjustment of {$this->given->saying->length($this->bust->total)} in all";
    }

    private function marked(Level $level): string
    {
        $said = array_map(fn (PieceSide $side): string => ($told = $this->given->told($side, $level)) === null ? '' : $this->given->saying->place($told), Given::SIDES);

        return $said[0] === $said[1] ? $said[0] : "front {$said[0]}, back {$said[1]}";
    }

    /** @return list<StepAmount> */
    private function marks(Level $level, string $at): array
    {
        return SideAmounts::at($this->given, $level, $at, Given::SIDES);
    }
}
