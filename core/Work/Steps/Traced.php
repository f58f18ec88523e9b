<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Pieces\PieceSide;

/** A printed line that is traced, for which pieces and where on them. */
final readonly class Traced
{
    /**
     * @param  list<string>  $pieces
     * @param  ?PieceSide  $side  null where front and back are alike
     * @param  ?int  $line  the size; null for a piece that is the same for all
     * @param  'all'|'neck_shoulder'|'head'|'underarm'|'waist'|'hip'|'hem'|'waist_edge'  $at
     * @param  ?string  $tissue  the envelope that the line lies in, where several are traced from
     */
    public function __construct(public array $pieces, public ?PieceSide $side, public ?int $line, public string $at, public ?string $tissue)
    {
    }
}
