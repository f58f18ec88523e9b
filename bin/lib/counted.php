<?php

/**
 * Counts the tests of all runs whose results lie in a folder: `N passed, N failed`. What failed is told again before it, as
 * the log of a whole run is long and often only its end is kept. A run that was tried once more (X.again beside X) has failed
 * where it failed then.
 */

declare(strict_types=1);

/** The results of a run, or null where it broke off and left its file empty. */
function results(string $file): ?SimpleXMLElement
{
    return simplexml_load_file($file, options: LIBXML_NOERROR | LIBXML_NOWARNING) ?: null;
}

/** Tells what failed, each with its reason, and returns how many. */
function told(string $file, string $how): int
{
    $failed = results($file)?->xpath('//testcase[failure or error]') ?: [];
    foreach ($failed as $case) {
        echo "{$how}  {$case['class']}: {$case['name']}\n", trim((string) ($case->failure[0] ?? $case->error[0])), "\n\n";
    }

    return count($failed);
}

[$tests, $failed] = [0, 0];
foreach (preg_grep('/\.again\.junit\.xml$/', glob("{$argv[1]}/*.junit.xml") ?: [], PREG_GREP_INVERT) ?: [] as $file) {
    $again = str_replace('.junit.xml', '.again.junit.xml', $file);
    $last = is_file($again) ? $again : $file;
    // A run that broke off, and that nobody can read, counts as one that failed.
    $tests += (int) (results($file)?->testsuite['tests'] ?? 1);
    if ($last === $again) {
        told($file, 'AT FIRST');
    }
    $failed += results($last) === null ? 1 : told($last, 'FAILED');
}
printf("%d passed, %d failed\n", $tests - $failed, $failed);
