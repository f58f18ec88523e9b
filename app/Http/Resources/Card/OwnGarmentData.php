<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Measure\Body;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Wearing\OwnGarment;

/** What a garment that fits says of the room that is liked in it. */
final readonly class OwnGarmentData
{
    /** @param  stdClass  $ease_nm  by level: twice its width, less the body of the newest card */
    public function __construct(
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))] public stdClass $ease_nm,
    ) {
    }

    public static function of(OwnGarment $garment, Body $body): self
    {
        $eases = new stdClass;
        foreach (Level::cases() as $level) {
            $ease = $garment->easeAt($level, $body);
            if ($ease !== null) {
                $eases->{$level->value} = $ease->nanometres;
            }
        }

        return new self($eases);
    }
}
