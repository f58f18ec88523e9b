<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

/** @param  array<string, mixed>|string  $placing */
function placingFile(array|string $placing): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'placing');
    file_put_contents($file, is_string($placing) ? $placing : json_encode($placing));

    return $file;
}

test('the command reads a tape, tells the slips, and which size it would have cut', function (): void {
    $file = placingFile(['point' => 'waist', 'height' => 1000, 'fingers' => 1]);
    expect(Artisan::call('underbolt:tape', ['figure' => resource_path('figures/slender.json'), 'placing' => [$file]]))->toBe(0);
    $said = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
    expect(array_keys($said))->toBe(['unit', 'true', 'reading', 'slips', 'size'])->and($said['unit'])->toBe('mm')
        ->and(array_column($said['slips'], 'slip'))->toBe(['place', 'fingers'])
        ->and(array_sum(array_column($said['slips'], 'share')))->toEqualWithDelta($said['reading'] - $said['true'], 0.001)
        // The demo's first chart: waists of 66, 70, 74, 78.
        ->and($said['size'])->toBe(['true' => '10', 'read' => '14']);
    unlink($file);
});

test('another chart decides by its own rows, and where it has none no size is told', function (): void {
    $this->actingAs(demoUser());
    $make = demoMake('Idony Fenwharf');
    $chart = placingFile((string) $this->getJson("/api/makes/{$make->id}/make.json")->getContent());
    $size = static function (string $point) use ($chart): mixed {
        $file = placingFile(['point' => $point, 'over' => 10]);
        Artisan::call('underbolt:tape', ['figure' => resource_path('figures/slender.json'), 'placing' => [$file], '--chart' => $chart]);
        unlink($file);

        return json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR)['size'];
    };
    expect($size('hip'))->toBe(['true' => '10', 'read' => '14'])->and($size('underbust'))->toBeNull();
    unlink($chart);
});

test('of several placings each has its line, and a fault among them ends with 2', function (): void {
    $files = array_map(placingFile(...), [['point' => 'hip'], ['point' => 'elbow'], '{', ['point' => 'bust', 'arms' => 'up']]);
    $figure = resource_path('figures/round.json');
    expect(Artisan::call('underbolt:tape', ['figure' => $figure, 'placing' => $files]))->toBe(2);
    $lines = array_map(static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR), explode("\n", trim(Artisan::output())));
    expect(array_map(array_keys(...), $lines))->toBe([['unit', 'true', 'reading', 'slips', 'size'], ['error'], ['error'], ['unit', 'true', 'reading', 'slips', 'size']])
        ->and($lines[1]['error'][0])->toStartWith('point: must be one of')
        ->and(Artisan::call('underbolt:tape', ['figure' => $figure, 'placing' => [$files[1]]]))->toBe(2)
        ->and(Artisan::output())->toStartWith('point: must be one of')
        ->and(Artisan::call('underbolt:tape', ['figure' => $files[0], 'placing' => [$files[0]]]))->toBe(2)
        ->and(Artisan::output())->toContain('format: is missing');
    array_map(unlink(...), $files);
});
