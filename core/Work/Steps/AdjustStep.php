<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\AdjustmentKind;
use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\Spread;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Work\Facts\MakePieces;

/** How a bust adjustment is made on the paper, as the hands do it (common practice, no published source). */
final readonly class AdjustStep
{
    private function __construct(private Given $given, private BustAdjustment $bust)
    {
    }

    /** @return list<Step> by pivoting, before the side is drawn; none where nothing is so adjusted */
    public static function pivoting(Given $given): array
    {
        return $given->plan->bust === null || ! $given->isPivoted() ? [] : [(new self($given, $given->plan->bust))->pivoted()];
    }

    /** @return list<Step> by slashing, once the side is drawn */
    public static function slashing(Given $given): array
    {
        return $given->plan->bust === null || ! $given->isSlashed() ? [] : [(new self($given, $given->plan->bust))->slashed()];
    }

    private function pivoted(): Step
    {
        $given = $this->given;
        $pinned = $given->pinned();
        $level = $given->swingsTo();
        $swing = $this->isFull() ? 'out' : 'in';
        $end = $level === null ? 'to the printed line below' : "to the mark at the {$level->value}";
        $isFurther = array_filter($pinned, static fn (Piece $piece): bool => $level !== null && $level !== Level::Hip && $piece->reach->holds(Level::Hip) && $given->plan->isOnLine(Level::Hip)) !== [];

        return new Step(
            given: $given,
            id: Given::ADJUST,
            kind: StepKind::Adjust,
            short: "{$this->name()}, by pivoting, front and back.",
            how: [
                'Mark the underarm '.$this->marked(Level::Bust).($level === null ? '' : ", and the {$level->value} ".$this->marked($level)).'.',
                "Pin at the shoulder end of the armhole, on the stitching line; swing {$swing} to the mark at the underarm and trace the armhole.",
                "Pin at the underarm, on the stitching line; swing {$end} and trace the side down to there: it is straight.".match (true) {
                    ! $isFurther => '',
                    $given->drawnSides === [] => ' Below it trace the printed line on.',
                    default => ' Below it the marks of the next step count.',
                },
                'Depths count from the underarm before it was swung; true the waist edge. Transfer dots, darts and pleats of the swung part.',
                ...$this->slid($pinned),
                ...($given->pieces->sleeves() === [] ? [] : ['The armhole keeps its length, so the sleeve stays as it is.']),
            ],
            code: 'adjust.pivot',
            params: ['total' => $given->saying->length($this->bust->total)],
            needs: [Given::TRACE],
            applied: SideEntries::in(Given::ADJUST, $given),
            pieces: MakePieces::names($pinned),
        );
    }

    /**
     * A skirt has no shoulder end: where its move is alike at waist and hip it is slid out whole.
     *
     * @param  list<Piece>  $pinned
     * @return list<string>
     */
    private function slid(array $pinned): array
    {
        $given = $this->given;
        $skirts = array_values(array_filter($given->pieces->all, static fn (Piece $piece): bool => ! in_array($piece, $pinned, true) && in_array($piece, $given->pieces->atSide(Level::Hip, $piece->side->isFront() ? PieceSide::Front : PieceSide::Back), true) && $piece->reach->holds(Level::Waist)));
        $moves = [];
        foreach ($skirts as $piece) {
            $side = $piece->side->isFront() ? PieceSide::Front : PieceSide::Back;
            [$waist, $hip] = [$given->drawn($side, Level::Waist), $given->drawn($side, Level::Hip)];
            if ($waist->nanometres === $hip->nanometres && $given->own($side, Level::Waist) === $given->own($side, Level::Hip) && $given->plan->make->canBeDone($waist)) {
                $moves[$given->saying->move($waist)][] = $piece->name;
            }
        }

        return array_map(static fn (string $move, array $names): string => Listed::of($names).": slide it {$move} at the side and trace all the way down.", array_keys($moves), array_values($moves));
    }

    private function slashed(): Step
    {
        $given = $this->given;
        $half = $given->saying->length($this->bust->perFrontHalf());
        [$move, $side] = $this->isFull() ? ['Spread', 'opens: it is the side dart, or makes it deeper'] : ['Overlap', 'closes: the side dart gets smaller, or goes'];
        $front = array_values(array_filter($given->pieces->atSide(Level::Bust, PieceSide::Front), static fn (Piece $piece): bool => $piece->reach->holds(Level::Bust)));
        $steps = array_values(array_unique(array_map(static fn (Piece $piece): string => $given->drawnIn($piece, PieceSide::Front, Level::Bust), $front)));

        return new Step(
            given: $given,
            id: Given::ADJUST,
            kind: StepKind::Adjust,
            short: "{$this->name()}, by slashing the front alone; the back stays.",
            how: [
                'Draw from the bust point straight down to the lower edge, from the bust point to the armhole a third of the way up, and from the side seam to the bust point.',
                'Cut from the lower edge through the bust point to the armhole, and from the side seam to the bust point; leave a hinge of paper at the stitching line of the armhole and at the bust point: the armhole keeps its length'.($given->pieces->sleeves() === [] ? '.' : ', the sleeve stays.'),
                "{$move} by {$half} at the bust point, the edges of the lower cut side by side; at the side a wedge {$side}. The underarm goes {$half} ".($this->isFull() ? 'out' : 'in').' with it: nothing is drawn there any more.',
                'Cut the middle part across below the bust and move it until the lower edges are level; tape paper behind.',
                ...$this->closed($half),
            ],
            code: 'adjust.slash',
            params: ['total' => $given->saying->length($this->bust->total)],
            needs: [Given::TRACE, ...array_values(array_diff($steps, [Given::TRACE]))],
            applied: SideEntries::spread($given),
        );
    }

    /** @return list<string> what becomes of the opening at the waist and below: it is closed down to what follows there */
    private function closed(string $half): array
    {
        $given = $this->given;
        $closed = [];
        foreach ([Level::Waist, Level::Hip] as $level) {
            if (! $given->plan->isOnLine($level) || $given->pieces->atSide($level, PieceSide::Front) === []) {
                continue;
            }
            $left = $given->spread(PieceSide::Front, $level);
            $off = $this->bust->perFrontHalf()->minus($left);
            if (! $given->plan->make->canBeDone($off)) {
                continue;
            }
            $amount = $given->saying->length($off);
            $where = $given->plan->make->choices->spread === Spread::Side
                ? ($this->isFull() ? 'take' : 'put')." {$amount} ".($this->isFull() ? 'off the side again' : 'back on at the side')
                : ($this->isFull() ? "close {$amount} into the waist dart" : "let {$amount} out of the waist dart");
            $stays = $given->plan->make->canBeDone($left) ? " ({$given->saying->length($left)} stays)" : '';
            $closed[] = "At the {$level->value} {$where}{$stays}.";
        }

        return $closed === [] && $given->pieces->atSide(Level::Waist, PieceSide::Front) !== [] ? ["At the waist and below all of the {$half} stays."] : $closed;
    }

    private function isFull(): bool
    {
        return $this->bust->kind === AdjustmentKind::Full;
    }

    private function name(): string
    {
        return ($this->isFull() ? 'Full' : 'Small')." bust adjustment of {$this->given->saying->length($this->bust->total)} in all";
    }

    /** By its amount from the line that was traced: `1 in out from line 12`. */
    private function marked(Level $level): string
    {
        $said = array_map(fn (PieceSide $side): string => $this->mark($this->given->drawn($side, $level), $this->given->own($side, $level)), Given::SIDES);

        return $said[0] === $said[1] ? $said[0] : "in front {$said[0]}, at the back {$said[1]}";
    }

    private function mark(Length $move, int $size): string
    {
        $line = $this->given->plan->lineOf($size);

        return $this->given->plan->make->canBeDone($move)
            ? $this->given->saying->length($move).($move->isPositive() ? ' out' : ' in')." from {$line}"
            : "on {$line}";
    }
}
