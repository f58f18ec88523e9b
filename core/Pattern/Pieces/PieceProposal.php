<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\Measure\Length;

/**
 * What a piece is likely to be, by the words in its name (common practice, no published source): the only place where words in names count.
 * Whatever is typed of it wins.
 */
final class PieceProposal
{
    /** A crop is taken to end so far above the waist where nothing tells. */
    private const CROP_MM = 50;

    /** And the yoke of a skirt so far below it. */
    private const YOKE_MM = 100;

    private function __construct(private readonly PieceWords $words, private readonly GarmentShape $shape, private readonly ?Follows $follows, private readonly bool $isPair)
    {
    }

    /**
     * @param  ?Follows  $follows  where it is known already: a front that follows waist and hip is a skirt's
     * @param  ?int  $times  how many are cut of it: two that are not on the fold have a seam in the middle
     */
    public static function of(string $name, GarmentShape $shape, ?Follows $follows = null, ?int $times = null, bool $isOnFold = false): Piece
    {
        $words = new PieceWords($name);
        $isOnFold = $isOnFold || $words->say('fold');
        $self = new self($words, $shape, $follows, $times === 2 && ! $isOnFold);
        [$layer, $side, $seams, $reach, $usual] = $self->kind();

        return new Piece(
            name: $name,
            follows: $follows ?? $usual,
            times: $times,
            layer: $layer,
            side: $side,
            seams: array_map($self->seam(...), $seams),
            reach: $reach,
            partOf: $self->isBesideAnother() ? $shape->besides($words) : null,
            isOnFold: $isOnFold,
        );
    }

    /** @return array{Layer, PieceSide, list<SeamKind>, Reach, Follows} */
    private function kind(): array
    {
        $says = $this->words->say(...);
        $shoulder = Reach::between(ReachPlace::Shoulder, ReachPlace::Shoulder);
        $around = $this->frontOrBack();

        return match (true) {
            $this->follows === Follows::OneSize, $says('pocket') => [Layer::Other, PieceSide::None, [], $shoulder, Follows::OneSize],
            // What is guided, held or drawn by it lies on the garment: it has none of its seams.
            $says('guide') && ! $says('waistband') => [Layer::Other, PieceSide::None, [], $shoulder, $says('waist') ? Follows::Waist : Follows::Frame],
            $says('armband') => [Layer::Binding, PieceSide::None, [SeamKind::Armhole], $shoulder, Follows::Frame],
            $says('cuff'), $says('sleeve') && $this->words->sayAny('band', 'binding', 'placket') => [Layer::Band, PieceSide::Sleeve, [SeamKind::SleeveSeam, SeamKind::Edge], $shoulder, Follows::Frame],
            $says('sleeve') && ! $says('facing') && ! ($says('in one') && $around !== PieceSide::Both) => [$this->cloth(), PieceSide::Sleeve, $this->sleeveSeams(), $shoulder, Follows::Frame],
            $says('collar'), $says('hood') => [$this->cloth(), PieceSide::None, [SeamKind::Neck, SeamKind::Edge], $shoulder, Follows::Frame],
            // One that is named for its side ends at the side seams.
            $says('waistband') => [Layer::Band, $around, $around === PieceSide::Both ? [SeamKind::Waist] : [SeamKind::Side, SeamKind::Waist], Reach::between(ReachPlace::Waist, ReachPlace::Waist), Follows::Waist],
            $this->words->sayAny('band', 'binding', 'placket') && ! $says('facing') => $this->strip($around),
            $says('loose') && ! $says('panel') => [Layer::Other, PieceSide::None, [], $shoulder, Follows::OneSize],
            $says('facing'), $says('interfacing') => $this->facing($around),
            $says('yoke') => $this->yoke($around),
            $this->isSideInset() => $this->sideInset($around),
            $says('inset') => [$this->cloth(), $around, [SeamKind::Inset], $shoulder, Follows::Frame],
            default => $this->body($around),
        };
    }

    /** An inset at the side is a part of its front or back: it has the side seam, and what it lies in has none. */
    private function isSideInset(): bool
    {
        return $this->words->say('inset') && $this->words->say('side') && $this->frontOrBack() !== PieceSide::Both;
    }

    /** A side front is pinned to its front before one line is drawn over both. */
    private function isBesideAnother(): bool
    {
        return $this->words->say('side') && $this->frontOrBack() !== PieceSide::Both && ! $this->words->sayAny('facing', 'interfacing', 'pocket', 'band', 'binding');
    }

