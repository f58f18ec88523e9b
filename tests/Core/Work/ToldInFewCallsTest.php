<?php

declare(strict_types=1);

use Symfony\Component\Process\PhpProcess;

// What made telling a plan seven times as dear as making it: each station asked anew for each size's gap. In a process of its own,
// as there the class can be loaded with a counter in it.
test('telling a plan of twenty sizes asks for a gap a few hundred times, not for each station anew', function (): void {
    $root = dirname(__DIR__, 3);
    $process = new PhpProcess(<<<'PHP'
        <?php
        require 'vendor/autoload.php';
        $gap = file_get_contents('core/Seam/Gap.php');
        $counted = str_replace(["<?php\n", "{\n        if (\$from === \$to)"], ['', "{\n        \$GLOBALS['gaps'] = (\$GLOBALS['gaps'] ?? 0) + 1;\n        if (\$from === \$to)"], $gap);
        eval($counted);
        $row = static fn (float $first): array => array_map(static fn (int $size): float => $first + 3 * $size, range(0, 19));
        $make = Underbolt\File\MakeReader::read(json_encode([
            'format' => 'underbolt/make', 'version' => 1, 'unit' => 'cm', 'body' => ['full_bust' => 97.3, 'waist' => 80.3, 'hip' => 109.3],
            'pattern' => [
                'sizes' => array_map(static fn (int $size): string => "size {$size}", range(1, 20)),
                'body_chart' => ['full_bust' => $row(70), 'waist' => $row(52), 'hip' => $row(78)],
                'seam' => ['underarm_to_waist' => 20, 'waist_to_hip' => 20, 'hip_to_hem' => 45],
            ],
        ]));
        $plan = Underbolt\Planning\PlanBuilder::build($make);
        $GLOBALS['gaps'] = 0;
        Underbolt\File\PlanJson::of($plan);
        echo $GLOBALS['gaps'];
        PHP, $root);
    $process->mustRun();
    expect((int) $process->getOutput())->toBeGreaterThan(0)->toBeLessThan(200);
});
