<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

/**
 * Runs the command as a program of its own.
 *
 * @return array{int, string, string} exit code, standard output, standard error
 */
function planCommand(string ...$files): array
{
    $process = proc_open(
        [PHP_BINARY, 'artisan', 'underbolt:plan', ...$files],
        [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
        $pipes,
        dirname(__DIR__, 2),
    );
    $output = (string) stream_get_contents($pipes[1]);
    $errors = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), $output, $errors];
}

$worked = static fn (string $name): string => dirname(__DIR__)."/fixtures/worked/{$name}.make.json";

test('one file prints its plan, indented', function () use ($worked): void {
    [$exit, $output, $errors] = planCommand($worked('1-two-step-blend'));
    expect($exit)->toBe(0)->and($errors)->toBe('')
        ->and($output)->toStartWith("{\n    \"format\": \"underbolt/plan\"")
        ->and(json_decode($output, true)['levels']['waist']['size'])->toBe('18')
        ->and(json_decode($output, true)['cup'])->toBe(['letter' => 'B', 'difference' => 5.0, 'source' => 'rule of thumb']);
});

test('a faulty file exits 2 with one line a fault on standard error', function () use ($worked): void {
    $faulty = tempnam(sys_get_temp_dir(), 'make');
    file_put_contents($faulty, str_replace('"level"', '"worst"', (string) file_get_contents($worked('1-two-step-blend'))));
    [$exit, $output, $errors] = planCommand($faulty);
    expect($exit)->toBe(2)->and($output)->toBe('')
        ->and($errors)->toBe("choices.pick: must be one of best, level, one_size\n");

    [$exit, , $errors] = planCommand('no-such-file.json');
    expect($exit)->toBe(2)->and($errors)->toBe("no-such-file.json: there is no such file, or it can't be read\n");
});

test('several files print one line each, in order, and exit 2 where one is refused', function () use ($worked): void {
    [$exit, $output] = planCommand($worked('1-two-step-blend'), __FILE__, $worked('5-knit-hand-clip'));
    $lines = array_map(static fn (string $line): array => json_decode($line, true), explode("\n", trim($output)));
    expect($exit)->toBe(2)
        ->and($lines)->toHaveCount(3)
        ->and($lines[0]['levels']['bust']['size'])->toBe('14')
        ->and($lines[1]['error'][0])->toContain('no JSON file')
        ->and($lines[2]['levels']['waist']['size'])->toBe('12');

    expect(planCommand($worked('1-two-step-blend'), $worked('5-knit-hand-clip'))[0])->toBe(0);
});

test('the command is listed', function (): void {
    expect(Artisan::all())->toHaveKeys(['underbolt:plan', 'underbolt:demo']);
});
