<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** Where what slashing adds at the waist goes. */
enum Spread: string
{
    /** Closed into the waist dart. */
    case Dart = 'dart';

    /** Taken off at the side seam again. */
    case Side = 'side';
}
