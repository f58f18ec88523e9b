<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Underbolt\File\Keys\MakeKeys;
use Underbolt\File\MakeReader;
use Underbolt\File\MakeSchema;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Asked\Make;
use Underbolt\Refusal;

use function Tests\Core\makeFile;
use function Tests\Core\mutated;

function completeFile(): stdClass
{
    return json_decode((string) file_get_contents(__DIR__.'/../../fixtures/complete.make.json'), false, flags: JSON_THROW_ON_ERROR);
}

/** @param  array<string, mixed>  $schema  of the place where the value stands */
function keysMissing(array $schema, mixed $value, string $path): array
{
    if (isset($schema['items'])) {
        $items = is_array($value) ? $value : [];
        $each = array_map(static fn (mixed $item): array => keysMissing($schema['items'], $item, $path), $items);

        // What one item leaves out another one has.
        return $each === [] ? [$path] : array_values(array_intersect(...$each));
    }
    $missing = [];
    $names = array_keys($schema['properties'] ?? []);
    // One level or one row speaks for the others: they are read alike.
    if (array_intersect($names, ['waist', 'above_waist']) !== [] && array_intersect($names, array_keys((array) $value)) !== []) {
        $schema['properties'] = array_intersect_key($schema['properties'], (array) $value);
    }
    foreach ($schema['properties'] ?? [] as $name => $part) {
        $at = ltrim("{$path}.{$name}", '.');
        $missing = isset($value->{$name}) ? [...$missing, ...keysMissing($part, $value->{$name}, $at)] : [...$missing, $at];
    }

    return $missing;
}

test('the fixture that is said to have every key has them', function (): void {
    expect(keysMissing(MakeSchema::whole(), completeFile(), ''))->toBe([]);
});

test('with its unit said at every length a file means the same in the other unit', function (): void {
    $file = completeFile();
    // Cloth is handed on in the words in which it was typed.
    $file->pattern->fabric_needs = [];
    $other = $file->unit === 'cm' ? Unit::Inch : Unit::Centimetre;
    $worded = (new ObjectShape(new MakeKeys))->wordedObject($file, Unit::from($file->unit));
    $worded->unit = $other->value;
    $before = MakeReader::read((string) json_encode($file));
    $after = MakeReader::read((string) json_encode($worded));
    // Steps of a fitting speak in the file's unit: what they do is the same.
    expect($after)->toEqual(new Make($other, $before->body, $before->pattern, $after->choices, $after->found, $before->cloth))
        ->and($after->found->lengths)->toEqual($before->found->lengths)
        ->and($after->found->at(Level::Waist))->toEqual($before->found->at(Level::Waist))
        ->and(array_column($after->found->apart, 'amount'))->toEqual(array_column($before->found->apart, 'amount'))
        ->and(
            array_filter(
                (array) $after->choices,
                static fn (mixed $one, string $name): bool => $one != ((array) $before->choices)[$name],
                ARRAY_FILTER_USE_BOTH,
            ),
        )
        // Where the tummy lies is no key: it is 9 cm, or 3 1/2 in.
        ->toHaveKeys(['tummyDepth'])->toHaveCount(1);
});

test('what the schema refuses the reader refuses', function (): void {
    mt_srand(7);
    $schema = json_decode((string) json_encode(MakeSchema::whole()), false, flags: JSON_THROW_ON_ERROR);
    $validator = new Validator;
    $outcomes = ['both refuse' => 0, 'both accept' => 0, 'only the reader refuses' => 0];
    for ($run = 0; $run < 450; $run++) {
        $file = mutated(completeFile(), static fn (int $in): bool => mt_rand(1, $in) === 1);
        $isValid = $validator->validate($file, $schema)->isValid();
        try {
            MakeReader::read((string) json_encode($file));
            $isRead = true;
        } catch (Refusal) {
            $isRead = false;
        }
        expect($isRead && ! $isValid)->toBeFalse(
            "run {$run}: read, though the schema refuses ".json_encode($validator->validate($file, $schema)->error()?->data()->fullPath()),
        );
        $outcomes[$isRead ? 'both accept' : ($isValid ? 'only the reader refuses' : 'both refuse')]++;
    }
    expect(min($outcomes))->toBeGreaterThan(10);
});

test('an entry that is null is one that is left out, as with any key', function (): void {
    $file = completeFile();
    $file->pattern->cups->finished->C = null;
    $schema = json_decode((string) json_encode(MakeSchema::whole()), false, flags: JSON_THROW_ON_ERROR);
    expect((new Validator)->validate($file, $schema)->isValid())->toBeTrue()
        ->and(MakeReader::read((string) json_encode($file))->pattern->cups->withFinishedRows())->not->toContain('C');
});

test('a list that is too long for the reader is too long for the schema', function (): void {
    $schema = json_decode((string) json_encode(MakeSchema::whole()), false, flags: JSON_THROW_ON_ERROR);
    $file = json_decode(makeFile(['pattern.views' => array_fill(0, 40, 'A')]));
    expect((new Validator)->validate($file, $schema)->isValid())->toBeTrue();
    $file->pattern->views[] = 'B';
    expect((new Validator)->validate($file, $schema)->isValid())->toBeFalse();
});

test('what is required is missed at its own place, and what should be an object says so', function (array $changes, string $fault): void {
    expect(fn () => MakeReader::read(makeFile($changes)))->toThrow(FaultyFile::class, $fault);
})->with([
    [['pattern.ranges' => [['name' => 'misses']]], 'pattern.ranges[0].sizes: is missing'],
    [['pattern.cups' => ['table' => [['cup' => 'C', 'from' => 5]]]], 'pattern.cups.table[0].to: is missing'],
    [
        ['pattern.cups' => ['table' => [['cup' => 'C', 'from' => 5, 'to' => 8], ['cup' => 'D', 'from' => 8, 'to' => 10], ['cup' => 'B', 'from' => 3, 'to' => 6]]]],
        "pattern.cups.table[2].from: overlaps with cup C above: one difference can't be two cups",
    ],
    [['pattern.notions' => [['by_size' => ['', '', '', '', '', '']]]], 'pattern.notions[0].name: is missing'],
    [['pattern.seam' => 'none'], 'pattern.seam: must be an object'],
    [['pattern.views' => array_fill(0, 41, 'A')], 'pattern.views: has 41 entries; at most 40 are read'],
    [['version' => 2], 'version: must be 1'],
]);
