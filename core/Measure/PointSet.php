<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** Which points are asked for: the fewest that the work at hand needs. */
enum PointSet: string
{
    case Three = 'three';
    case Dress = 'dress';
    case Skirt = 'skirt';
    case Trousers = 'trousers';
    case Everything = 'everything';

    public function title(): string
    {
        return match ($this) {
            self::Three => 'just the three',
            self::Dress => 'for a dress or top',
            self::Skirt => 'for a skirt',
            self::Trousers => 'for trousers',
            self::Everything => 'everything',
        };
    }

    /** @return list<Point> in the order in which the tape travels down the body */
    public function points(): array
    {
        return match ($this) {
            self::Three => [Point::FullBust, Point::Waist, Point::Hip],
            self::Dress => [
                Point::HighBust, Point::FullBust, Point::HalfFullBust, Point::HalfUnderbust, Point::CrossFront,
                Point::ShoulderToBustPoint, Point::ShoulderToWaist, Point::BackLength, Point::UnderarmToWaist, Point::Waist, Point::Tummy,
                Point::Hip, Point::WaistToHip, Point::ThighLevel, Point::WaistToHem,
                Point::Bicep, Point::SleeveLength,
            ],
            self::Skirt => [
                Point::Waist,
                Point::Tummy,
                Point::HighHip,
                Point::Hip,
                Point::WaistToHip,
                Point::ThighLevel,
                Point::WaistToHem,
            ],
            self::Trousers => [
                Point::Waist, Point::Tummy, Point::HighHip, Point::Hip, Point::WaistToHip, Point::ThighLevel,
                Point::Inseam, Point::CrotchLength,
            ],
            self::Everything => array_map(static fn (PointGuide $guide): Point => $guide->point, array_values(PointGuides::all())),
        };
    }
}
