<?php

declare(strict_types=1);

namespace Tests\Support;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RegexIterator;

/** Which room asks which, read off the imports: every namespace below `core/`, every folder below `resources/js`. */
final class ImportGraph
{
    /** @return list<string> the files of a folder at the root whose names end so */
    public static function files(string $folder, string $ending): array
    {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}", FilesystemIterator::SKIP_DOTS));

        return array_values(array_map(strval(...), iterator_to_array(new RegexIterator($files, $ending), false)));
    }

    /** @return array<string, list<string>> rooms such as `Planning\Facts`, each with those that it asks; classes of the ground floor apart */
    public static function core(): array
    {
        $asks = [];
        foreach (self::files('core', '/\.php$/') as $file) {
            $code = (string) file_get_contents($file);
            preg_match('/^namespace Underbolt\\\\?([\w\\\\]*);/m', $code, $room);
            preg_match_all('/^use Underbolt\\\\([\w\\\\]+)\\\\\w+;/m', $code, $imports);
            $asks[$room[1]] = [...$asks[$room[1]] ?? [], ...$imports[1]];
        }

        return self::tidied($asks);
    }

    /** @return array<string, list<string>> folders such as `bench`, tests apart: they may borrow a neighbour's data */
    public static function frontEnd(): array
    {
        $asks = [];
        $root = (string) realpath(dirname(__DIR__, 2).'/resources/js');
        foreach (self::files('resources/js', '/(?<!\.test)\.(ts|vue)$/') as $file) {
            $room = trim(substr(dirname((string) realpath($file)), strlen($root)), '/');
            preg_match_all('#(?:from|import)\s*\(?\s*\'(\.[^\']+)\'#', (string) file_get_contents($file), $imports);
            foreach ($imports[1] as $import) {
                $folder = realpath(dirname("{$root}/{$room}/{$import}"));
                $asks[$room][] = trim(substr((string) $folder, strlen($root)), '/');
            }
        }
        // The root puts the application together: router, first component, start.
        unset($asks['']);

        return self::tidied($asks);
    }

    /**
     * @param  array<string, list<string>>  $asks
     * @return ?list<string> rooms that ask each other in a ring, the first again at the end; null where none do
     */
    public static function circle(array $asks): ?array
    {
        $left = $asks;
        while ($left !== []) {
            $free = array_filter($left, static fn (array $asked): bool => array_intersect($asked, array_keys($left)) === []);
            if ($free === []) {
                return self::ring($left);
            }
            $left = array_diff_key($left, $free);
        }

        return null;
    }

    /**
     * @param  non-empty-array<string, list<string>>  $asks  each asks at least one other of them
     * @return list<string>
     */
    private static function ring(array $asks): array
    {
        $way = [(string) array_key_first($asks)];
        while (true) {
            $next = (string) current(array_intersect($asks[end($way)], array_keys($asks)));
            $before = array_search($next, $way, true);
            $way[] = $next;
            if ($before !== false) {
                return array_slice($way, (int) $before);
            }
        }
    }

    /**
     * @param  array<string, list<string>>  $asks
     * @return array<string, list<string>>
     */
    private static function tidied(array $asks): array
    {
        foreach ($asks as $room => $asked) {
            $asks[$room] = array_values(array_diff(array_unique($asked), [$room]));
        }

        return $asks;
    }
}
