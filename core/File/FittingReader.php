<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Altering\FittingFinding;
use Underbolt\File\Keys\FindingKeys;
use Underbolt\File\Keys\FittingKeys;
use Underbolt\File\Keys\OwnLineKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Known;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Wearing\Fitting;
use Underbolt\Wearing\OwnLine;

/** Reads the tracings of a make and what was found on them. */
final class FittingReader
{
    public static function read(Node $node): Fitting
    {
        $keys = new FittingKeys;
        $fields = (new ObjectShape($keys))->read($node);
        $fields->get($keys->trials);

        return new Fitting(
            $fields->sure($keys->tracing),
            $fields->sure($keys->tried),
            Known::of(array_map(self::finding(...), $fields->all($keys->findings))),
            Known::of(array_map(self::ownLine(...), $fields->all($keys->ownLines))),
        );
    }

    private static function finding(Fields $fields): ?FittingFinding
    {
        $keys = new FindingKeys;
        [$place, $deed, $amount] = [$fields->get($keys->place), $fields->get($keys->deed), $fields->get($keys->amount)];
        if ($amount?->isZero() === true) {
            $fields->node($keys->amount)?->fault('must be more than nothing');
        }

        return $place === null || $deed === null || $amount === null ? null : new FittingFinding(
            place: $place,
            deed: $deed,
            amount: $amount,
            part: $fields->sure($keys->part),
            pieces: $fields->all($keys->pieces),
            note: $fields->sure($keys->note),
            tracing: $fields->sure($keys->tracing),
            done: $fields->all($keys->done),
            isCarried: $fields->sure($keys->carried),
        );
    }

    /** Null while it is not measured on both. */
    private static function ownLine(Fields $fields): ?OwnLine
    {
        $keys = new OwnLineKeys;
        [$name, $place, $body, $paper, $ease] = [
            $fields->get($keys->name), $fields->get($keys->place), $fields->get($keys->body), $fields->get($keys->paper), $fields->get($keys->ease),
        ];

        return $name === null || $place === null || $body === null || $paper === null
            ? null
            : new OwnLine($name, $place, $body, $paper, $ease ?? Length::zero());
    }
}
