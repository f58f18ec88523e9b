<?php

/**
 * Counts the tests of all runs whose results lie in a folder: `N passed, N failed`. What failed is told again before it, as
 * the log of a whole run is long and often only its end is kept.
 */

declare(strict_types=1);

[$tests, $failed] = [0, 0];
foreach (glob("{$argv[1]}/*.junit.xml") ?: [] as $file) {
    $read = simplexml_load_file($file, options: LIBXML_NOERROR | LIBXML_NOWARNING);
    // A run that broke off leaves its file empty, and one that nobody can read tells nothing: one that failed.
    if ($read === false) {
        $tests++;
        $failed++;

        continue;
    }
    foreach ($read->xpath('//testcase[failure or error]') ?: [] as $case) {
        echo "FAILED  {$case['class']}: {$case['name']}\n", trim((string) ($case->failure[0] ?? $case->error[0])), "\n\n";
    }
    $suite = $read->testsuite;
    $tests += (int) $suite['tests'];
    $failed += (int) $suite['failures'] + (int) $suite['errors'];
}
printf("%d passed, %d failed\n", $tests - $failed, $failed);
