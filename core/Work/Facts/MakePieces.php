<?php

declare(strict_types=1);

namespace Underbolt\Work\Facts;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Pieces\GarmentShape;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceProposal;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\CupRow;

/** The pieces that a make is cut from, asked by their seams: which of them does a change touch? */
final readonly class MakePieces
{
    /**
     * @param  list<Piece>  $all  front and back alone where the pattern lists none
     * @param  bool  $areListed  whether they are the pattern's own: else no list of them is told
     */
    private function __construct(public array $all, public bool $areListed)
    {
    }

    public static function of(Plan $plan): self
    {
        $choices = $plan->make->choices;
        $listed = $plan->make->pattern->notes->pieces;
        $cups = array_merge([], ...array_map(static fn (Piece $piece): array => $piece->cups, $listed));
        // Where no piece is drawn for this cup the nearest letter's is cut.
        $cup = $plan->cup === null ? null : CupRow::named($plan->cup->letter, $cups) ?? CupRow::nearest($plan->cup->letter, $cups);
        $ours = array_values(array_filter($listed, static fn (Piece $piece): bool => $piece->serves($cup, $choices->view, $choices->fit)));

        return $ours === [] ? new self(self::unlisted($plan), false) : new self($ours, true);
    }

    /**
     * Pieces that carry the side line at a level: with a side seam, of that side, reaching the level. Of pieces that make one shape
     * only the one with the seam.
     *
     * @param  PieceSide  $side  front or back
     * @return list<Piece>
     */
    public function atSide(Level $level, PieceSide $side): array
    {
        return $this->such(static fn (Piece $piece): bool => self::carries($piece, $level, $side));
    }

    /** Whether a piece carries the side line of a side at a level. */
    public static function carries(Piece $piece, Level $level, PieceSide $side): bool
    {
        return $piece->has(SeamKind::Side) && self::isOf($piece, $side) && $piece->reach->holds($level);
    }

    /** @return list<Piece> that a change of length between two levels is cut across; facings and bands along it follow by themselves */
    public function across(Level $upper, Level $lower): array
    {
        return $this->such(static fn (Piece $piece): bool => self::isBody($piece) && $piece->layer->isCloth() && $piece->reach->crosses($upper, $lower));
    }

    /** @return list<string> names of what runs along such a stretch: its length follows */
    public function alongside(Level $upper, Level $lower): array
    {
        return self::names($this->such(
            static fn (Piece $piece): bool => $piece->has(SeamKind::Opening) && ! $piece->layer->isCloth() && $piece->reach->crosses($upper, $lower),
        ));
    }

    /** @return list<Piece> of cloth, with a hem */
    public function hemmed(): array
    {
        return $this->such(static fn (Piece $piece): bool => self::isBody($piece) && ! $piece->layer->isStrip() && $piece->has(SeamKind::Hem));
    }

    /** @return list<Piece> sleeves, their linings with them */
    public function sleeves(): array
    {
        return $this->such(static fn (Piece $piece): bool => $piece->side === PieceSide::Sleeve && $piece->layer->isCloth());
    }

    /** Whether something is at the sleeve's lower end that has to stay as it is. */
    public function hasCuff(): bool
    {
        return $this->such(static fn (Piece $piece): bool => $piece->side === PieceSide::Sleeve && ! $piece->layer->isCloth()) !== [];
    }

    /** @return list<Piece> */
    public function having(SeamKind $kind, ?PieceSide $side = null): array
    {
        return $this->such(static fn (Piece $piece): bool => $piece->has($kind) && ($side === null || self::isOf($piece, $side)));
    }

    /** @return list<Piece> of the body's cloth that has the seam of the given kind, or its edges shared out among panels */
    public function outer(SeamKind $kind): array
    {
        return $this->such(static fn (Piece $piece): bool => $piece->layer === Layer::Outer && $piece->has($kind));
    }

    /** @return array<string, non-empty-list<string>> names of the pieces that make a shape together, by the shape's name */
    public function shapes(): array
    {
        $shapes = [];
        foreach ($this->all as $piece) {
            // A piece may bear the name of the shape that it makes with others.
            $shapes[$piece->partOf ?? $piece->name][] = $piece->name;
        }

        return array_filter($shapes, static fn (array $names): bool => count($names) > 1);
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<string>
     */
    public static function names(array $pieces): array
    {
        return array_values(array_unique(array_map(static fn (Piece $piece): string => $piece->name, $pieces)));
    }

    /** @param  PieceSide  $side  front or back */
    public static function isOf(Piece $piece, PieceSide $side): bool
    {
        return $piece->side->isOn($side);
    }

    private static function isBody(Piece $piece): bool
    {
        return $piece->side->isFront() || $piece->side->isBack();
    }

    /**
     * @param  callable(Piece): bool  $is
     * @return list<Piece>
     */
    private function such(callable $is): array
    {
        return array_values(array_filter($this->all, $is));
    }

    /** @return list<Piece> made once for each of the four kinds of garment, as every plan without a list asks for them */
    private static function unlisted(Plan $plan): array
    {
        /** @var array<string, list<Piece>> $made */
        static $made = [];
        $shape = new GarmentShape(array_key_exists(Level::Bust->value, $plan->levels), $plan->make->pattern->fabric->kind === FabricKind::Knit);

        return $made["{$shape->hasBust} {$shape->isKnit}"] ??= array_map(static fn (string $name): Piece => PieceProposal::of($name, $shape), ['front', 'back']);
    }
}
