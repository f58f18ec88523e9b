<?php

declare(strict_types=1);

use Underbolt\Fault;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\File\WardrobeReader;
use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Wearing\OwnGarment;

/** @return array{list<OwnGarment>, list<string>} what is read of a wardrobe, and its faults */
function wardrobe(string $json, Unit $unit = Unit::Centimetre): array
{
    $log = new FaultLog;
    $garments = WardrobeReader::read(Node::root(json_decode($json), 'wardrobe', $unit, $log));

    return [$garments, array_map(static fn (Fault $fault): string => $fault->field, $log->faults())];
}

test('a garment that fits is read with its kind, its cloth and its widths; what is not said is usual', function (): void {
    [[$dress, $bare], $faults] = wardrobe('{"garments":[{"name":"blue","garment":"dress","cloth":"knit","flat":{"bust":"50","hip":"21 5/8 in"}},{}]}');
    expect($faults)->toBe([])
        ->and([$dress->name, $dress->garment, $dress->cloth])->toBe(['blue', Garment::Dress, FabricKind::Knit])
        ->and([$dress->flatAt(Level::Bust)?->nanometres, $dress->flatAt(Level::Waist), $dress->flatAt(Level::Hip)?->nanometres])->toBe([500_000_000, null, 549_275_000])
        ->and([$bare->name, $bare->garment, $bare->cloth, $bare->flatAt(Level::Bust)])->toBe(['', null, FabricKind::Woven, null]);
});

test('plain figures are in the unit that is meant', function (): void {
    expect(wardrobe('{"garments":[{"flat":{"waist":"17"}}]}', Unit::Inch)[0][0]->flatAt(Level::Waist)?->nanometres)->toBe(431_800_000);
});

test('a fault names its place', function (string $json, array $paths): void {
    expect(wardrobe($json)[1])->toBe($paths);
})->with([
    'no such kind' => ['{"garments":[{},{"garment":"cape"}]}', ['wardrobe.garments[1].garment']],
    'no figure' => ['{"garments":[{"flat":{"waist":"wide"}}]}', ['wardrobe.garments[0].flat.waist']],
    'wider than any' => ['{"garments":[{"flat":{"waist":"251"}}]}', ['wardrobe.garments[0].flat.waist']],
    'no such level' => ['{"garments":[{"flat":{"knee":"20"}}]}', ['wardrobe.garments[0].flat.knee']],
    'no such key' => ['{"shoes":[]}', ['wardrobe.shoes']],
    'more than anyone lays flat' => ['{"garments":['.implode(',', array_fill(0, 41, '{}')).']}', ['wardrobe.garments']],
]);

test('the room in it is twice its width less the body, negative where it stretches; nothing where either isn’t known', function (): void {
    $cm = static fn (float $cm): Length => Length::ofNanometres((int) round($cm * 10_000_000));
    $garment = new OwnGarment('', null, FabricKind::Woven, ['bust' => $cm(50), 'waist' => $cm(40), 'hip' => $cm(55)]);
    $body = new Body(['full_bust' => $cm(95.5), 'waist' => $cm(84.5), 'hip' => $cm(103.5), 'thigh_level' => $cm(105)]);
    // The thighs are wider than the hip: they have to pass.
    expect(array_map(static fn (Level $level): ?int => $garment->easeAt($level, $body)?->nanometres, Level::cases()))->toBe([45_000_000, -45_000_000, 50_000_000])
        ->and($garment->easeAt(Level::Hip, new Body(['waist' => $cm(80)])))->toBeNull()
        ->and((new OwnGarment('', null, FabricKind::Woven, []))->easeAt(Level::Bust, $body))->toBeNull();
});
