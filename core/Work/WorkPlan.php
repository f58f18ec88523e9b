<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Altering\BustSteps;
use Underbolt\Altering\LengthChanges;
use Underbolt\Altering\LengthSteps;
use Underbolt\Altering\Take;
use Underbolt\Altering\WorkOrder;
use Underbolt\Altering\WorkStep;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** What is done to the paper, one change after the other, each on a fresh tracing so that one can step back. */
final readonly class WorkPlan
{
    /** Side edges that the line is drawn on: front and back, left and right. */
    private const SIDE_EDGES = 4;

    /** What a sleeve may have at its lower end that has to stay as it is. */
    private const SLEEVE_END = '/\bcuffs?\b|\bsleeve (?:band|binding|placket)\b/i';

    private const SLEEVE = '/\bsleeves?\b/i';

    /** @param  list<WorkStep>  $steps in order, one tracing each */
    private function __construct(public WorkOrder $order, public string $why, public array $steps)
    {
    }

    public static function of(Plan $plan): self
    {
        $say = $plan->make->say(...);
        $pieces = PieceCut::all($plan);
        $hasCuff = array_filter($pieces, static fn (PieceCut $piece): bool => preg_match(self::SLEEVE_END, $piece->piece->name) === 1) !== [];
        $lengths = new LengthSteps($plan->lengths, $plan->make->pattern->notes->lines, $hasCuff, $say);
        $length = $lengths->ofLevels();
        $joins = self::joins($pieces);
        $line = [...self::unlike($plan, $pieces), ...self::line($plan, $pieces, $joins !== [])];
        $steps = $plan->lengths->order === WorkOrder::LengthFirst ? [...$length, ...$line] : [...$line, ...$length];

        $carrying = static fn (PieceSide $side): array => self::names(array_filter(
            $pieces,
            static fn (PieceCut $piece): bool => ! $piece->isJoined && $piece->side() === $side,
        ));
        $pinned = self::pinned($pieces);
        $work = [
            ...$steps,
            ...BustSteps::of($plan->bust, $plan->at(Level::Waist)?->change, $say, $carrying(PieceSide::Front), $carrying(PieceSide::Back)),
            ...self::besideTheLine($plan),
            ...$lengths->ofEnds(),
            ...self::sleeve($plan),
            ...$plan->make->found->steps,
            ...$joins,
        ];

        return new self($plan->lengths->order, self::why($plan), $work === [] || $pinned === [] ? $work : [...$pinned, ...$work, self::parted()]);
    }

    /**
     * @param  list<PieceCut>  $pieces
     * @return list<WorkStep> for each shape that several pieces make together
     */
    private static function pinned(array $pieces): array
    {
        $shapes = [];
        foreach ($pieces as $piece) {
            // A piece may bear the name of the shape that it makes with others.
            $shapes[$piece->piece->partOf ?? $piece->piece->name][] = $piece->piece->name;
        }
        $shapes = array_filter($shapes, static fn (array $names): bool => count($names) > 1);

        return array_map(static fn (string $shape, array $names): WorkStep => new WorkStep(
            'pin',
            'Pin '.implode(' and ', $names).' together on their stitching lines: they make the '.$shape.', and are changed as one.',
            null,
            null,
            $names,
        ), array_keys($shapes), array_values($shapes));
    }

    private static function parted(): WorkStep
    {
        return new WorkStep('part', 'Part the pieces again along the seams where they were pinned, and give each its seam allowance back.');
    }

    /**
     * @param  array<PieceCut>  $pieces
     * @return list<string>
     */
    private static function names(array $pieces): array
    {
        return array_values(array_map(static fn (PieceCut $piece): string => $piece->piece->name, $pieces));
    }

    private static function why(Plan $plan): string
    {
        $above = $plan->lengths->aboveWaist;

        return match (true) {
            $plan->make->choices->order !== null => 'You chose it.',
            $above !== null && LengthChanges::movesWaist($above) => 'The waist moves by '
                ."{$plan->make->say($above->abs())}: put it in place before the blend is drawn to it.",
            default => 'The waist stays where it is, or nearly: blend, then length, then bust.',
        };
    }

    /**
     * @param  list<PieceCut>  $pieces
     * @return list<WorkStep>
     */
    private static function unlike(Plan $plan, array $pieces): array
    {
        $hasSleeve = array_filter($pieces, static fn (PieceCut $piece): bool => preg_match(self::SLEEVE, $piece->piece->name) === 1) !== [];
        $sleeve = $hasSleeve ? ' The front half of the sleeve cap follows the front, the back half the back;' : '';

        $places = array_map(
            static fn (Level $level): string => "at the {$level->value} "
                ."the front in {$plan->nameOf($plan->frontBack->front->at($level) ?? 0)} "
                ."and the back in {$plan->nameOf($plan->frontBack->back->at($level) ?? 0)}",
            $plan->frontBack->unlike(),
        );

        return $places === []
            ? []
            : [
                new WorkStep(
                    'front_back',
                    'Cut '.implode(', ', $places)
                        .".{$sleeve}".($hasSleeve ? ' walk' : ' Walk').' the side seams against each other.',
                ),
            ];
    }

    /**
     * @param  list<PieceCut>  $pieces
     * @param  bool  $hasJoins  whether steps of their own tell what the joining pieces get
     * @return list<WorkStep> none where every piece is cut along one printed line
     */
    private static function line(Plan $plan, array $pieces, bool $hasJoins): array
    {
        $has = [];
        foreach (array_filter($plan->levels) as $name => $level) {
            if ($level->taken->take === Take::InLine && $level->taken->perEdge !== null && $plan->make->canBeDone($level->taken->perEdge)) {
                $has[] = "{$name} ".Take::way($level->taken->perEdge)." {$plan->make->say($level->taken->perEdge->abs())} an edge";
            }
            if (! $level->byHand->edges->isNone()) {
                $has[] = "{$name} by hand {$plan->make->signed($level->byHand->edges->front)} in front, "
                    ."{$plan->make->signed($level->byHand->edges->back)} at the back";
            }
        }
        $adjusted = $plan->bust?->isMade() === true ? ['the bust adjustment at the underarm'] : [];
        $inIt = [...$adjusted, ...$has];
        if ($inIt === [] && count(array_unique($plan->sizes->known())) <= 1) {
            return [];
        }
        $alike = $plan->front->isLike($plan->back) ? 'front and back alike' : 'front and back each by its own stations';

        return [new WorkStep(
            'blend',
            'Draw the side seam by the stations, '.self::path($plan)."{$alike}, and walk the two side seams against each other."
                .($inIt === [] ? '' : ' The line has in it: '.implode(', ', $inIt).'.')
                .match (true) {
                    $hasJoins => '',
                    $pieces === [] => ' Pieces are not listed yet: what is done to front and back is done to lining, facing and band where they share the seam.',
                    default => ' Facing, lining, band and skirt get the same change.',
                },
            null,
            self::SIDE_EDGES,
            self::names(array_filter($pieces, static fn (PieceCut $piece): bool => ! $piece->isJoined)),
        )];
    }

    /** From which printed line to which, where they differ. */
    private static function path(Plan $plan): string
    {
        $names = array_map($plan->lineOf(...), array_values($plan->sizes->known()));

        return count(array_unique($names)) < 2 || ! $plan->front->isLike($plan->back)
            ? ''
            : 'from '.implode(' to ', self::withoutRepeats($names)).', ';
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function withoutRepeats(array $names): array
    {
        return array_values(
            array_filter($names, static fn (string $name, int $at): bool => $at === 0 || $names[$at - 1] !== $name, ARRAY_FILTER_USE_BOTH),
        );
    }

    /** @return list<WorkStep> what is taken in or let out in no side seam's line */
    private static function besideTheLine(Plan $plan): array
    {
        $steps = [];
        foreach (array_filter($plan->levels) as $level) {
            array_push($steps, ...self::sewn($plan, $level), ...self::otherEdges($plan, $level), ...self::centreBack($plan, $level));
        }

        return $steps;
    }

    /** @return list<WorkStep> */
    private static function sewn(Plan $plan, LevelPlan $level): array
    {
        $edge = $level->taken->perEdge;
        if ($level->taken->take !== Take::Sew || $edge === null || ! $plan->make->canBeDone($edge)) {
            return [];
        }
        $how = $edge->isPositive() ? 'that much deeper' : 'that much nearer the edge';

        return [
            new WorkStep(
                'take',
                "At the {$level->facts->level->value} sew each seam {$plan->make->say($edge->abs())} an edge "
                    .Take::way($edge).", {$how}, between two notches; nothing is drawn.",
                Length::zero()->minus($level->taken->all),
                $level->facts->edges,
            ),
        ];
    }

    /** @return list<WorkStep> the edges beyond the side seams get the same */
    private static function otherEdges(Plan $plan, LevelPlan $level): array
    {
        $edge = $level->taken->perEdge;
        $others = $level->facts->edges - self::SIDE_EDGES;
        if ($level->taken->take !== Take::InLine || $edge === null || ! $plan->make->canBeDone($edge) || $others <= 0) {
            return [];
        }

        return [
            new WorkStep(
                'take',
                "At the {$level->facts->level->value} draw {$plan->make->say($edge->abs())} ".Take::way($edge)
                    ." at the other {$others} edges as well, running out to nothing at the next levels.",
                Length::zero()->minus($edge),
                $others,
            ),
        ];
    }

    /** @return list<WorkStep> */
    private static function centreBack(Plan $plan, LevelPlan $level): array
    {
        $apart = $level->taken->centreBack;

        return ! $plan->make->canBeDone($apart->dividedBy(2))
            ? []
            : [
                new WorkStep(
                    'centre_back',
                    "At the {$level->facts->level->value} ".Take::way($apart)
                        ." {$plan->make->say($apart->abs())} at the centre back alone: {$plan->make->say($apart->abs()->dividedBy(2))} at "
                            .'each of its two edges, running out to nothing above and below. Lining and band the same.',
                    Length::zero()->minus($apart),
                    2,
                ),
            ];
    }

    /** @return list<WorkStep> */
    private static function sleeve(Plan $plan): array
    {
        $sleeve = $plan->sleeve;
        if ($sleeve === null || ! $sleeve->isNarrow() || $sleeve->need === null || $sleeve->perEdge === null) {
            return [];
        }

        return [
            new WorkStep(
                'sleeve',
                "Let the sleeve out by {$plan->make->say($sleeve->need)} at the upper arm: {$plan->make->say($sleeve->perEdge)} "
                    .'at each of its two edges, running out to nothing at the wrist; the armhole is walked against the cap.',
                $sleeve->need,
                2,
            ),
        ];
    }

    /**
     * @param  list<PieceCut>  $pieces
     * @return list<WorkStep> what joins the seam gets what the seam gets, each with its own amounts
     */
    private static function joins(array $pieces): array
    {
        $alike = [];
        foreach ($pieces as $piece) {
            if ($piece->isJoined && $piece->changes !== []) {
                $alike[implode(', ', $piece->changes)][] = $piece->piece->name;
            }
        }

        return array_map(static function (string $changes, array $names): WorkStep {
            $ends = count($names) === 1 ? 'as the seam that it joins; its' : 'as the seams that they join; their';

            return new WorkStep('join', ucfirst(implode(', ', $names)).": {$changes}, {$ends} ends and notches move with it.", null, null, $names);
        }, array_keys($alike), array_values($alike));
    }
}
