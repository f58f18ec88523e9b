<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;

/** An amount as it is applied, with its place and the pieces that get it: what several edges get alike is told once. */
final readonly class StepAmount
{
    /**
     * @param  non-empty-list<string>  $pieces
     * @param  string  $kind  of edge, as `Applied` has it
     * @param  ?PieceSide  $side  front or back; null where it is both, or neither
     * @param  ?string  $stretch  where no level is told
     * @param  ?int  $line  the size whose printed line it counts from; null where it counts from a step
     * @param  ?int  $on  another size whose printed line the edge so comes to lie on
     * @param  Length  $amount  the one that hands apply; outward or longer above 0
     * @param  positive-int  $per  how many edges get it
     * @param  bool  $isUp  whether the edge goes up or down
     */
    public function __construct(
        public array $pieces,
        public string $kind,
        public ?PieceSide $side,
        public ?Level $level,
        public ?string $stretch,
        public bool $isSewn,
        public ?int $line,
        public ?string $step,
        public ?int $on,
        public Length $amount,
        public int $per,
        public bool $isUp,
    ) {
    }

    /**
     * @param  non-empty-list<Applied>  $alike  that differ in their pieces and sides alone
     * @param  positive-int  $per
     */
    public static function of(array $alike, ?PieceSide $side, int $per): self
    {
        $one = $alike[0];

        return new self(
            pieces: array_values(array_unique(array_map(static fn (Applied $each): string => $each->piece, $alike))),
            kind: $one->edge,
            side: $side,
            level: $one->level,
            stretch: $one->stretch,
            isSewn: $one->isSewn,
            line: $one->line,
            step: $one->step,
            on: $one->on,
            amount: $one->amount,
            per: $per,
            isUp: $one->isUp,
        );
    }

    /** Where on the garment, such as `waist`. */
    public function at(): string
    {
        return match (true) {
            $this->level !== null => $this->level->onPaper(),
            $this->stretch === 'bicep' => 'upper arm',
            default => str_replace('_', ' ', (string) $this->stretch),
        };
    }

    public function piece(): string
    {
        return Listed::of($this->pieces);
    }

    /** Which of their edges, such as `each edge`. */
    public function edge(): string
    {
        $side = $this->side === null ? '' : "{$this->side->value} ";

        return match (true) {
            // A finding is told by its place.
            $this->kind === $this->stretch => 'the edge',
            default => $this->edgeOf($side),
        };
    }

    private function edgeOf(string $side): string
    {
        return match ($this->kind) {
            Applied::SIDE => $this->side === null ? 'each edge' : "{$this->side->value} edge",
            Applied::SIDE_NOTCH => 'each side notch',
            Applied::ACROSS => 'across',
            SeamKind::SleeveSeam->value => $this->side === null ? 'each edge of the sleeve' : "{$this->side->value} edge of the sleeve",
            SeamKind::Hem->value => 'the hem',
            SeamKind::CentreBack->value => 'centre back edges',
            default => $side.str_replace('_', ' ', $this->kind).($this->per > 1 ? ' edges' : ' edge'),
        };
    }

    /** @return 'out'|'in'|'longer'|'shorter'|'up'|'down' which way, in a word */
    public function way(): string
    {
        $isOn = $this->amount->isPositive();

        return match (true) {
            $this->isUp => $isOn ? 'up' : 'down',
            $this->isLength() || $this->kind === Applied::SIDE_NOTCH => $isOn ? 'longer' : 'shorter',
            default => $isOn ? 'out' : 'in',
        };
    }

    /** Round the garment; a length is as much longer on every piece, and on all of them together. */
    public function total(): Length
    {
        return $this->isUp || $this->isLength() ? $this->amount : Length::ofNanometres($this->amount->nanometres * $this->per);
    }

    private function isLength(): bool
    {
        return in_array($this->kind, [Applied::ACROSS, SeamKind::Hem->value], true);
    }
}
