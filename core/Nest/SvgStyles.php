<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Fill, stroke and dash of elements: as attributes, in their own style, or by simple rules for classes. */
final class SvgStyles
{
    /** @var array<string, array<string, string>> properties by class */
    private array $rules = [];

    private const READ = ['fill', 'stroke', 'stroke-dasharray', 'display'];

    public function learn(string $sheet): void
    {
        preg_match_all('/([^{}]+)\{([^{}]*)\}/', (string) preg_replace('#/\*.*?\*/#s', '', $sheet), $rules, PREG_SET_ORDER);
        foreach ($rules as [, $selectors, $inside]) {
            foreach (explode(',', $selectors) as $selector) {
                if (preg_match('/^\s*\w*\.([\w-]+)\s*$/', $selector, $found) === 1) {
                    $this->rules[$found[1]] = self::properties($inside) + ($this->rules[$found[1]] ?? []);
                }
            }
        }
    }

    /**
     * @param  array<string, string>  $around  what it takes from the groups it lies in
     * @return array<string, string>
     */
    public function of(SvgElement $element, array $around): array
    {
        return ($element->style ??= $this->own($element)) + $around;
    }

    /** @return array<string, string> */
    private function own(SvgElement $element): array
    {
        $own = array_intersect_key($element->attributes, array_flip(self::READ));
        foreach (self::classes($element) as $class) {
            $own = ($this->rules[$class] ?? []) + $own;
        }

        return self::properties($element->attribute('style')) + $own;
    }

    /** @return list<string> */
    public static function classes(SvgElement $element): array
    {
        return array_values(array_filter(explode(' ', strtr($element->attribute('class'), "\t\r\n", '   ')), static fn (string $class): bool => $class !== ''));
    }

    /** @return array<string, string> those that are read */
    private static function properties(string $inside): array
    {
        $found = [];
        foreach (explode(';', $inside) as $property) {
            [$name, $value] = [...explode(':', $property, 2), ''];
            if (in_array(trim($name), self::READ, true)) {
                $found[trim($name)] = strtolower(trim($value));
            }
        }

        return $found;
    }
}
