<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes\JsonContent;
use OpenApi\Attributes\Response;

/** What is answered where a record is not as it was seen any more: how it stands now. */
final class ChangedElsewhere extends Response
{
    /** @param  class-string  $data */
    public function __construct(string $data)
    {
        parent::__construct(response: 409, description: 'changed elsewhere', content: new JsonContent(ref: $data));
    }
}
