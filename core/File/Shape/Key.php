<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use BackedEnum;
use Underbolt\Measure\Unit;

/**
 * One key of a make file: its name, what may stand there, and what it means.
 *
 * @template-covariant T
 */
final readonly class Key
{
    /**
     * @param  Shape<T>  $shape
     * @param  string  $says  what it means, where its name does not tell
     * @param  T|UsualLength|null  $usual  what counts where it is left out
     */
    public function __construct(
        public string $name,
        public Shape $shape,
        public string $says = '',
        public bool $isRequired = false,
        public mixed $usual = null,
    ) {
    }

    /** @return ?T what counts where it is left out, lengths in the unit that is meant; null where nothing is usual */
    public function usualIn(Unit $unit): mixed
    {
        /** @var ?T $usual */
        $usual = $this->usual instanceof UsualLength ? $this->usual->in($unit) : $this->usual;

        return $usual;
    }

    /** @return array<string, mixed> */
    public function schema(Dialect $dialect): array
    {
        $schema = $this->shape->schema($dialect);
        $usual = is_scalar($this->usual) ? $this->usual : ($this->usual instanceof BackedEnum ? $this->usual->value : null);

        return [
            ...($this->isRequired ? $schema : self::orNull($schema)),
            ...($this->says === '' ? [] : ['description' => $this->says]),
            ...($usual === null ? [] : $dialect->limits(['default' => $usual])),
        ];
    }

    /**
     * The same, or null: a key whose value is null is one that is left out.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    public static function orNull(array $schema): array
    {
        if (! isset($schema['type'])) {
            return ['oneOf' => [$schema, ['type' => 'null']]];
        }

        return [
            ...$schema,
            'type' => [$schema['type'], 'null'],
            ...(is_array($schema['enum'] ?? null) ? ['enum' => [...$schema['enum'], null]] : []),
        ];
    }
}
