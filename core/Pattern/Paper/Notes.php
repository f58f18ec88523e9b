<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Pattern\Cloth\FabricNeed;
use Underbolt\Pattern\Cloth\Notion;
use Underbolt\Pattern\Pieces\Piece;

/** What the instruction sheet lists: pieces, cloth, notions, and where the paper may be cut. */
final readonly class Notes
{
    /**
     * @param  list<Piece>  $pieces
     * @param  list<FabricNeed>  $cloth
     * @param  list<Notion>  $notions
     * @param  list<LengthenLine>  $lines
     * @param  string  $cloths  recommended, as printed
     * @param  list<PrintedPlace>  $places  slits, notches, pockets, pleats
     * @param  list<PatternFile>  $files  where the pattern comes as files
     */
    public function __construct(
        public array $pieces = [],
        public array $cloth = [],
        public array $notions = [],
        public array $lines = [],
        public string $cloths = '',
        public array $files = [],
        public array $places = [],
    ) {
    }
}
