<?php

/** Counts the tests of all runs whose results lie in a folder: `N passed, N failed`. */

declare(strict_types=1);

[$tests, $failed] = [0, 0];
foreach (glob("{$argv[1]}/*.junit.xml") ?: [] as $file) {
    // A run that broke off leaves its file empty: one that failed.
    if (filesize($file) === 0) {
        $tests++;
        $failed++;

        continue;
    }
    $suite = simplexml_load_file($file)->testsuite;
    $tests += (int) $suite['tests'];
    $failed += (int) $suite['failures'] + (int) $suite['errors'];
}
printf("%d passed, %d failed\n", $tests - $failed, $failed);
