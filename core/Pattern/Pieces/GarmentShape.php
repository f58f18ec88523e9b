<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** What is known of a garment before its pieces are: it tells how far a piece that is only called `front` goes. */
final readonly class GarmentShape
{
    /**
     * @param  bool  $hasBust  whether it goes over the bust at all; a skirt or trousers begin at the waist
     * @param  bool  $isKnit  whether its bands are sewn on stretched
     * @param  bool  $isSeamedAtWaist  whether a skirt is sewn to a bodice
     * @param  bool  $hasSkirtLining  whether its lining is so parted as well
     * @param  bool  $isRaglan  whether its sleeves run up to the neck
     * @param  bool  $isInOne  whether its sleeves are cut in one with the body
     * @param  bool  $isCropped  whether it ends above the waist
     * @param  array<string, SeamKind>  $parted  the seam beside a side piece, by what it lies beside, as `part` names it
     * @param  array<string, string>  $wholes  the name of the piece that a side piece lies beside, likewise
     */
    public function __construct(
        public bool $hasBust,
        public bool $isKnit,
        public bool $isSeamedAtWaist = false,
        public bool $hasSkirtLining = false,
        public bool $isRaglan = false,
        public bool $isInOne = false,
        public bool $isCropped = false,
        private array $parted = [],
        private array $wholes = [],
    ) {
    }

    /**
     * @param  string  $pattern  its name
     * @param  list<string>  $pieces  their names
     */
    public static function of(bool $hasBust, bool $isKnit, string $pattern, array $pieces): self
    {
        $words = array_map(static fn (string $name): PieceWords => new PieceWords($name), $pieces);
        $any = static fn (callable $is): bool => array_filter($words, $is) !== [];
        $sides = array_filter($words, static fn (PieceWords $one): bool => $one->say('side') && $one->say('front') !== $one->say('back'));
        $skirt = static fn (PieceWords $one): bool => $one->say('skirt');

        return new self(
            hasBust: $hasBust,
            isKnit: $isKnit,
            isSeamedAtWaist: $hasBust && $any($skirt),
            hasSkirtLining: $any(static fn (PieceWords $one): bool => $one->say('skirt') && $one->say('lining')),
            isRaglan: $any(static fn (PieceWords $one): bool => $one->say('raglan')),
            isInOne: (new PieceWords($pattern))->say('in one') || $any(static fn (PieceWords $one): bool => $one->say('in one')),
            isCropped: $hasBust && (new PieceWords($pattern))->say('crop'),
            parted: array_map(static fn (PieceWords $one): SeamKind => $one->say('inset') ? SeamKind::Inset : SeamKind::Princess, self::byPart($sides)),
            wholes: array_map(static fn (PieceWords $one): string => $one->name, self::byPart(array_filter(array_diff_key($words, $sides), self::isWhole(...)))),
        );
    }

    /** The seam with which a side piece lies beside a front or back of the same cloth: `side front` beside `front`, not beside `front lining`. */
    public function seamBeside(PieceWords $piece): ?SeamKind
    {
        return $piece->say('side') ? null : $this->parted[self::part($piece)] ?? null;
    }

    /** Whether a piece can be what a side piece lies beside: a facing or a pocket of the front is not. */
    private static function isWhole(PieceWords $piece): bool
    {
        return ! $piece->sayAny('facing', 'band', 'binding', 'placket', 'pocket', 'collar', 'yoke', 'sleeve', 'cuff', 'inset', 'loose', 'guide');
    }

    /** The piece that a side piece makes one shape with, where it is known. */
    public function besides(PieceWords $side): ?string
    {
        return $this->wholes[self::part($side)] ?? null;
    }

    /**
     * @param  array<int, PieceWords>  $pieces
     * @return array<string, PieceWords> the first of each part
     */
    private static function byPart(array $pieces): array
    {
        $by = [];
        foreach ($pieces as $piece) {
            $by[self::part($piece)] ??= $piece;
        }

        return $by;
    }

    private static function part(PieceWords $piece): string
    {
        return implode(' ', array_filter(['front', 'back', 'skirt', 'lining', 'interfacing'], $piece->say(...)));
    }
}
