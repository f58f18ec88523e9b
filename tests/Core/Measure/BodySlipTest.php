<?php

declare(strict_types=1);

use Underbolt\Measure\BodySlip;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;

use function Tests\Core\cm;

test('a slip is told by how much, and only from there on', function (BodySlip $slip, Point $larger, Point $than, float $allowed): void {
    $by = static fn (?float $one, ?float $other): ?Length => $slip->by(static fn (Point $point): ?Length => match ($point) {
        $larger => $one === null ? null : cm($one),
        $than => $other === null ? null : cm($other),
        default => cm(1000),
    });
    expect($by(100 - $allowed, 100))->toBeNull()
        ->and($by(100.1 - $allowed, 100))->toEqual(cm(0.1))
        ->and($by(90, 100))->toBeNull()
        ->and($by(null, 100))->toBeNull()
        ->and($by(110, null))->toBeNull();
})->with([
    [BodySlip::HighBustOverFullBust, Point::HighBust, Point::FullBust, 0],
    'a tummy a centimetre above the waist is no slip' => [BodySlip::WaistAtTrousers, Point::Waist, Point::Tummy, 1],
    [BodySlip::HipAtHipBone, Point::HighHip, Point::Hip, 0],
    [BodySlip::TummyOverHip, Point::Tummy, Point::Hip, 0],
    [BodySlip::ThighOverHip, Point::ThighLevel, Point::Hip, 0],
]);
