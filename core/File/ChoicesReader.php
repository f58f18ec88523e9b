<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Choices;
use Underbolt\Planning\Lead;
use Underbolt\Planning\Pick;
use Underbolt\Seam\BlendShape;
use Underbolt\Sizing\EaseSchool;

/** Reads what the sewist decided, with the defaults of the format for what she left open. */
final class ChoicesReader
{
    /** Front and back further apart than this are no longer one garment. */
    private const MOST_UNLIKE = 3;

    private const KEYS = [
        'range', 'between', 'lead', 'ease', 'pick', 'liked_ease', 'least_ease',
        'sizes', 'largest_step', 'blend', 'dwell', 'station_every', 'view', 'fit',
        'own_garment', 'weights', 'front_larger', 'centre_back', 'order',
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
            $get('range')?->text(),
            $get('between')?->oneOf(BetweenRule::class) ?? $pattern->between ?? BetweenRule::Up,
            $get('lead')?->oneOf(Lead::class),
            $get('ease')?->oneOf(EaseSchool::class) ?? EaseSchool::Drafted,
            $get('pick')?->oneOf(Pick::class) ?? Pick::Best,
            LengthsReader::byLevel($get('liked_ease'), LengthKind::Ease),
            LengthsReader::byLevel($get('least_ease'), LengthKind::Ease),
            self::clips($get('sizes'), $pattern),
            $get('largest_step')?->whole(0, PatternReader::MOST_SIZES) ?? 1,
            $get('blend')?->oneOf(BlendShape::class) ?? BlendShape::Curved,
            $get('dwell')?->length(LengthKind::Allowance) ?? self::usualStep($unit),
            $get('station_every')?->length(LengthKind::Along) ?? self::usualStep($marks),
            self::oneNamed($get('view'), $pattern->parts->views, 'view'),
            self::oneNamed($get('fit'), $pattern->parts->fits, 'fit'),
            LengthsReader::byLevel($get('own_garment'), LengthKind::Panel),
            WeightsReader::read($get('weights')),
            self::shifts($get('front_larger')),
            LengthsReader::byLevel($get('centre_back'), LengthKind::Ease),
            $get('order')?->oneOf(WorkOrder::class),
        );
    }

    /** @param  list<string>  $names */
    private static function oneNamed(?Node $node, array $names, string $what): ?string
    {
        $name = $node?->text();

        return $name === null || in_array($name, $names, true) ? $name : $node->fault("\"{$name}\" is no {$what} of this pattern");
    }

    /** 2.5 cm, or an inch where inches are read. */
    private static function usualStep(Unit $unit): Length
    {
        return Length::ofNumber($unit === Unit::Inch ? 1 : 2.5, $unit);
    }

    /** @return array<string, int> by level */
    private static function shifts(?Node $node): array
    {
        return array_map(
            static fn (Node $field): int => $field->whole(-self::MOST_UNLIKE, self::MOST_UNLIKE) ?? 0,
            $node?->fields(array_column(Level::cases(), 'value')) ?? [],
        );
    }

    /** @return array<string, int> */
    private static function clips(?Node $node, Pattern $pattern): array
    {
        $clips = [];
        foreach ($node?->fields(array_column(Level::cases(), 'value')) ?? [] as $level => $field) {
            $size = $field->text();
            $place = array_search($size, $pattern->sizes, true);
            if ($place !== false) {
                $clips[$level] = $place;
            } elseif ($size !== null) {
                $field->fault("\"{$size}\" is not among the sizes of the pattern");
            }
        }

        return $clips;
    }
}
