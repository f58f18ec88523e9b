<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Altering\AdjustmentMethod;
use Underbolt\Altering\ByHand;
use Underbolt\Altering\LengthsByHand;
use Underbolt\Altering\Take;
use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Choices;
use Underbolt\Planning\Choosing\Pick;
use Underbolt\Planning\Facts\Lead;
use Underbolt\Seam\BlendShape;
use Underbolt\Seam\EdgeChange;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\Sizes;

/** Reads what the sewist decided, with the defaults of the format for what she left open. */
final class ChoicesReader
{
    /** Front and back further apart than this are no longer one garment. */
    private const MOST_UNLIKE = 3;

    private const KEYS = [
        'range', 'between', 'lead', 'ease', 'pick', 'liked_ease', 'least_ease',
        'sizes', 'largest_step', 'blend', 'dwell', 'station_every', 'view', 'fit',
        'own_garment', 'weights', 'front_larger', 'centre_back', 'order',
        'take', 'by_hand', 'lengths', 'method', 'adjust_bust',
    ];

    /**
     * @param  Unit  $unit  the document's: where it gives no dwell, that is 2.5 cm or an inch
     * @param  ?Pattern  $pattern  null where it cannot be read: then the clips can't be either
     * @param  Unit  $marks  the one on the wearer's tape: where no distance is given, stations stand at its marks
     */
    public static function read(Node $node, Unit $unit, ?Pattern $pattern, Unit $marks): ?Choices
    {
        $fields = $node->fields(self::KEYS);
        if ($pattern === null) {
            return null;
        }
        $get = static fn (string $key): ?Node => $fields[$key] ?? null;

        return new Choices(
            range: $get('range')?->text(),
            between: $get('between')?->oneOf(BetweenRule::class) ?? $pattern->between ?? BetweenRule::Up,
            lead: $get('lead')?->oneOf(Lead::class),
            ease: $get('ease')?->oneOf(EaseSchool::class),
            pick: $get('pick')?->oneOf(Pick::class),
            likedEase: LengthsReader::byLevel($get('liked_ease'), LengthKind::Ease),
            leastEase: LengthsReader::byLevel($get('least_ease'), LengthKind::Ease),
            clips: self::clips($get('sizes'), $pattern),
            largestStep: $get('largest_step')?->whole(0, PatternReader::MOST_SIZES) ?? 1,
            blend: $get('blend')?->oneOf(BlendShape::class) ?? BlendShape::Curved,
            dwell: $get('dwell')?->length(LengthKind::Allowance) ?? self::usualStep($unit),
            stationEvery: $get('station_every')?->length(LengthKind::Along) ?? self::usualStep($marks),
            tummyDepth: self::usualTummyDepth($unit),
            view: self::oneNamed($get('view'), $pattern->parts->views, 'view'),
            fit: self::oneNamed($get('fit'), $pattern->parts->fits, 'fit'),
            ownGarment: LengthsReader::byLevel($get('own_garment'), LengthKind::Panel),
            weights: WeightsReader::read($get('weights')),
            frontLarger: self::shifts($get('front_larger')),
            centreBack: LengthsReader::byLevel($get('centre_back'), LengthKind::Ease),
            order: $get('order')?->oneOf(WorkOrder::class),
            take: self::takes($get('take')),
            byHand: array_map(self::byHand(...), self::byLevel($get('by_hand'))),
            lengths: self::lengths($get('lengths')),
            method: $get('method')?->oneOf(AdjustmentMethod::class),
            adjustBust: $get('adjust_bust')?->flag() ?? false,
        );
    }

    /** @param  list<string>  $names */
    private static function oneNamed(?Node $node, array $names, string $what): ?string
    {
        $name = $node?->text();

        return $name === null || in_array($name, $names, true) ? $name : $node->fault("\"{$name}\" is no {$what} of this pattern");
    }

    /** 9 cm, or 3.5 inches, below the waist: common practice, no published source. */
    private static function usualTummyDepth(Unit $unit): Length
    {
        return Length::ofNumber($unit === Unit::Inch ? 3.5 : 9, $unit);
    }

    /** 2.5 cm, or an inch where inches are read. */
    public static function usualStep(Unit $unit): Length
    {
        return Length::ofNumber($unit === Unit::Inch ? 1 : 2.5, $unit);
    }

    /** @return array<string, Node> */
    private static function byLevel(?Node $node): array
    {
        return $node?->fields(array_column(Level::cases(), 'value')) ?? [];
    }

    /** @return array<string, int> by level */
    private static function shifts(?Node $node): array
    {
        return array_map(static fn (Node $field): int => $field->whole(-self::MOST_UNLIKE, self::MOST_UNLIKE) ?? 0, self::byLevel($node));
    }

    /** @return array<string, Take> by level */
    private static function takes(?Node $node): array
    {
        return array_filter(array_map(static fn (Node $field): ?Take => $field->oneOf(Take::class), self::byLevel($node)));
    }

    private static function byHand(Node $node): ByHand
    {
        $sides = $node->fields(['front', 'back']);
        $move = static fn (string $side): Length => ($sides[$side] ?? null)?->length(LengthKind::Move) ?? Length::zero();

        return new ByHand(new EdgeChange($move('front'), $move('back')));
    }

    private static function lengths(?Node $node): LengthsByHand
    {
        $fields = $node?->fields(['above_waist', 'below_waist', 'hem', 'sleeve']) ?? [];
        $change = static fn (string $key): ?Length => ($fields[$key] ?? null)?->length(LengthKind::Change);

        return new LengthsByHand($change('above_waist'), $change('below_waist'), $change('hem'), $change('sleeve'));
    }

    private static function clips(?Node $node, Pattern $pattern): Sizes
    {
        $clips = new Sizes;
        foreach (self::byLevel($node) as $level => $field) {
            $size = $field->text();
            $place = array_search($size, $pattern->sizes, true);
            if ($place !== false) {
                $clips = $clips->with(Level::from($level), $place);
            } elseif ($size !== null) {
                $field->fault("\"{$size}\" is not among the sizes of the pattern");
            }
        }

        return $clips;
    }
}
