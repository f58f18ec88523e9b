<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

/** The `pattern` part of a make file, figures as typed; its keys are those of core/File/Keys/PatternKeys. */
#[OA\Schema(type: 'object')]
final class PatternDocument
{
}
