<?php

declare(strict_types=1);

use PhpParser\Node\Arg;
use PhpParser\Node\Expr\New_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** @return list<string> the PHP files of a folder at the root */
function filesIn(string $folder): array
{
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__."/../../{$folder}", FilesystemIterator::SKIP_DOTS));

    return array_values(array_map(strval(...), iterator_to_array(new RegexIterator($files, '/\.php$/'), false)));
}

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
    foreach (filesIn('core') as $file) {
        expect(preg_grep($forbidden, nativeCalls($file)))->toBe([], $file);
    }
});

/** The rooms of core from the ground up: each may use those before it, and none after. */
const ROOMS = ['Measure', 'Pattern', 'Sheet', 'Sizing', 'Seam', 'Altering', 'Planning', 'Wearing', 'Company', 'Paper', 'Nest', 'File'];

foreach (array_slice(ROOMS, 0, -1) as $floor => $room) {
    arch("core/{$room} uses no room above it")
        ->expect("Underbolt\\{$room}")
        ->not->toUse(array_map(static fn (string $above): string => "Underbolt\\{$above}", array_slice(ROOMS, $floor + 1)));
}

arch('what is known does not ask what is chosen, nor what is chosen what is advised')
    ->expect('Underbolt\Planning\Facts')->not->toUse(['Underbolt\Planning\Choosing', 'Underbolt\Planning\Advice'])
    ->and('Underbolt\Planning\Choosing')->not->toUse('Underbolt\Planning\Advice');

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
    foreach ([...filesIn('core'), ...filesIn('app')] as $file) {
        foreach ((new NodeFinder)->findInstanceOf($parser->parse((string) file_get_contents($file)) ?? [], New_::class) as $new) {
            $bare = array_filter($new->args, static fn ($arg): bool => $arg instanceof Arg && $arg->name === null && ! $arg->unpack);
            if (count($new->args) > 6 && $bare !== []) {
                $unnamed[] = basename($file).":{$new->getStartLine()}";
            }
        }
    }
    expect($unnamed)->toBe([]);
});
