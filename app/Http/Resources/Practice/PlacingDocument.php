<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use OpenApi\Attributes as OA;

/** How a tape was laid; its keys are those of core/File/Keys/PlacingKeys. */
#[OA\Schema]
final class PlacingDocument
{
}
