<?php

declare(strict_types=1);

namespace App\Practice;

use Underbolt\File\PracticeReader;
use Underbolt\Practice\Figure;

/** The bodies that ship to practise on, by their code. */
final class Figures
{
    public static function named(string $code): ?Figure
    {
        return in_array($code, self::codes(), true) ? PracticeReader::figure((string) file_get_contents(self::file($code))) : null;
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, Figure> by code
     */
    public static function these(array $codes): array
    {
        return array_filter(array_combine($codes, array_map(self::named(...), $codes)));
    }

    /** @return list<string> */
    public static function codes(): array
    {
        $files = glob(self::file('*'));

        return $files === false ? [] : array_map(static fn (string $file): string => basename($file, '.json'), $files);
    }

    private static function file(string $code): string
    {
        return resource_path("figures/{$code}.json");
    }
}
