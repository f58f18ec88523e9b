<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

/** What a house does alike in all its patterns, figures as typed; its keys are those of core/File/Keys/HabitsKeys. */
#[OA\Schema(type: 'object')]
final class HabitsDocument
{
}
