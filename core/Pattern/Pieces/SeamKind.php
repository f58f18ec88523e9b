<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** The kind of a seam or edge that a piece has. */
enum SeamKind: string
{
    case Side = 'side';
    case CentreFront = 'centre_front';
    case CentreBack = 'centre_back';

    /** Any cross seam: where it lies is said beside it; the waist where nothing is. */
    case Waist = 'waist';

    case Shoulder = 'shoulder';
    case Neck = 'neck';
    case Armhole = 'armhole';
    case Raglan = 'raglan';
    case Princess = 'princess';
    case Panel = 'panel';
    case Inset = 'inset';
    case Opening = 'opening';
    case SleeveHead = 'sleeve_head';
    case SleeveSeam = 'sleeve_seam';
    case Hem = 'hem';
    case Edge = 'edge';

    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
