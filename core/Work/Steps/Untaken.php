<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Seam\EdgeChange;

/** A change at a level where no listed piece has a side seam: shared out among the edges of panels, or told to find no piece. */
final readonly class Untaken
{
    private const EDGES_OF_A_PANEL = 2;

    /**
     * @param  Length  $total  all round, outward positive
     * @param  list<Piece>  $panels
     */
    private function __construct(private Level $level, private Length $total, private array $panels)
    {
    }

    /** @return list<self> */
    public static function all(Given $given): array
    {
        if (! $given->pieces->areListed) {
            return [];
        }
        $untaken = [];
        foreach ($given->levels as $level) {
            $change = new EdgeChange($given->drawn(PieceSide::Front, $level)->plus($given->spread(PieceSide::Front, $level)), $given->drawn(PieceSide::Back, $level));
            $hasSide = array_filter(Given::SIDES, static fn ($side): bool => $given->pieces->atSide($level, $side) !== []) !== [];
            // What the garment ends above has no piece to find.
            if (! $hasSide && ! $change->isNone() && ! in_array($level, $given->cutAway, true)) {
                $total = $change->round();
                $panels = array_values(array_filter($given->pieces->outer(SeamKind::Panel), static fn (Piece $piece): bool => $piece->reach->holds($level)));
                $untaken[] = new self($level, $total, $panels);
            }
        }

        return $untaken;
    }

    /** @return list<Applied> what each edge of a panel gets */
    public static function applied(Given $given): array
    {
        $applied = [];
        foreach (self::all($given) as $one) {
            foreach ($one->panels as $piece) {
                $applied[] = Applied::further($piece->name, SeamKind::Panel->value, null, $one->level, Given::TRACE, $one->edge(), per: $one->edges());
            }
        }

        return $applied;
    }

    public function words(Saying $saying): string
    {
        $way = $this->total->isPositive() ? 'out' : 'in';

        return $this->panels === []
            ? "At the {$this->level->value} no listed piece has a side seam: {$saying->length($this->total)} {$way} in all finds no piece. List one, or take another size there."
            : "At the {$this->level->value} {$saying->length($this->total)} {$way} in all is shared among {$this->edges()} edges of panels: {$saying->length($this->edge())} at each.";
    }

    /** @return positive-int */
    private function edges(): int
    {
        return max(1, array_sum(array_map(static fn (Piece $piece): int => self::EDGES_OF_A_PANEL * ($piece->times ?? 1), $this->panels)));
    }

    private function edge(): Length
    {
        return $this->total->dividedBy($this->edges());
    }
}
