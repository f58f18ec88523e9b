<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Seam\EdgeChange;

/**
 * How a bust adjustment is made on the paper, as the hands do it (common practice, no published source); its share of the
 * side seam is in the line already.
 */
final readonly class BustSteps
{
    /**
     * @param  ?EdgeChange  $waist  what the line is moved by at the waist; null where no waist is planned
     * @param  callable(Length): string  $say
     */
    private function __construct(private BustAdjustment $bust, private ?EdgeChange $waist, private mixed $say)
    {
    }

    /**
     * @param  callable(Length): string  $say
     * @param  list<string>  $front  pieces of the front
     * @param  list<string>  $back  pieces of the back
     * @return list<WorkStep> none where nothing is adjusted
     */
    public static function of(?BustAdjustment $bust, ?EdgeChange $waist, callable $say, array $front = [], array $back = []): array
    {
        if ($bust === null || ! $bust->isMade()) {
            return [];
        }
        $self = new self($bust, $waist, $say);

        return [$bust->method === AdjustmentMethod::Slash ? $self->slashed($front) : $self->pivoted([...$front, ...$back])];
    }

    /** @param  list<string>  $pieces */
    private function pivoted(array $pieces): WorkStep
    {
        [$where, $swing] = $this->isFull() ? ['outside', 'out'] : ['inside', 'in'];
        $edge = $this->said($this->bust->perEdge()->abs());

        return new WorkStep(
            'bust',
            "{$this->name()}: pivot {$edge} at each of the four edges, front and back the same.",
            $this->bust->total,
            4,
            $pieces,
            [
                "On the tracing mark {$edge} {$where} the underarm, where the line begins, and at the waist the line itself"
                    ."{$this->waistMark()}.",
                "Pin at the shoulder end of the armhole, on the stitching line; swing {$swing} to the mark at the underarm and trace the armhole.",
                'Pin at the underarm, on the stitching line; swing back to the mark at the waist and trace the side.',
                'Repeat on the back: the armhole keeps its length, so the sleeve still fits.',
            ],
        );
    }

    /** @param  list<string>  $pieces */
    private function slashed(array $pieces): WorkStep
    {
        $half = $this->said($this->bust->perFrontHalf()->abs());
        [$move, $dart] = $this->isFull() ? ['Spread', 'opens: it is the side dart, or makes it deeper'] : ['Overlap', 'closes: the side dart gets smaller, or goes'];

        return new WorkStep(
            'bust',
            "{$this->name()}: slash and ".strtolower($move)." the front only, {$half} on each front half, so that its side edge comes to the "
                .'line; the back stays.',
            $this->bust->total,
            2,
            $pieces,
            [
                'Draw from the bust point straight down to the lower edge, from the bust point to the armhole a third of the way up, and '
                    .'from the side seam to the bust point.',
                'Cut from the lower edge through the bust point to the armhole, and from the side seam to the bust point; leave a hinge of '
                    .'paper at the stitching line of the armhole and at the bust point.',
                "{$move} by {$half} at the bust point, the edges of the lower cut side by side; at the side a wedge {$dart}.",
                'Cut the middle part across below the bust and move it until the lower edges are level; tape paper behind.',
                "At the waist the side edge goes to the line{$this->waistMark()}.",
            ],
        );
    }

    private function isFull(): bool
    {
        return $this->bust->kind === AdjustmentKind::Full;
    }

    private function name(): string
    {
        return ($this->isFull() ? 'Full' : 'Small')." bust adjustment of {$this->said($this->bust->total->abs())}";
    }

    /** The waist mark has an amount of its own: there the blend is on the waist size's line, and the change is what is beside it. */
    private function waistMark(): string
    {
        if ($this->waist === null) {
            return '';
        }
        $said = $this->isFrontAlone() || $this->waist->isAlike()
            ? $this->moved($this->waist->front)
            : "front {$this->moved($this->waist->front)}, back {$this->moved($this->waist->back)}";

        return ", {$said}";
    }

    private function isFrontAlone(): bool
    {
        return $this->bust->method === AdjustmentMethod::Slash;
    }

    private function moved(Length $change): string
    {
        return $change->isZero()
            ? 'on the waist size\'s printed line'
            : $this->said($change->abs()).($change->isPositive() ? ' outside' : ' inside').' the waist size\'s printed line';
    }

    private function said(Length $length): string
    {
        return ($this->say)($length);
    }
}
