<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

/** The `choices` part of a make file, figures as typed; its keys are those of core/File/Keys/ChoicesKeys. */
#[OA\Schema(type: 'object')]
final class ChoicesDocument
{
}
