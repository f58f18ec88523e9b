<?php

/** Counts the tests of all runs whose results lie in a folder: `N passed, N failed`. */

declare(strict_types=1);

[$tests, $failed] = [0, 0];
foreach (glob("{$argv[1]}/*.junit.xml") ?: [] as $file) {
    $suite = simplexml_load_file($file)?->testsuite;
    if ($suite !== null) {
        $tests += (int) $suite['tests'];
        $failed += (int) $suite['failures'] + (int) $suite['errors'];
    }
}
printf("%d passed, %d failed\n", $tests - $failed, $failed);
