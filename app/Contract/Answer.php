<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes\JsonContent;
use OpenApi\Attributes\Response;

/** What is answered where all is well, as JSON. */
final class Answer extends Response
{
    /** @param  class-string  $data */
    public function __construct(string $data, string $description, int $status = 200)
    {
        parent::__construct(response: $status, description: $description, content: new JsonContent(ref: $data));
    }
}