    /** @return array{Layer, PieceSide, list<SeamKind>, Reach, Follows} from the underarm to where its front or back ends */
    private function sideInset(PieceSide $around): array
    {
        [$layer, $side, $seams, $reach, $follows] = $this->body($around);
        $from = $reach->from->place === ReachPlace::Shoulder ? new ReachEnd(ReachPlace::Underarm) : $reach->from;

        // Its lower edge is the last of the seams of a body.
        return [$layer, $side, [SeamKind::Side, SeamKind::Inset, ...array_slice($seams, -1)], new Reach($from, $reach->to), $follows];
    }

    private function frontOrBack(): PieceSide
    {
        return match ([$this->words->say('front'), $this->words->say('back')]) {
            [true, false] => PieceSide::Front,
            [false, true] => PieceSide::Back,
            default => PieceSide::Both,
        };
    }

    private function cloth(): Layer
    {
        return match (true) {
            $this->words->say('interfacing') => Layer::Interfacing,
            $this->words->say('lining') => Layer::Lining,
            $this->words->say('facing') => Layer::Facing,
            default => Layer::Outer,
        };
    }

    /** @return list<SeamKind> */
    private function sleeveSeams(): array
    {
        return [$this->shape->isRaglan ? SeamKind::Raglan : SeamKind::SleeveHead, SeamKind::SleeveSeam, SeamKind::Hem];
    }

    /** @return array{Layer, PieceSide, list<SeamKind>, Reach, Follows} a strip that is sewn on to an edge */
    private function strip(PieceSide $around): array
    {
        $layer = $this->words->say('binding') ? Layer::Binding : Layer::Band;
        $at = static fn (ReachPlace $place): Reach => Reach::between($place, $place);

        return match (true) {
            $this->words->say('hem'), $this->follows === Follows::Hip => [$layer, PieceSide::Both, [SeamKind::Hem], $at(ReachPlace::Hem), Follows::Hip],
            $this->words->say('waist'), $this->follows === Follows::Waist => [$layer, PieceSide::Both, [SeamKind::Waist], $at(ReachPlace::Waist), Follows::Waist],
            $this->words->say('armhole') => [$layer, PieceSide::None, [SeamKind::Armhole], $at(ReachPlace::Shoulder), Follows::Frame],
            $this->words->say('neck') => [$layer, $around === PieceSide::Both ? PieceSide::None : $around, [SeamKind::Neck], $at(ReachPlace::Shoulder), Follows::Frame],
            $this->words->say('placket'), $this->words->say('front') => [$layer, PieceSide::Front, [SeamKind::Opening], Reach::between(ReachPlace::Shoulder, ReachPlace::Hem), Follows::Frame],
            default => [$layer, PieceSide::None, [SeamKind::Edge], $at(ReachPlace::Shoulder), $this->shape->hasBust ? Follows::Frame : Follows::Waist],
        };
    }

    /** @return array{Layer, PieceSide, list<SeamKind>, Reach, Follows} */
    private function facing(PieceSide $around): array
    {
        $layer = $this->words->say('interfacing') ? Layer::Interfacing : Layer::Facing;
        $toUnderarm = Reach::between(ReachPlace::Shoulder, ReachPlace::Underarm);

        return match (true) {
            $this->words->say('hem') => [$layer, $around, [SeamKind::Side, SeamKind::Hem], Reach::between(ReachPlace::Hem, ReachPlace::Hem), Follows::Hip],
            $this->words->say('waistband'), ! $this->shape->hasBust, $this->words->say('waist') => [$layer, $around, [SeamKind::Side, SeamKind::Waist], Reach::between(ReachPlace::Waist, ReachPlace::Waist), Follows::Waist],
            $this->words->say('all in one'), $this->words->say('neck') && $this->words->say('armhole') => [$layer, $around, [SeamKind::Neck, SeamKind::Shoulder, SeamKind::Armhole, SeamKind::Side], $toUnderarm, Follows::Frame],
            $this->words->say('armhole') => [$layer, $around, [SeamKind::Armhole, SeamKind::Shoulder, SeamKind::Side], $toUnderarm, Follows::Frame],
            $around === PieceSide::Front && ! $this->words->say('neck') => [$layer, $around, [SeamKind::Neck, SeamKind::Shoulder, SeamKind::Opening], Reach::between(ReachPlace::Shoulder, ReachPlace::Hem), Follows::Frame],
            default => [$layer, $around, [SeamKind::Neck, SeamKind::Shoulder], Reach::between(ReachPlace::Shoulder, ReachPlace::Shoulder), Follows::Frame],
        };
    }

