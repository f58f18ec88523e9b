<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

/** What is done in a step. */
enum StepKind: string
{
    case Pin = 'pin';
    case Trace = 'trace';
    case Length = 'length';
    case Adjust = 'adjust';
    case Draw = 'draw';
    case Armhole = 'armhole';
    case CentreBack = 'centre_back';
    case Sew = 'sew';
    case Sleeve = 'sleeve';
    case Join = 'join';
    case Finding = 'finding';
    case Walk = 'walk';
}
