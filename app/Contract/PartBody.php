<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes\JsonContent;
use OpenApi\Attributes\Property;
use OpenApi\Attributes\RequestBody;

/** A part of a make as it is sent: as it was typed, with the version of the make that was seen. */
final class PartBody extends RequestBody
{
    /** @param  class-string  $document */
    public function __construct(string $part, string $document)
    {
        parent::__construct(required: true, content: new JsonContent(required: [$part, 'version'], properties: [
            new Property(property: $part, ref: $document),
            new Property(property: 'version', description: 'of the make, as it was seen', type: 'integer'),
        ]));
    }
}
