<?php

declare(strict_types=1);

namespace Underbolt\Measure;

use Underbolt\Measure\StandView as View;

/** Every point with its guide, one definition each, in the order in which the tape travels down the body. */
final class PointGuides
{
    /** @return array<string, PointGuide> by the point's code */
    public static function all(): array
    {
        $all = [];
        foreach ([...self::bust(), ...self::waistAndHip(), ...self::limbs()] as $guide) {
            $all[$guide->point->value] = $guide;
        }

        return $all;
    }

    /** @return list<PointGuide> */
    private static function bust(): array
    {
        return [
            new PointGuide(
                point: Point::Height,
                name: 'Height',
                where: 'From the floor to the crown, without shoes.',
                mistake: 'Patterns are drawn for one height: read what the envelope says.',
                trick: 'Stand against a door frame and mark it with a book held level.',
                otherWay: 'Lying flat, from the soles against a wall to the crown.',
                usualCm: [130, 215],
                tape: TapeLine::along(View::Front, 0, 100),
            ),
            new PointGuide(
                point: Point::HighBust,
                name: 'High bust',
                where: 'Above the fullest part: flat across the back, high under the arms.',
                mistake: 'Arms down and breathed out; raised arms make it read too small.',
                trick: 'The tape dips a little at the back: let it.',
                otherWay: 'Sitting upright will do; a helper brings the tape round from behind.',
                usualCm: [65, 150],
                tape: TapeLine::round(View::Front, 22),
            ),
            new PointGuide(
                point: Point::FullBust,
                name: 'Full bust',
                where: 'Round the fullest part.',
                mistake: 'Keep the tape level all round; look into a mirror, not down.',
                trick: 'Wear the bra that will be worn with the garment.',
                otherWay: 'Sitting upright, with a helper who holds the tape level at the back.',
                usualCm: [68, 170],
                tape: TapeLine::round(View::Front, 32),
            ),
            new PointGuide(
                point: Point::HalfFullBust,
                name: 'Half full bust',
                where: 'Over the fullest part, from side seam to side seam, front only.',
                mistake: 'Raise the arms to find the side seams, lower them to read.',
                trick: 'Pin a thread down each side first.',
                otherWay: 'If the arms won\'t rise, let the helper mark the middle of each side.',
                usualCm: [34, 100],
                tape: TapeLine::along(View::Front, 32, 32),
            ),
            new PointGuide(
                point: Point::Underbust,
                name: 'Underbust',
                where: 'Where the band of the bra sits.',
                mistake: 'Level, and only snug: the band itself pulls tighter.',
                trick: 'Follow the lower edge of the bra.',
                otherWay: 'Sitting is as good as standing here.',
                usualCm: [58, 140],
                tape: TapeLine::round(View::Front, 40),
            ),
            new PointGuide(
                point: Point::HalfUnderbust,
                name: 'Half underbust',
                where: 'Under the bust, from side seam to side seam, front only.',
                mistake: 'From the same two side marks as the half full bust.',
                trick: 'Keep the threads of the half full bust in place.',
                otherWay: 'Sitting is as good as standing here.',
                usualCm: [28, 80],
                tape: TapeLine::along(View::Front, 40, 40),
            ),
            new PointGuide(
                point: Point::CrossFront,
                name: 'Front width',
                where: 'From arm crease to arm crease, straight across the chest.',
                mistake: 'Arms hanging; a helper reads it.',
                trick: 'Hold a pencil in each armpit: measure between them.',
                otherWay: 'Sitting, arms resting in the lap.',
                usualCm: [24, 60],
                tape: TapeLine::along(View::Front, 20, 20),
            ),
            new PointGuide(
                point: Point::ShoulderToBustPoint,
                name: 'Shoulder to bust point',
                where: 'From the middle of the shoulder seam to the fullest point.',
                mistake: 'In the bra of this card: it moves the point.',
                trick: 'A close-fitting shirt shows where the shoulder seam runs.',
                otherWay: 'Sitting upright.',
                usualCm: [18, 45],
                tape: TapeLine::along(View::Front, 8, 32),
            ),
            new PointGuide(
                point: Point::ShoulderToWaist,
                name: 'Shoulder to waist',
                where: 'From the middle of the shoulder seam, over the bust, to the waist.',
                mistake: 'Over the bust, not beside it.',
                trick: 'Tie an elastic round the waist and measure down to it.',
                otherWay: 'Sitting upright; the elastic finds the waist all the same.',
                usualCm: [32, 65],
                tape: TapeLine::along(View::Front, 8, 52),
            ),
            new PointGuide(
                point: Point::BackLength,
                name: 'Back length',
                where: 'From the bone at the nape straight down the back to the waist.',
                mistake: 'Along the back, not stretched across its hollow; head up, not bent.',
                trick: 'Bend the head: the bone that stands out most is the nape. Then look ahead again.',
                otherWay: 'Sitting upright, with a helper; a necklace settles at the nape.',
                usualCm: [32, 55],
                tape: TapeLine::along(View::Back, 4, 52),
            ),
            new PointGuide(
                point: Point::UnderarmToWaist,
                name: 'Underarm to waist',
                where: 'From the armpit straight down the side to the waist.',
                mistake: 'Tie an elastic round the waist first and measure down to it.',
                trick: 'Hold a ruler under the arm: measure from its upper edge, arm down.',
                otherWay: 'Let the helper measure on the side that moves more easily.',
                usualCm: [12, 32],
                tape: TapeLine::along(View::Side, 24, 52),
            ),
        ];
    }

