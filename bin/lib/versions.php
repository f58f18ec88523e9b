<?php

/**
 * Holds the versions of all PHP packages that are installed against docs/php-packages.txt: composer.json pins its own,
 * those behind them float. `php bin/lib/versions.php --write` writes the list anew.
 */

declare(strict_types=1);

$list = __DIR__.'/../../docs/php-packages.txt';
$installed = json_decode((string) file_get_contents(__DIR__.'/../../vendor/composer/installed.json'), true, flags: JSON_THROW_ON_ERROR);
$now = array_column($installed['packages'], 'version', 'name');
ksort($now);
$text = implode('', array_map(static fn (string $name, string $version): string => "{$name} {$version}\n", array_keys($now), $now));
if (($argv[1] ?? '') === '--write') {
    file_put_contents($list, $text);
    exit(0);
}
$known = [];
foreach (file($list, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    [$name, $version] = explode(' ', $line);
    $known[$name] = $version;
}
$moved = [];
foreach ($known + $now as $name => $_) {
    if (($known[$name] ?? null) !== ($now[$name] ?? null)) {
        $moved[] = "{$name}: ".($known[$name] ?? 'not there').' -> '.($now[$name] ?? 'gone');
    }
}
echo $moved === [] ? count($now)." PHP packages stand as they are listed.\n" : "PHP packages have moved; look whether all is well, then run  php bin/lib/versions.php --write\n".implode("\n", $moved)."\n";
