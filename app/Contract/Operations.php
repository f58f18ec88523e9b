<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\FormRequest;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * What an operation says by the method that answers it: ids in its address, what it is sent, that a record may not be
 * there and a field be at fault. What its attribute says of these holds.
 */
final class Operations
{
    /**
     * @param  array<string, mixed>  $operation  as its attribute told it
     * @param  list<string>  $schemas  the names of those that there are
     * @return array<string, mixed>
     */
    public static function whole(array $operation, string $path, ReflectionMethod $method, array $schemas): array
    {
        preg_match_all('/{(\w+)}/', $path, $ids);
        $types = self::types($method);
        $parameters = self::listOf($operation, 'parameters');
        $told = array_column($parameters, 'name');
        $added = array_map(static fn (string $id): array => [
            'name' => $id, 'in' => 'path', 'required' => true,
            'schema' => ['type' => self::isNumber($types[$id] ?? '') ? 'integer' : 'string'],
        ], array_filter($ids[1], static fn (string $id): bool => ! in_array($id, $told, true)));
        $sent = array_values(array_filter($types, static fn (string $type): bool => is_subclass_of($type, FormRequest::class)));
        $named = array_map(static fn (string $class): string => (string) strrchr("\\{$class}", '\\'), $sent);
        $body = array_values(array_intersect(array_map(static fn (string $name): string => substr($name, 1), $named), $schemas))[0] ?? null;
        $responses = is_array($operation['responses'] ?? null) ? $operation['responses'] : [];
        $responses += ($ids[1] === [] ? [] : ['404' => ['$ref' => '#/components/responses/NotFound']])
            + ($sent === [] ? [] : ['422' => ['$ref' => '#/components/responses/Refused']]);
        ksort($responses);

        return array_filter([
            ...$operation,
            'parameters' => [...$added, ...$parameters],
            'requestBody' => $operation['requestBody'] ?? ($body === null ? [] : [
                'required' => true,
                'content' => ['application/json' => ['schema' => ['$ref' => "#/components/schemas/{$body}"]]],
            ]),
            'responses' => $responses,
        ], static fn (mixed $part): bool => $part !== []);
    }

    /** @return array<string, string> the classes and kinds that a method takes, by name */
    private static function types(ReflectionMethod $method): array
    {
        $types = [];
        foreach ($method->getParameters() as $parameter) {
            $types[$parameter->name] = self::type($parameter);
        }

        return $types;
    }

    private static function type(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();

        return $type instanceof ReflectionNamedType ? $type->getName() : '';
    }

    private static function isNumber(string $type): bool
    {
        return $type === 'int' || is_subclass_of($type, Model::class);
    }

    /**
     * @param  array<string, mixed>  $operation
     * @return list<mixed>
     */
    private static function listOf(array $operation, string $key): array
    {
        return is_array($operation[$key] ?? null) ? array_values($operation[$key]) : [];
    }
}
