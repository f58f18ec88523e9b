<?php

declare(strict_types=1);

/** @return list<string> the names in backticks that look like a class of core or app, with or without a member */
function classesNamedIn(string $page): array
{
    preg_match_all(
        '/`((?:App\\\\|[A-Z]\w+\\\\)[\w\\\\]+(?:::\$?\w+)?)(?:\(\))?`/',
        (string) file_get_contents(__DIR__."/../../docs/{$page}.md"),
        $names,
    );

    return $names[1];
}

test('what the pages name is there', function (string $page): void {
    $missing = array_filter(classesNamedIn($page), static function (string $name): bool {
        [$short, $member] = explode('::', $name) + [1 => null];
        $rooms = str_starts_with($short, 'App\\') ? [''] : ['Underbolt\\', 'Underbolt\\Planning\\', 'Underbolt\\File\\'];
        $class = firstThere(array_map(static fn (string $room): string => $room.$short, $rooms));

        return $class === null || ($member !== null && ! hasMember($class, $member));
    });
    expect(count(classesNamedIn($page)))->toBeGreaterThan(5)->and(array_values($missing))->toBe([]);
})->with(['glossary', 'architecture']);

/** @param  list<string>  $classes */
function firstThere(array $classes): ?string
{
    return array_values(
        array_filter($classes, static fn (string $class): bool => class_exists($class) || interface_exists($class) || enum_exists($class)),
    )[0] ?? null;
}

function hasMember(string $class, string $member): bool
{
    $reflected = new ReflectionClass($class);

    return str_starts_with($member, '$')
        ? $reflected->hasProperty(substr($member, 1))
        : $reflected->hasMethod($member) || $reflected->hasConstant($member);
}

test('each room of core and each folder of the browser has its line on the page of architecture', function (): void {
    $page = (string) file_get_contents(__DIR__.'/../../docs/architecture.md');
    foreach ([...(glob(__DIR__.'/../../core/*', GLOB_ONLYDIR) ?: []), ...(glob(__DIR__.'/../../core/*/*', GLOB_ONLYDIR) ?: [])] as $room) {
        expect($page)->toContain('`'.substr($room, (int) strrpos($room, 'core/')).'`');
    }
    foreach (glob(__DIR__.'/../../resources/js/*', GLOB_ONLYDIR) ?: [] as $folder) {
        expect($page)->toContain('`'.basename($folder).'`');
    }
});