    /** @return list<PointGuide> */
    private static function waistAndHip(): array
    {
        return [
            new PointGuide(
                point: Point::Waist,
                name: 'Waist',
                where: 'Where the body bends sideways, or where a tied elastic settles.',
                mistake: 'Not where the trousers sit: that reads 5 cm (2 in) more.',
                trick: 'Tie an elastic, bend to each side, sit down once: where it stays is the waist.',
                otherWay: 'Lean to one side as far as is comfortable, or feel for the lowest rib: the waist lies just below.',
                usualCm: [50, 160],
                tape: TapeLine::round(View::Front, 52),
            ),
            new PointGuide(
                point: Point::Tummy,
                name: 'Tummy',
                where: 'Fullest round the navel.',
                mistake: 'Breathed out, and not drawn in.',
                trick: 'Standing sideways to a mirror shows where it is fullest.',
                otherWay: 'Sitting gives more than standing: say so in the notes.',
                usualCm: [55, 180],
                tape: TapeLine::round(View::Side, 60),
            ),
            new PointGuide(
                point: Point::WaistToTummy,
                name: 'Waist to tummy',
                where: 'Down the front, from the waist to where the tummy is fullest.',
                mistake: 'To the place where the tummy was taken.',
                trick: 'Leave the tape of the tummy in place and measure down to it.',
                otherWay: 'Sitting upright will do.',
                usualCm: [3, 20],
                tape: TapeLine::along(View::Side, 52, 60),
            ),
            new PointGuide(
                point: Point::HighHip,
                name: 'High hip',
                where: 'Over the hip bone.',
                mistake: 'This is not the hip a pattern means.',
                trick: 'Put the hands on the hips: the bone is under them.',
                otherWay: 'Lying on the back, over the bones.',
                usualCm: [65, 170],
                tape: TapeLine::round(View::Front, 66),
            ),
            new PointGuide(
                point: Point::Hip,
                name: 'Hip',
                where: 'The widest place round seat and hips.',
                mistake: 'Not the hip bone: go down to where it is widest, often 20 cm (8 in) below the waist.',
                trick: 'With a full tummy, hold a ruler or a book flat against it and measure round that.',
                otherWay: 'Lying on the back, slide the tape under at the widest place; it reads a little more than standing.',
                usualCm: [75, 190],
                tape: TapeLine::round(View::Front, 80),
            ),
            new PointGuide(
                point: Point::WaistToHip,
                name: 'Waist to hip',
                where: 'Down the side, from the waist to the widest place.',
                mistake: 'To the place where the hip was taken, not to a rule of thumb.',
                trick: 'Leave the tape of the hip in place and measure down to it.',
                otherWay: 'Along the side, lying down.',
                usualCm: [12, 35],
                tape: TapeLine::along(View::Side, 52, 80),
            ),
            new PointGuide(
                point: Point::ThighLevel,
                name: 'Thighs together',
                where: 'Round both thighs where they are widest, feet together.',
                mistake: 'If this is more than the hip, the garment must pass it.',
                trick: 'Slide the tape down from the hip and watch it grow.',
                otherWay: 'Lying down, legs together.',
                usualCm: [75, 190],
                tape: TapeLine::round(View::Front, 92),
            ),
            new PointGuide(
                point: Point::WaistToHem,
                name: 'Waist to hem',
                where: 'From the waist to where the garment shall end; with a minus where that is above it.',
                mistake: 'Straight down the side: the tape does not follow the leg inwards.',
                trick: 'Hold a ruler to the floor, measure to it, take the rest off.',
                otherWay: 'Measure a skirt whose length is right instead.',
                usualCm: [-15, 160],
                tape: TapeLine::along(View::Side, 52, 100),
            ),
        ];
    }

    /** @return list<PointGuide> */
    private static function limbs(): array
    {
        return [
            new PointGuide(
                point: Point::Bicep,
                name: 'Bicep',
                where: 'Round the arm at its fullest, between shoulder and elbow.',
                mistake: 'Arm hanging and relaxed.',
                trick: 'Take the arm that does more work: it is the fuller one.',
                otherWay: 'Let the arm rest on a table.',
                usualCm: [20, 60],
                tape: TapeLine::round(View::Arm, 30),
            ),
            new PointGuide(
                point: Point::SleeveLength,
                name: 'Sleeve length',
                where: 'From the shoulder bone, over the elbow, to where the sleeve shall end.',
                mistake: 'The elbow a little bent: a straight arm reads short.',
                trick: 'Lift the arm sideways: the dent that shows is the shoulder bone.',
                otherWay: 'With the hand resting on the hip or the table.',
                usualCm: [10, 80],
                tape: TapeLine::along(View::Arm, 5, 92),
            ),
            new PointGuide(
                point: Point::Inseam,
                name: 'Inseam',
                where: 'Inside the leg, from the top to where the trousers shall end.',
                mistake: 'Standing straight, feet a little apart.',
                trick: 'Measure the inside leg of trousers that are long enough.',
                otherWay: 'From a pair of trousers that fits.',
                usualCm: [50, 105],
                tape: TapeLine::along(View::Front, 86, 100),
            ),
            new PointGuide(
                point: Point::CrotchLength,
                name: 'Crotch length',
                where: 'From the waist in front, between the legs, to the waist at the back.',
                mistake: 'Snug, never pulled; sit down in it once.',
                trick: 'Hang a small weight on the tape at the lowest place to part front from back.',
                otherWay: 'From a pair of trousers that fits: along the seam, front and back together.',
                usualCm: [45, 110],
                tape: TapeLine::along(View::Side, 52, 86),
            ),
        ];
    }
}
