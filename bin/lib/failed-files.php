<?php

/** The files of a run's tests that failed, one a line; none where the run broke off and nobody can say which. */

declare(strict_types=1);

$read = simplexml_load_file($argv[1], options: LIBXML_NOERROR | LIBXML_NOWARNING);
$cases = $read === false ? [] : $read->xpath('//testcase[failure or error]');
// A case names its file with the test behind it: tests/Browser/XTest.php::it does so.
$files = array_map(static fn (SimpleXMLElement $case): string => explode('::', (string) $case['file'])[0], $cases ?: []);
echo implode("\n", array_unique($files)), $files === [] ? '' : "\n";
