<?php

declare(strict_types=1);

use PhpParser\Node\Arg;
use PhpParser\Node\Expr\New_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Tests\Support\ImportGraph;

arch('core is pure: no framework, no application, nothing of the outside but exact arithmetic')
    ->expect('Underbolt')
    ->toOnlyUse(['Underbolt', 'Brick\Math', 'XMLReader']);

/** @return list<string> calls of native functions, and of `new` without arguments, as they stand in a file */
function nativeCalls(string $file): array
{
    $tokens = array_values(array_filter(
        PhpToken::tokenize((string) file_get_contents($file)),
        static fn (PhpToken $token): bool => ! $token->isIgnorable(),
    ));
    $calls = [];
    foreach ($tokens as $i => $token) {
        $before = $tokens[$i - 1]->text ?? '';
        $isCall = ($tokens[$i + 1]->text ?? '') === '(' && ! in_array($before, ['->', '?->', '::', 'function'], true);
        if ($isCall && $token->is([T_STRING, T_NAME_FULLY_QUALIFIED])) {
            $empty = ($tokens[$i + 2]->text ?? '') === ')';
            $calls[] = ($before === 'new' ? ($empty ? 'new ' : 'new with ') : '').ltrim($token->text, '\\');
        } elseif ($token->is([T_GLOBAL, T_ECHO, T_PRINT, T_INCLUDE, T_REQUIRE]) || str_starts_with($token->text, '$_')) {
            $calls[] = $token->text;
        }
    }

    return $calls;
}

test('core keeps no clock, no I/O, no chance and no globals', function (): void {
    $forbidden = '/^(new DateTime(Immutable)?|time|date|microtime|hrtime|now|today|f(open|read|write|close|puts|getcsv|putcsv)|file(_\w+)?|getenv|putenv|'
        .'mt_rand|rand|random_\w+|shuffle|uniqid|echo|print|printf|var_dump|global|include|require|\$_\w+|usleep|sleep|exec|curl_\w+)$/';
    foreach (ImportGraph::files('core', '/\.php$/') as $file) {
        expect(preg_grep($forbidden, nativeCalls($file)))->toBe([], $file);
    }
});

/** The rooms of core from the ground up: each may ask those before it, and none after. */
const ROOMS = ['', 'Measure', 'Pattern', 'ChartPaste', 'Practice', 'Sizing', 'Seam', 'Altering', 'Planning', 'Work', 'Advice', 'CutSheet', 'Wearing', 'Company', 'Paper', 'Nest', 'File'];

test('a room of core asks none above it', function (): void {
    $floor = static fn (string $room): int|false => array_search(explode('\\', $room)[0], ROOMS, true);
    $upwards = [];
    foreach (ImportGraph::core() as $room => $asked) {
        expect($floor($room))->not->toBeFalse("core/{$room} has its floor");
        array_push($upwards, ...array_map(static fn (string $above): string => "{$room} asks {$above}", array_filter($asked, static fn (string $one): bool => $floor($one) > $floor($room))));
    }
    expect($upwards)->toBe([]);
});

test('no rooms ask each other in a ring, down to the smallest', function (): void {
    expect(ImportGraph::core())->toHaveKeys(['Planning\Facts', 'Pattern\Charts', 'File\Keys'])->and(ImportGraph::circle(ImportGraph::core()))->toBeNull()
        ->and(ImportGraph::frontEnd())->toHaveKeys(['bench', 'seam', 'ui'])->and(ImportGraph::circle(ImportGraph::frontEnd()))->toBeNull();
});

test('a ring is found where there is one', function (): void {
    expect(ImportGraph::circle(['a' => ['b', 'x'], 'b' => ['c'], 'c' => ['b'], 'x' => []]))->toBe(['b', 'c', 'b'])
        ->and(ImportGraph::circle(['a' => ['b'], 'b' => ['c'], 'c' => []]))->toBeNull();
});

test('what is found, chosen and planned is made without a word of advice or of work', function (): void {
    foreach (['Planning', 'Planning\Asked', 'Planning\Facts', 'Planning\Choosing'] as $room) {
        expect(preg_grep('/^(Advice|Work|Paper)/', ImportGraph::core()[$room]))->toBe([], $room);
    }
});

arch('core classes cannot be extended')
    ->expect('Underbolt')
    ->classes()
    ->toBeFinal();

arch('strict types everywhere')
    ->expect(['Underbolt', 'App'])
    ->toUseStrictTypes();

arch('the application asks core for sizes and does no sizing arithmetic of its own')
    ->expect('App\Http\Controllers')
    ->not->toUse(['Underbolt\Sizing', 'Underbolt\Seam', 'Underbolt\Altering', 'Underbolt\Measure\LengthText', 'Brick\Math']);

test('more than six values given to a new object are named, so that no two of them change places', function (): void {
    $parser = (new ParserFactory)->createForHostVersion();
    $unnamed = [];
    foreach ([...ImportGraph::files('core', '/\.php$/'), ...ImportGraph::files('app', '/\.php$/')] as $file) {
        foreach ((new NodeFinder)->findInstanceOf($parser->parse((string) file_get_contents($file)) ?? [], New_::class) as $new) {
            $bare = array_filter($new->args, static fn ($arg): bool => $arg instanceof Arg && $arg->name === null && ! $arg->unpack);
            if (count($new->args) > 6 && $bare !== []) {
                $unnamed[] = basename($file).":{$new->getStartLine()}";
            }
        }
    }
    expect($unnamed)->toBe([]);
});
