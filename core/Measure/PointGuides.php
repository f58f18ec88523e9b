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
            new PointGuide(Point::Height, 'Height', 'From the floor to the crown, without shoes.',
                'Patterns are drawn for one height: read what the envelope says.',
                'Stand against a door frame and mark it with a book held level.',
                'Lying flat, from the soles against a wall to the crown.', [130, 215], TapeLine::along(View::Front, 0, 100)),
            new PointGuide(Point::HighBust, 'High bust', 'Above the fullest part: flat across the back, high under the arms.',
                'Arms down and breathed out; raised arms make it read too small.',
                'The tape dips a little at the back: let it.',
                'Sitting upright will do; a helper brings the tape round from behind.', [65, 150], TapeLine::round(View::Front, 22)),
            new PointGuide(Point::FullBust, 'Full bust', 'Round the fullest part.',
                'Keep the tape level all round; look into a mirror, not down.',
                'Wear the bra that will be worn with the garment.',
                'Sitting upright, with a helper who holds the tape level at the back.', [68, 170], TapeLine::round(View::Front, 32)),
            new PointGuide(Point::HalfFullBust, 'Half full bust', 'Over the fullest part, from side seam to side seam, front only.',
                'Raise the arms to find the side seams, lower them to read.',
                'Pin a thread down each side first.',
                'If the arms won\'t rise, let the helper mark the middle of each side.', [34, 100], TapeLine::along(View::Front, 32, 32)),
            new PointGuide(Point::Underbust, 'Underbust', 'Where the band of the bra sits.',
                'Level, and only snug: the band itself pulls tighter.',
                'Follow the lower edge of the bra.', 'Sitting is as good as standing here.', [58, 140], TapeLine::round(View::Front, 40)),
            new PointGuide(Point::HalfUnderbust, 'Half underbust', 'Under the bust, from side seam to side seam, front only.',
                'From the same two side marks as the half full bust.',
                'Keep the threads of the half full bust in place.', 'Sitting is as good as standing here.', [28, 80], TapeLine::along(View::Front, 40, 40)),
            new PointGuide(Point::CrossFront, 'Front width', 'From arm crease to arm crease, straight across the chest.',
                'Arms hanging; a helper reads it.',
                'Hold a pencil in each armpit: measure between them.', 'Sitting, arms resting in the lap.', [24, 60], TapeLine::along(View::Front, 20, 20)),
            new PointGuide(Point::ShoulderToBustPoint, 'Shoulder to bust point', 'From the middle of the shoulder seam to the fullest point.',
                'In the bra of this card: it moves the point.',
                'A close-fitting shirt shows where the shoulder seam runs.', 'Sitting upright.', [18, 45], TapeLine::along(View::Front, 8, 32)),
            new PointGuide(Point::ShoulderToWaist, 'Shoulder to waist', 'From the middle of the shoulder seam, over the bust, to the waist.',
                'Over the bust, not beside it.',
                'Tie an elastic round the waist and measure down to it.', 'Sitting upright; the elastic finds the waist all the same.', [32, 65], TapeLine::along(View::Front, 8, 52)),
            new PointGuide(Point::UnderarmToWaist, 'Underarm to waist', 'From the armpit straight down the side to the waist.',
                'Tie an elastic round the waist first and measure down to it.',
                'Hold a ruler under the arm: measure from its upper edge, arm down.', 'Let the helper measure on the side that moves more easily.', [12, 32], TapeLine::along(View::Side, 24, 52)),
        ];
    }

    /** @return list<PointGuide> */
    private static function waistAndHip(): array
    {
        return [
            new PointGuide(Point::Waist, 'Waist', 'Where the body bends sideways, or where a tied elastic settles.',
                'Not where the trousers sit: that reads 5 cm (2 in) more.',
                'Tie an elastic, bend to each side, sit down once: where it stays is the waist.',
                'Lean to one side as far as is comfortable, or feel for the lowest rib: the waist lies just below.', [50, 160], TapeLine::round(View::Front, 52)),
            new PointGuide(Point::Tummy, 'Tummy', 'Fullest round the navel.',
                'Breathed out, and not drawn in.', 'Standing sideways to a mirror shows where it is fullest.',
                'Sitting gives more than standing: say so in the notes.', [55, 180], TapeLine::round(View::Side, 60)),
            new PointGuide(Point::WaistToTummy, 'Waist to tummy', 'Down the front, from the waist to where the tummy is fullest.',
                'To the place where the tummy was taken.',
                'Leave the tape of the tummy in place and measure down to it.', 'Sitting upright will do.', [3, 20], TapeLine::along(View::Side, 52, 60)),
            new PointGuide(Point::HighHip, 'High hip', 'Over the hip bone.',
                'This is not the hip a pattern means.', 'Put the hands on the hips: the bone is under them.',
                'Lying on the back, over the bones.', [65, 170], TapeLine::round(View::Front, 66)),
            new PointGuide(Point::Hip, 'Hip', 'The widest place round seat and hips.',
                'Not the hip bone: go down to where it is widest, often 20 cm (8 in) below the waist.',
                'With a full tummy, hold a ruler or a book flat against it and measure round that.',
                'Lying on the back, slide the tape under at the widest place; it reads a little more than standing.', [75, 190], TapeLine::round(View::Front, 80)),
            new PointGuide(Point::WaistToHip, 'Waist to hip', 'Down the side, from the waist to the widest place.',
                'To the place where the hip was taken, not to a rule of thumb.',
                'Leave the tape of the hip in place and measure down to it.', 'Along the side, lying down.', [12, 35], TapeLine::along(View::Side, 52, 80)),
            new PointGuide(Point::ThighLevel, 'Thighs together', 'Round both thighs where they are widest, feet together.',
                'If this is more than the hip, the garment must pass it.', 'Slide the tape down from the hip and watch it grow.',
                'Lying down, legs together.', [75, 190], TapeLine::round(View::Front, 92)),
            new PointGuide(Point::WaistToHem, 'Waist to hem', 'From the waist to where the garment shall end.',
                'Straight down the side: the tape does not follow the leg inwards.', 'Hold a ruler to the floor, measure to it, take the rest off.',
                'Measure a skirt whose length is right instead.', [20, 160], TapeLine::along(View::Side, 52, 100)),
        ];
    }

    /** @return list<PointGuide> */
    private static function limbs(): array
    {
        return [
            new PointGuide(Point::Bicep, 'Bicep', 'Round the arm at its fullest, between shoulder and elbow.',
                'Arm hanging and relaxed.', 'Take the arm that does more work: it is the fuller one.',
                'Let the arm rest on a table.', [20, 60], TapeLine::round(View::Arm, 30)),
            new PointGuide(Point::SleeveLength, 'Sleeve length', 'From the shoulder bone, over the elbow, to where the sleeve shall end.',
                'The elbow a little bent: a straight arm reads short.', 'Lift the arm sideways: the dent that shows is the shoulder bone.',
                'With the hand resting on the hip or the table.', [10, 80], TapeLine::along(View::Arm, 5, 92)),
            new PointGuide(Point::Inseam, 'Inseam', 'Inside the leg, from the top to where the trousers shall end.',
                'Standing straight, feet a little apart.', 'Measure the inside leg of trousers that are long enough.',
                'From a pair of trousers that fits.', [50, 105], TapeLine::along(View::Front, 86, 100)),
            new PointGuide(Point::CrotchLength, 'Crotch length', 'From the waist in front, between the legs, to the waist at the back.',
                'Snug, never pulled; sit down in it once.', 'Hang a small weight on the tape at the lowest place to part front from back.',
                'From a pair of trousers that fits: along the seam, front and back together.', [45, 110], TapeLine::along(View::Side, 52, 86)),
        ];
    }
}
