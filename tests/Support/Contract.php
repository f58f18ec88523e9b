<?php

declare(strict_types=1);

namespace Tests\Support;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Holds an answer against the schema that the written contract gives for it. */
final class Contract
{
    /** @return list<string> what does not agree */
    public static function faults(string $json, string $schema): array
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../docs/openapi.json'));
        $document->{'$id'} = 'contract://openapi.json';
        $validator = new Validator;
        $validator->resolver()?->registerRaw($document, 'contract://openapi.json');
        $result = $validator->validate(json_decode($json), "contract://openapi.json#/components/schemas/{$schema}");
        $error = $result->error();

        return $error === null ? [] : array_map(
            static fn ($messages, $path): string => $path.': '.implode(' ', (array) $messages),
            $faults = (new ErrorFormatter)->format($error),
            array_keys($faults),
        );
    }
}
