<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Altering\ByHand;
use Underbolt\Altering\LengthsByHand;
use Underbolt\File\Keys\ChoicesKeys;
use Underbolt\File\Keys\LengthsKeys;
use Underbolt\File\Keys\SidesKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Asked\Choices;
use Underbolt\Seam\EdgeChange;
use Underbolt\Sizing\Sizes;

/** Reads what the sewist decided, with the defaults of the format for what she left open. */
final class ChoicesReader
{
    /**
     * @param  Unit  $unit  the document's: where it gives no dwell, that is 2.5 cm or an inch
     * @param  ?Pattern  $pattern  null where it cannot be read: then the clips can't be either
     * @param  Unit  $marks  the one on the wearer's tape: where no distance is given, stations stand at its marks
     */
    public static function read(Node $node, Unit $unit, ?Pattern $pattern, Unit $marks): ?Choices
    {
        $keys = new ChoicesKeys;
        $fields = (new ObjectShape($keys))->read($node);
        if ($pattern === null) {
            return null;
        }

        return new Choices(
            range: $fields->get($keys->range),
            between: ($fields->has($keys->between) ? null : $pattern->between) ?? $fields->sure($keys->between),
            lead: $fields->get($keys->lead),
            ease: $fields->get($keys->ease),
            pick: $fields->get($keys->pick),
            likedEase: $fields->byName($keys->likedEase),
            leastEase: $fields->byName($keys->leastEase),
            clips: self::clips($fields->node($keys->sizes), $pattern),
            largestStep: max(0, $fields->sure($keys->largestStep)),
            blend: $fields->sure($keys->blend),
            dwell: $fields->sure($keys->dwell, $unit),
            stationEvery: $fields->sure($keys->stationEvery, $marks),
            tummyDepth: self::usualTummyDepth($unit),
            view: self::oneNamed($fields->node($keys->view), $pattern->parts->views, 'view'),
            fit: self::oneNamed($fields->node($keys->fit), $pattern->parts->fits, 'fit'),
            ownGarment: $fields->byName($keys->ownGarment),
            weights: WeightsReader::read($fields->part($keys->weights)),
            frontLarger: $fields->byName($keys->frontLarger),
            centreBack: $fields->byName($keys->centreBack),
            order: $fields->get($keys->order),
            take: $fields->byName($keys->take),
            byHand: array_map(self::byHand(...), $fields->byName($keys->byHand)),
            lengths: self::lengths($fields->part($keys->lengths)),
            method: $fields->get($keys->method),
            adjustBust: $fields->sure($keys->adjustBust),
            spread: $fields->sure($keys->spread),
            toHem: $fields->get($keys->toHem),
            trueSeams: $fields->get($keys->trueSeams),
            paper: $fields->sure($keys->paper),
            sleeveFirst: $fields->sure($keys->sleeveFirst),
            tryFirst: $fields->get($keys->tryFirst),
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

    private static function byHand(Fields $sides): ByHand
    {
        $keys = new SidesKeys;

        $edge = $sides->sure($keys->inAll)->dividedBy(EdgeChange::SIDE_EDGES);

        return new ByHand(new EdgeChange($sides->sure($keys->front)->plus($edge), $sides->sure($keys->back)->plus($edge)));
    }

    private static function lengths(Fields $changes): LengthsByHand
    {
        $keys = new LengthsKeys;

        return new LengthsByHand(
            $changes->get($keys->aboveWaist),
            $changes->get($keys->belowWaist),
            $changes->get($keys->hem),
            $changes->get($keys->sleeve),
        );
    }

    private static function clips(?Node $node, Pattern $pattern): Sizes
    {
        $clips = new Sizes;
        foreach ($node?->fields(array_column(Level::cases(), 'value')) ?? [] as $level => $field) {
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
