<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;

/** What a wearer has that fits, figures as typed; its keys are those of core/File/Keys/WardrobeKeys. */
#[OA\Schema(type: 'object')]
final class WardrobeDocument
{
}
