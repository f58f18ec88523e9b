<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\PaperWay;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Work\Facts\MakePieces;

/** Which printed lines are traced, for every piece: everything after counts from them. */
final readonly class TraceStep
{
    private const PLACES = [
        'neck_shoulder' => 'neck, shoulder and armhole', 'head' => 'the head', 'underarm' => 'the underarm', 'waist' => 'the waist', 'hip' => 'the hip', 'hem' => 'the hem', 'waist_edge' => 'the waist edge',
    ];

    /** @var list<string> pieces that are printed with the new line in them */
    private array $printed;

    private function __construct(private Given $given)
    {
        $printed = [];
        foreach ($given->line->isPrinted ? Given::SIDES : [] as $side) {
            foreach ($given->levels as $level) {
                array_push($printed, ...MakePieces::names($given->pieces->atSide($level, $side)));
            }
        }
        $this->printed = array_values(array_unique($printed));
    }

    /** @return list<Step> */
    public static function of(Given $given): array
    {
        if ($given->levels === []) {
            return [];
        }
        $self = new self($given);
        $lines = TraceLines::of($given);
        $asked = array_values(array_filter($lines, static fn (Traced $one): bool => ! in_array($one->pieces[0], $self->printed, true)));
        $groups = $asked === [] ? [] : $self->groups($asked);
        $isOneLine = count($groups) === 1 && ! $given->line->isPrinted;

        return [new Step(
            given: $given,
            id: Given::TRACE,
            kind: StepKind::Trace,
            short: $given->line->isPrinted ? $self->cutOut($groups !== []) : $self->way()->asked($isOneLine ? $groups[0] : 'each piece along its lines').'.',
            how: [...($isOneLine ? [] : array_map(static fn (string $group): string => "{$group}.", $groups)), ...$self->tissues($asked), ...$self->layers($asked), ...$self->view(), ...$self->cups(), ...$self->waiting(), ...$self->ownWaist()],
            code: 'trace',
            params: ['line' => $given->plan->nameOf($given->frame())],
            applied: SideEntries::in(Given::TRACE, $given),
            pieces: array_values(array_unique(array_merge([], ...array_map(static fn (Traced $one): array => $one->pieces, $lines)))),
            traces: self::joined($lines),
        )];
    }

    /** @return list<string> lines that one view has and another hasn't: where several are made from one pattern */
    private function view(): array
    {
        $view = $this->given->plan->make->choices->view;
        $isOneOfMany = $view !== null && count($this->given->plan->make->pattern->parts->views) > 1;

        return $isOneOfMany ? ["Of the lines that only a view has (hem, neck, pocket), those of view {$view}."] : [];
    }

    /** @return list<string> pieces for cups that can't be told apart yet: left out in silence they would be missed at the table */
    private function cups(): array
    {
        return array_map(static fn (Missing $one): string => ucfirst($one->whatFor)." isn't known without the {$one->words()}, so none are listed.", Missing::cup($this->given->plan));
    }

    /** @return list<string> levels that are not measured yet, and what the line does there until they are */
    private function waiting(): array
    {
        $plan = $this->given->plan;

        return array_map(static fn (string $level): string => $plan->isOnLine(Level::from($level))
            ? "The {$level} isn't measured yet: until it is, the line there only goes on from the levels beside it."
            : "The {$level} isn't measured yet, and where the line lies there isn't known: measure it before you cut.", $plan->waitsFor());
    }

    /** @return list<string> where no length is changed for it, it is marked all the same */
    private function ownWaist(): array
    {
        $below = $this->given->plan->lengths->declinedAbove;

        return $this->given->plan->make->canBeDone($below)
            ? ["Mark the wearer's own waist {$this->given->saying->length($below)} ".($below->isPositive() ? 'below' : 'above')." the paper's waist: nothing is cut for it."]
            : [];
    }

    private function way(): PaperWay
    {
        return $this->given->plan->make->choices->paper;
    }

    private function cutOut(bool $areOthers): string
    {
        return 'Cut the printed '.Listed::of($this->printed === [] ? ['pieces'] : $this->printed).' along the thick line'.($areOthers ? ', and trace the others.' : '.');
    }

    /**
     * What is said of the sheets themselves: which layers to print or show, and that paper is added where the print ends.
     *
     * @param  list<Traced>  $lines
     * @return list<string>
     */
    private function layers(array $lines): array
    {
        $sizes = array_unique(array_filter(array_map(static fn (Traced $one): ?int => $one->line, $lines), static fn (?int $line): bool => $line !== null));
        sort($sizes);
        if ($sizes === []) {
            return [];
        }
        $names = Listed::of(array_map($this->given->plan->nameOf(...), $sizes));
        $isOnFiles = $this->given->plan->make->pattern->notes->files !== [];

        return match (true) {
            $this->way() === PaperWay::Project => ["Show the layers of {$names}; what is drawn here is drawn on the cloth."],
            $this->way() === PaperWay::DrawOn => [...($isOnFiles ? ["Print the layers of {$names}."] : []), 'Draw on the print itself and cut it out; where the line grows beyond it, tape paper on first.'],
            $isOnFiles => ["Print the layers of {$names}."],
            default => [],
        };
    }

    /**
     * What is traced alike is told once: `bodice front, bodice back: line 12`.
     *
     * @param  list<Traced>  $lines
     * @return non-empty-list<string>
     */
    private function groups(array $lines): array
    {
        $byPiece = [];
        foreach ($lines as $one) {
            if ($one->line !== null) {
                $byPiece[$one->pieces[0]][] = $one;
            }
        }
        $groups = [];
        foreach ($byPiece as $piece => $own) {
            $groups[$this->along($own)][] = $piece;
        }
        // Without a list of pieces front and back are named only where they are told apart.
        $isNamed = $this->given->pieces->areListed || count($groups) > 1;
        $told = array_map(static fn (string $along, array $pieces): string => $isNamed ? Listed::of($pieces).": {$along}" : "{$along}, front and back", array_keys($groups), array_values($groups));
        $same = array_merge([], ...array_map(static fn (Traced $one): array => $one->line === null ? $one->pieces : [], $lines));
        if ($same !== []) {
            $told[] = Listed::of($same).': the same for all sizes';
        }

        return $told === [] ? ['each piece'] : $told;
    }

    /** @param  non-empty-list<Traced>  $own  of one piece */
    private function along(array $own): string
    {
        $sides = [];
        foreach ($own as $one) {
            $sides[$one->side->value ?? ''][] = $one;
        }
        // Of a piece that lies on one side alone the side needs no word.
        $isBoth = count(array_filter(array_keys($sides), static fn (string $side): bool => $side !== '')) > 1;
        $said = [];
        foreach ($sides as $side => $lines) {
            $where = match (true) {
                ! $isBoth || $side === '' => '',
                $side === PieceSide::Front->value => 'in front ',
                default => 'at the back ',
            };
            $said[] = $where.$this->places($lines);
        }

        return implode(', ', $said);
    }

    /** @param  non-empty-list<Traced>  $lines */
    private function places(array $lines): string
    {
        if ($lines[0]->at === 'all') {
            return $this->given->plan->lineOf((int) $lines[0]->line);
        }
        $at = [];
        foreach ($lines as $one) {
            $at[(int) $one->line][] = self::PLACES[$one->at] ?? $one->at;
        }

        return implode(', ', array_map(fn (int $line, array $places): string => "{$this->given->plan->lineOf($line)} at ".Listed::of(array_values(array_unique($places))), array_keys($at), array_values($at)));
    }

    /**
     * @param  list<Traced>  $lines
     * @return list<string>
     */
    private function tissues(array $lines): array
    {
        $first = null;
        $others = [];
        foreach ($lines as $one) {
            if ($one->tissue === null || $one->line === null) {
                continue;
            }
            $first ??= $one->tissue;
            if ($one->tissue !== $first) {
                $others[$one->tissue][$one->line] = $this->given->plan->nameOf($one->line);
            }
        }

        return array_map(
            static fn (string $tissue, array $names): string => "Lay the tissue of {$tissue} under it, waist line on waist line and grain on grain, or centre on centre, and trace ".Listed::of(array_values($names)).' there.',
            array_keys($others),
            array_values($others),
        );
    }

    /**
     * @param  list<Traced>  $lines
     * @return list<Traced> pieces that are traced alike together
     */
    private static function joined(array $lines): array
    {
        $joined = [];
        foreach ($lines as $one) {
            $key = implode('|', [$one->side->value ?? '', $one->line, $one->at, $one->tissue]);
            $pieces = [...($joined[$key]->pieces ?? []), ...$one->pieces];
            $joined[$key] = new Traced(array_values(array_unique($pieces)), $one->side, $one->line, $one->at, $one->tissue);
        }

        return array_values($joined);
    }
}
