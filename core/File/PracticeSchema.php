<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\FigureKeys;
use Underbolt\File\Keys\PlacingKeys;
use Underbolt\File\Shape\Dialect;
use Underbolt\File\Shape\ObjectShape;

/** The JSON Schemas (draft 2020-12) of figures and placings of tape practice, as they are published. */
final class PracticeSchema
{
    private const DRAFT = 'https://json-schema.org/draft/2020-12/schema';

    /** @return array<string, mixed> ready for `json_encode` */
    public static function figure(): array
    {
        return [
            '$schema' => self::DRAFT,
            'title' => 'Underbolt figure, version '.FigureKeys::VERSION,
            'description' => 'A body to practise measuring on, of level sections from low to high, in millimetres. Keys beginning x_ are yours and are kept.',
            ...(new ObjectShape(new FigureKeys))->schema(Dialect::File),
        ];
    }

    /** @return array<string, mixed> likewise */
    public static function placing(): array
    {
        return [
            '$schema' => self::DRAFT,
            'title' => 'Underbolt placing of a tape',
            'description' => 'How a tape was laid round a figure, in millimetres. What is left out is as it should be.',
            ...(new ObjectShape(new PlacingKeys))->schema(Dialect::File),
        ];
    }
}
