<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;

/** The `fitting` part of a make file, figures as typed; its keys are those of core/File/Keys/FittingKeys. */
#[OA\Schema(type: 'object')]
final class FittingDocument
{
}