    /** @return array{Layer, PieceSide, list<SeamKind>, Reach, Follows} */
    private function yoke(PieceSide $around): array
    {
        return $this->shape->hasBust
            ? [$this->cloth(), $around, [SeamKind::Shoulder, SeamKind::Neck, SeamKind::Armhole, SeamKind::Panel], Reach::between(ReachPlace::Shoulder, ReachPlace::Shoulder), Follows::Frame]
            : [$this->cloth(), $around, [SeamKind::Side, SeamKind::Waist, SeamKind::Panel], new Reach(new ReachEnd(ReachPlace::Waist), new ReachEnd(ReachPlace::Waist, self::mm(self::YOKE_MM))), Follows::WaistAndHip];
    }

    /** @return array{Layer, PieceSide, list<SeamKind>, Reach, Follows} front, back and what they are made of */
    private function body(PieceSide $around): array
    {
        $isLower = ! $this->shape->hasBust || $this->words->say('skirt') || $this->follows === Follows::WaistAndHip;
        $isParted = $this->shape->isSeamedAtWaist && ($this->words->say('bodice') || ! $this->words->say('lining') || $this->shape->hasSkirtLining);
        $end = match (true) {
            $isLower => new ReachEnd(ReachPlace::Hem),
            $this->shape->isCropped => new ReachEnd(ReachPlace::Waist, self::mm(-self::CROP_MM)),
            $isParted => new ReachEnd(ReachPlace::Waist),
            default => new ReachEnd(ReachPlace::Hem),
        };
        $endsAtWaist = $end->place === ReachPlace::Waist && $end->below === null;
        $seams = [
            ...$this->sideways($around),
            ...($isLower ? [SeamKind::Waist] : $this->upperSeams($around)),
            $endsAtWaist ? SeamKind::Waist : SeamKind::Hem,
        ];

        return [
            $this->cloth(), $around, $seams,
            new Reach(new ReachEnd($isLower ? ReachPlace::Waist : ReachPlace::Shoulder), $end),
            $isLower ? Follows::WaistAndHip : Follows::AllLevels,
        ];
    }

    /** @return list<SeamKind> those that run down it */
    private function sideways(PieceSide $around): array
    {
        [$isSide, $isCentre] = [$this->words->say('side'), $this->words->say('centre')];
        $middle = match (true) {
            ! $this->isPair || $isSide => [],
            $around === PieceSide::Front => [SeamKind::CentreFront],
            $around === PieceSide::Back => [SeamKind::CentreBack],
            default => [],
        };

        return match (true) {
            $isSide && $around === PieceSide::Both, $this->words->say('panel') && ! $isSide => [SeamKind::Panel],
            $isSide => [SeamKind::Side, SeamKind::Princess],
            // Beside a side front the front has no side left.
            $isCentre, $this->shape->seamBeside($this->words) !== null => [$this->shape->seamBeside($this->words) ?? SeamKind::Princess, ...$middle],
            default => [SeamKind::Side, ...($this->words->say('princess') ? [SeamKind::Princess] : []), ...$middle],
        };
    }

    /** @return list<SeamKind> */
    private function upperSeams(PieceSide $around): array
    {
        return match (true) {
            // Its seam runs into the armhole where nothing tells that it reaches the shoulder.
            $this->words->say('side') && $around !== PieceSide::Both && ! $this->shape->isRaglan => $this->shape->isInOne ? [] : [SeamKind::Armhole],
            $this->shape->isRaglan => [SeamKind::Neck, SeamKind::Raglan],
            $this->shape->isInOne => [SeamKind::Neck, SeamKind::Shoulder],
            default => [SeamKind::Neck, SeamKind::Shoulder, SeamKind::Armhole],
        };
    }

    private static function mm(int $mm): Length
    {
        return Length::ofNanometres($mm * 1_000_000);
    }

    private function seam(SeamKind $kind): PieceSeam
    {
        $isStretched = $this->shape->isKnit && $this->words->sayAny('band', 'binding', 'cuff') && $kind !== SeamKind::SleeveSeam;

        return new PieceSeam($kind, null, $isStretched ? Joins::Stretched : Joins::Plain);
    }
}
