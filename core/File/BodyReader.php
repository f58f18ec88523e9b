<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Body;
use Underbolt\Measure\Point;

/** Reads the measures of one card: one figure for each point. */
final class BodyReader
{
    public static function read(Node $node): Body
    {
        $measures = [];
        foreach ($node->fields(array_column(Point::cases(), 'value')) as $code => $field) {
            $length = $field->length(Point::from($code)->kind());
            if ($length !== null) {
                $measures[$code] = $length;
            }
        }

        return new Body($measures);
    }
}
