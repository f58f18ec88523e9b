<?php

declare(strict_types=1);

use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

test('step 1 follows the way to the cloth, and says which layers of a printed file are needed', function (string $way, array $files, string $begins, array $says): void {
    $plan = planOf(['choices.paper' => $way, 'choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '14'], ...($files === [] ? [] : ['pattern.files' => $files])]);
    $trace = stepsOf($plan)['trace'];
    expect($trace->short)->toStartWith($begins);
    foreach ($says as $one) {
        expect(implode(' ', $trace->how))->toContain($one);
    }
    if ($way !== 'draw_on') {
        expect(implode(' ', $trace->how))->not->toContain('tape paper on');
    }
})->with([
    'traced from tissue' => ['trace', [], 'Trace ', []],
    'traced from a printed file' => ['trace', [['name' => 'a4.pdf']], 'Trace ', ['Print the layers of 12 and 14.']],
    'drawn on the print' => ['draw_on', [['name' => 'a4.pdf']], 'Highlight on the print ', ['Print the layers of 12 and 14.', 'tape paper on first']],
    'projected' => ['project', [], 'Show on the cloth ', ['Show the layers of 12 and 14']],
    // Without the pattern's own lines there are no new pieces to print.
    'print without a drawing' => ['print', [], 'Trace ', []],
]);

test('whatever the way, what is done to the edges is the same', function (): void {
    $moves = static fn (string $way): array => array_map(
        static fn ($step): array => array_map(static fn ($one): array => [$one->level, $one->amount->nanometres], $step->amounts),
        stepsOf(planOf(['choices.paper' => $way, 'body.waist' => 82])),
    );
    expect($moves('draw_on'))->toEqual($moves('trace'))->and($moves('project'))->toEqual($moves('trace'));
});
