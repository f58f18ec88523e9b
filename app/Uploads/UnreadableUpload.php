<?php

declare(strict_types=1);

namespace App\Uploads;

use RuntimeException;

/** Why a file that was sent can't be read: one sentence, for the field that it belongs to. */
final class UnreadableUpload extends RuntimeException
{
    public function __construct(string $message, public readonly string $field = 'file')
    {
        parent::__construct($message);
    }
}
