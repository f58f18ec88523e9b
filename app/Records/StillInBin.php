<?php

declare(strict_types=1);

namespace App\Records;

use RuntimeException;

/** What can't come back from the bin yet; the message says why. */
final class StillInBin extends RuntimeException
{
}
