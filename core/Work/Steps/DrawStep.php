<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Take;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Paper\PrintedPlace;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\DrawnHow;
use Underbolt\Work\Told\Told;

/** The new side line, by its stations where depths are known, else by its marks at the levels. */
final readonly class DrawStep
{
    private function __construct(private Given $given)
    {
    }

    /** @return list<Step> none where an adjustment or a printed line is the whole of it */
    public static function of(Given $given): array
    {
        $sides = $given->drawnSides;
        if ($sides === []) {
            return [];
        }
        $self = new self($given);
        $isAlike = $given->line->isAlike && count($sides) === count(Given::SIDES);
        $which = match (true) {
            $isAlike => 'front and back alike',
            count($sides) > 1 => 'front and back each by its own',
            $sides[0] === PieceSide::Front => 'on the front alone: the back stays on its line',
            default => 'on the back alone: the front stays on its line',
        };
        // Where both are alike one of them is told.
        $toldSides = $isAlike ? [PieceSide::Front] : $sides;
        $open = $self->open();
        // A line between two levels is told by its marks only where both are.
        $stations = count($given->levels) - count($open) > 1;
        $isPivoted = $given->isPivoted();
        $bust = $given->plan->bust;

        return [new Step(
            given: $given,
            id: Given::DRAW,
            kind: StepKind::Draw,
            short: $stations ? "Draw the side seam by its marks, {$which}." : "Draw the side seam through its levels, {$which}.",
            how: [
                ...$self->ruled($toldSides),
                ...($stations
                    ? ['Each mark is counted from the printed line named beside it'.($isPivoted ? '; what the pivot did is in it' : '').($given->isSlashed() ? '; what slashing spreads comes later and is not in it' : '').'.', ...$self->beyond($open, $toldSides)]
                    : [...array_map($self->joined(...), $toldSides), ...$self->wanted()]),
                ...$self->unmeasured(),
                self::moving($given),
                ...self::folded($given),
                ...NotHeld::told($given),
                ...$self->panels(),
                ...($bust?->isSwung() === true && ! $isPivoted ? ['There is no armhole with a shoulder end to pin: nothing is pivoted, the bust adjustment is in the line.'] : []),
                ...($self->isCutInOne() ? ['Depth 0 is where side and sleeve seam meet.'] : []),
                ...array_map(static fn (Untaken $one): string => $one->words($given->saying), Untaken::all($given)),
            ],
            code: $stations ? 'draw.stations' : 'draw.marks',
            params: [],
            needs: $isPivoted ? [Given::TRACE, Given::ADJUST] : [Given::TRACE],
            applied: [...SideEntries::in(Given::DRAW, $given), ...LowerEdge::entries($given), ...OtherEdges::drawn($given), ...Untaken::applied($given)],
        )];
    }

    /** What is printed at the side's edge goes with it: where front and back are alike and its depth is known it is told how far. */
    private static function moving(Given $given): string
    {
        $where = array_map(static function (PrintedPlace $place) use ($given): string {
            $at = $given->line->isAlike ? self::standing($given, $place) : null;

            return $at === null ? "{$place->name} too" : "{$place->name} to {$given->saying->place($at)}";
        }, $given->plan->make->pattern->notes->places);

        return 'Notches on the side move with the seam'.($where === [] ? '.' : '; where it lies at the side, '.Listed::of($where).'.');
    }

    private static function standing(Given $given, PrintedPlace $place): ?Told
    {
        if ($place->below->isZero()) {
            return $given->told(PieceSide::Front, $place->level);
        }
        $depth = $given->plan->front->depths->of($place->level)?->plus($place->below);

        return $depth === null ? null : $given->line->front->atDepth($depth, $given->plan);
    }

    /** @return list<string> what is sewn flat through the edge has another edge once it is folded */
    private static function folded(Given $given): array
    {
        $isFolded = static fn (string $name): bool => preg_match('/\b(darts?|pleats?|tucks?|abnäher|\w*falten?|pinces?|plis?)\b/iu', $name) === 1;
        $names = array_values(array_filter(array_map(static fn (PrintedPlace $place): string => $place->name, $given->plan->make->pattern->notes->places), $isFolded));

        return $names === [] ? [] : ['Where the new line crosses '.Listed::of($names).': fold it closed as it is sewn, redraw the line over it, and transfer the marks.'];
    }

    /** @return list<string> the levels that the line lies at without a measure, and how it found them */
    private function unmeasured(): array
    {
        $said = [];
        foreach ($this->given->plan->unmeasured as $name => $level) {
            $said[] = "The {$name} is not measured: ".match ($level->how) {
                DrawnHow::ByHand => 'drawn in the size that you set',
                DrawnHow::Between => 'drawn between bust and hip',
                DrawnHow::LikeAbove => "drawn on like the {$this->given->plan->above($level->facts->level)->value}",
            }.'.';
        }

        return $said;
    }

    /** A sleeve that is cut in one with the body: listed pieces have neither armhole nor raglan. */
    private function isCutInOne(): bool
    {
        return $this->given->pieces->areListed && $this->given->plan->at(Level::Bust) !== null
            && $this->given->pieces->having(SeamKind::Armhole) === [] && $this->given->pieces->having(SeamKind::Raglan) === [];
    }

    /** @return list<Level> those that no mark stands at, as their depth isn't known */
    private function open(): array
    {
        $told = [];
        foreach ($this->given->line->front->stations as $one) {
            $told[] = $one->told === null ? null : $one->station->level;
        }

        return array_values(array_filter(
            $this->given->levels,
            fn (Level $level): bool => ! in_array($level->value, $told, true) && ! in_array($level, $this->given->cutAway, true),
        ));
    }

    /**
     * @param  list<PieceSide>  $sides
     * @return list<string> where a ruler does it
     */
    private function ruled(array $sides): array
    {
        $told = [];
        foreach ($sides as $side) {
            $lay = RulerLays::told($this->given, $side);
            $told = $lay === null ? $told : [...$told, $side->value => $lay];
        }
        $alike = array_values(array_unique($told));

        return count($told) === count($sides) && count($alike) === 1 ? $alike : array_map(fn (string $side, string $lay): string => $this->whose(PieceSide::from($side)).lcfirst($lay), array_keys($told), $told);
    }

    /** Without depths: the marks, joined in a curve. */
    private function joined(PieceSide $side): string
    {
        return ucfirst($this->whose($side).'touch '.implode(', ', $this->marks($side, $this->given->levels)).', and join them in a curve.');
    }

    /**
     * What lies beyond the stations.
     *
     * @param  list<Level>  $open
     * @param  list<PieceSide>  $sides
     * @return list<string>
     */
    private function beyond(array $open, array $sides): array
    {
        if ($open === []) {
            return [];
        }
        $told = array_map(fn (PieceSide $side): string => ucfirst($this->whose($side).'beyond these marks touch '.implode(', ', $this->marks($side, $open)).', and join it in a curve.'), $sides);

        return [...$told, ...$this->wanted()];
    }

    /**
     * @param  list<Level>  $levels
     * @return list<string> such as `line 12 at the underarm`
     */
    private function marks(PieceSide $side, array $levels): array
    {
        $marks = [];
        foreach ($levels as $level) {
            $told = $this->given->told($side, $level);
            if ($told !== null) {
                $marks[] = $this->given->saying->place($told).($level === Level::Bust ? ' at the underarm' : " at your tissue's {$level->value} mark");
            }
        }

        return $marks;
    }

    private function whose(PieceSide $side): string
    {
        return $this->given->line->isAlike ? '' : ($side === PieceSide::Front ? 'Front: ' : 'Back: ');
    }

    /** @return list<string> which lengths would give stations */
    private function wanted(): array
    {
        $names = array_map(static fn (Missing $one): string => $one->words(), Missing::forStations($this->given->plan));

        return $names === [] ? [] : ['With '.implode(' and ', $names).' typed into the pattern there would be marks all the way down.'];
    }

    /** @return list<string> */
    private function panels(): array
    {
        return array_map(
            fn (array $one): string => "At the {$one['level']->value} the {$one['kind']} edges get {$this->given->saying->move($one['amount'])} each as well, running out to nothing at the next levels.",
            OtherEdges::told($this->given, Take::InLine),
        );
    }
}
