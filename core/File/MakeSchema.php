<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\MakeKeys;
use Underbolt\File\Shape\Dialect;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;

/** The JSON Schema (draft 2020-12) of the make file, as it is published. */
final class MakeSchema
{
    /** @return array<string, mixed> ready for `json_encode` */
    public static function whole(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Underbolt make file, version '.MakeKeys::VERSION,
            'description' => 'One wearer\'s measures, one pattern and the choices for it, as typed. Plain numbers are in `unit`; texts may '
                    .'carry fractions ("37 3/4") or a unit ("95.5 cm"). Keys beginning x_ are yours and are kept.',
            ...(new ObjectShape(new MakeKeys))->schema(Dialect::File),
            '$defs' => [
                'length' => [
                    'description' => 'a plain number in the file\'s unit, or a text',
                    'oneOf' => [['type' => 'number'], ['type' => 'string', 'minLength' => 1, 'maxLength' => Node::LONGEST_TEXT]],
                ],
            ],
        ];
    }
}
