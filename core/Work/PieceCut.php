<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Follows;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\Sizes;
use Underbolt\Work\Facts\MakePieces;
use Underbolt\Work\Steps\StepAmount;

/** Which sizes one paper piece is cut in, and what is done to it. */
final readonly class PieceCut
{
    /**
     * @param  ?int  $frame  the size of its neck, shoulder, armhole or head; null where it has none of them
     * @param  ?list<int>  $front  sizes of its front edges from the top down; null where it has no such edge
     * @param  ?list<int>  $back  likewise at the back
     * @param  list<array{string, StepAmount}>  $amounts  the entries of all steps that name it, each with the step's id, in their order
     */
    private function __construct(public Piece $piece, public ?int $frame, public ?array $front, public ?array $back, public array $amounts)
    {
    }

    /**
     * The pieces that the pattern lists: what nobody confirmed is not told.
     *
     * @return list<self>
     */
    public static function all(Plan $plan, WorkPlan $work): array
    {
        return $work->pieces->areListed ? array_map(static fn (Piece $piece): self => self::of($piece, $plan, $work), $work->pieces->all) : [];
    }

    /** @return list<string> what its edges get, in a few words each */
    public function changes(Plan $plan): array
    {
        $side = $this->piece->side === PieceSide::Both ? null : $this->piece->side;

        return EntryWords::all(array_map(static fn (array $one): StepAmount => $one[1], $this->amounts), $plan, $side);
    }

    /** @return list<int> all sizes it is cut in, the front's first, from the top down */
    public function sizes(): array
    {
        $front = $this->front ?? $this->back ?? [];

        return $front === [] && $this->frame !== null ? [$this->frame] : $front;
    }

    private static function of(Piece $piece, Plan $plan, WorkPlan $work): self
    {
        $isFramed = $piece->follows === Follows::Frame || array_filter([SeamKind::Neck, SeamKind::Shoulder, SeamKind::Armhole, SeamKind::SleeveHead], $piece->has(...)) !== [];
        $sizes = static fn (PieceSide $side): ?array => $piece->follows === Follows::Frame || $piece->follows === Follows::OneSize || ! MakePieces::isOf($piece, $side)
            ? null
            : self::sizesOf($piece, $side === PieceSide::Front ? $plan->frontBack->front : $plan->frontBack->back);
        $amounts = [];
        foreach ($work->steps as $step) {
            foreach ($step->amounts as $one) {
                if (in_array($piece->name, $one->pieces, true)) {
                    $amounts[] = [$step->id, $one];
                }
            }
        }

        return new self(
            $piece,
            $isFramed && $piece->follows !== Follows::OneSize ? $plan->sizes->first() : null,
            $sizes(PieceSide::Front),
            $sizes(PieceSide::Back),
            $amounts,
        );
    }

    /** @return list<int> of those levels that it follows and reaches */
    private static function sizesOf(Piece $piece, Sizes $sizes): array
    {
        $levels = match ($piece->follows) {
            Follows::Waist => [Level::Waist],
            Follows::Hip => [Level::Hip],
            Follows::WaistAndHip => [Level::Waist, Level::Hip],
            default => Level::cases(),
        };
        $reached = array_filter($levels, $piece->reach->holds(...));
        $cut = [];
        foreach ($reached === [] ? $levels : $reached as $level) {
            $size = $sizes->at($level);
            if ($size !== null && $size !== end($cut)) {
                $cut[] = $size;
            }
        }

        $first = $sizes->first();

        return $cut === [] && $first !== null ? [$first] : $cut;
    }
}
