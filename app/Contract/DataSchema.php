<?php

declare(strict_types=1);

namespace App\Contract;

use BackedEnum;
use LogicException;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\ParamTagValueNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;
use ReflectionEnum;

/**
 * The schema of what is answered, read off the constructor of its class: what a property may be from its type and its
 * `@param`, what it means from the words behind that. `value-of<Level>` becomes the values of the enum, another `...Data`
 * a reference.
 */
final class DataSchema
{
    private readonly Lexer $lexer;

    private readonly TypeParser $types;

    private readonly PhpDocParser $docs;

    public function __construct()
    {
        $config = new ParserConfig([]);
        $this->lexer = new Lexer($config);
        $constants = new ConstExprParser($config);
        $this->types = new TypeParser($config, $constants);
        $this->docs = new PhpDocParser($config, $this->types, $constants);
    }

    /**
     * @param  class-string  $class
     * @param  array<string, array<string, mixed>>  $told  what attributes say of a property: that holds
     * @return array<string, array<string, mixed>> a schema for each property that the constructor takes, in its order
     */
    public function of(string $class, array $told): array
    {
        $reflected = new ReflectionClass($class);
        $properties = [];
        $tags = $this->tags((string) $reflected->getConstructor()?->getDocComment());
        foreach ($reflected->getConstructor()?->getParameters() ?? [] as $parameter) {
            if (! $parameter->isPromoted() || ! $reflected->getProperty($parameter->name)->isPublic()) {
                continue;
            }
            $tag = $tags[$parameter->name] ?? null;
            $type = $tag === null ? $this->parsed((string) $parameter->getType()) : $tag->type;
            $schema = $told[$parameter->name] ?? $this->schema($type, $reflected);
            $words = trim((string) preg_replace('/\s+/', ' ', $tag === null ? '' : $tag->description));
            $properties[$parameter->name] = $words === '' ? $schema : ['description' => $words, ...$schema];
        }

        return $properties;
    }

    /**
     * What a class says of itself, as a description that stands behind its name.
     *
     * @param  class-string  $class
     */
    public function words(string $class): string
    {
        $lines = explode("\n", (string) (new ReflectionClass($class))->getDocComment());
        $words = array_map(static fn (string $line): string => trim($line, " \t*/"), $lines);

        return lcfirst(rtrim(trim(implode(' ', $words)), '.'));
    }

    /** @return array<string, ParamTagValueNode> by name */
    private function tags(string $comment): array
    {
        if ($comment === '') {
            return [];
        }
        $node = $this->docs->parse(new TokenIterator($this->lexer->tokenize($comment)));
        $tags = [];
        foreach ($node->getParamTagValues() as $tag) {
            $tags[ltrim($tag->parameterName, '$')] = $tag;
        }

        return $tags;
    }

    private function parsed(string $type): TypeNode
    {
        return $this->types->parse(new TokenIterator($this->lexer->tokenize($type)));
    }

    /**
     * @param  ReflectionClass<object>  $in
     * @return array<string, mixed>
     */
    private function schema(TypeNode $type, ReflectionClass $in): array
    {
        return match (true) {
            $type instanceof NullableTypeNode => self::orNull($this->schema($type->type, $in)),
            $type instanceof UnionTypeNode => $this->union($type, $in),
            $type instanceof GenericTypeNode => $this->generic($type, $in),
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode => ['type' => 'string', 'enum' => [$type->constExpr->value]],
            $type instanceof IdentifierTypeNode => $this->named($type->name, $in),
            default => throw new LogicException("{$in->name}: no schema for {$type}"),
        };
    }

    /**
     * @param  ReflectionClass<object>  $in
     * @return array<string, mixed>
     */
    private function union(UnionTypeNode $type, ReflectionClass $in): array
    {
        $others = array_filter($type->types, static fn (TypeNode $one): bool => ! ($one instanceof IdentifierTypeNode && $one->name === 'null'));
        $schemas = array_map(fn (TypeNode $one): array => $this->schema($one, $in), array_values($others));
        $enum = array_merge(...array_map(static fn (array $schema): array => is_array($schema['enum'] ?? null) ? $schema['enum'] : throw new LogicException("{$in->name}: {$type} is no choice of words"), $schemas));
        $schema = ['type' => 'string', 'enum' => $enum];

        return count($others) < count($type->types) ? self::orNull($schema) : $schema;
    }

    /**
     * @param  ReflectionClass<object>  $in
     * @return array<string, mixed>
     */
    private function generic(GenericTypeNode $type, ReflectionClass $in): array
    {
        $inner = $type->genericTypes;

        return match ((string) $type->type) {
            'list', 'non-empty-list' => ['type' => 'array', 'items' => $this->schema($inner[0], $in)],
            'array' => ['type' => 'object', 'additionalProperties' => $this->schema($inner[1], $in)],
            'value-of' => self::values(self::resolved((string) $inner[0], $in)),
            'int' => ['type' => 'integer'],
            default => throw new LogicException("{$in->name}: no schema for {$type}"),
        };
    }

    /**
     * @param  ReflectionClass<object>  $in
     * @return array<string, mixed>
     */
    private function named(string $name, ReflectionClass $in): array
    {
        return match ($name) {
            'string', 'non-empty-string' => ['type' => 'string'],
            'int' => ['type' => 'integer'],
            'float' => ['type' => 'number'],
            'bool' => ['type' => 'boolean'],
            'stdClass', 'object' => ['type' => 'object'],
            'mixed' => [],
            default => enum_exists(self::resolved($name, $in))
                ? self::values(self::resolved($name, $in))
                : ['$ref' => '#/components/schemas/'.(new ReflectionClass(self::resolved($name, $in)))->getShortName()],
        };
    }

    /**
     * @param  class-string  $enum
     * @return array<string, mixed>
     */
    private static function values(string $enum): array
    {
        $cases = is_subclass_of($enum, BackedEnum::class) ? $enum::cases() : throw new LogicException("{$enum} has no values");

        return [
            'type' => (string) (new ReflectionEnum($enum))->getBackingType() === 'int' ? 'integer' : 'string',
            'enum' => array_map(static fn (BackedEnum $case): int|string => $case->value, $cases),
        ];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        if (isset($schema['$ref'])) {
            return ['oneOf' => [$schema, ['type' => 'null']]];
        }
        if (! isset($schema['type'])) {
            return $schema;
        }
        $enum = isset($schema['enum']) && is_array($schema['enum']) ? ['enum' => [...$schema['enum'], null]] : [];

        return [...$schema, 'type' => [$schema['type'], 'null'], ...$enum];
    }

    /**
     * The full name of a class as a file names it.
     *
     * @param  ReflectionClass<object>  $in
     * @return class-string
     */
    private static function resolved(string $name, ReflectionClass $in): string
    {
        $code = (string) file_get_contents((string) $in->getFileName());
        $full = match (true) {
            $name === 'self' => $in->name,
            preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($name, '/').');/m', $code, $import) === 1 => $import[1],
            class_exists($name) || enum_exists($name) => $name,
            default => $in->getNamespaceName()."\\{$name}",
        };

        return class_exists($full) || enum_exists($full) ? $full : throw new LogicException("{$in->name}: there is no {$name}");
    }
}
