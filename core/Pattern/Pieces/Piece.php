<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\Pattern\Cups\CupLetter;

/** One paper piece: what it is cut of, where it lies, and which seams it has. */
final readonly class Piece
{
    /**
     * @param  list<string>  $cups  the cups it is drawn for; empty where it serves all
     * @param  ?int  $times  how many are cut of it; null where the pattern doesn't say
     * @param  ?string  $partOf  the shape that it makes together with others, such as `front` of a side panel; null where it is whole
     * @param  ?string  $of  the piece whose lining, facing or band it is
     * @param  list<PieceSeam>  $seams
     * @param  ?int  $timesLining  how many are cut of it from lining as well
     * @param  list<string>  $views  the views it is for; empty where it serves all
     * @param  list<string>  $fits  likewise
     */
    public function __construct(
        public string $name,
        public Follows $follows,
        public array $cups = [],
        public ?int $times = null,
        public ?string $partOf = null,
        public Layer $layer = Layer::Outer,
        public ?string $of = null,
        public PieceSide $side = PieceSide::Both,
        public array $seams = [],
        public Reach $reach = new Reach(new ReachEnd(ReachPlace::Shoulder), new ReachEnd(ReachPlace::Hem)),
        public ?int $timesLining = null,
        public bool $isOnFold = false,
        public array $views = [],
        public array $fits = [],
    ) {
    }

    /** Whether it is cut for this cup, view and fit; of what isn't chosen every piece may be. */
    public function serves(?string $cup, ?string $view = null, ?string $fit = null): bool
    {
        $named = static fn (array $all, ?string $one): bool => $all === [] || $one === null || in_array($one, $all, true);

        return ($this->cups === []
            || ($cup !== null && array_filter($this->cups, static fn (string $one): bool => CupLetter::same($one, $cup)) !== []))
            && $named($this->views, $view) && $named($this->fits, $fit);
    }

    public function has(SeamKind $kind): bool
    {
        return $this->seam($kind) !== null;
    }

    public function seam(SeamKind $kind): ?PieceSeam
    {
        foreach ($this->seams as $seam) {
            if ($seam->kind === $kind) {
                return $seam;
            }
        }

        return null;
    }
}
