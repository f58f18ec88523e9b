<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\Keys\VerdictKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;

/** The `verdict` part of a make file, figures as typed; its keys are those of core/File/Keys/VerdictKeys. */
#[OA\Schema(type: 'object')]
final class VerdictDocument
{
    /** To be read alone: its figures in the unit in use. */
    public static function shown(Make $make, Unit $unit): stdClass
    {
        $verdict = self::worded($make);
        $ease = array_map(static fn (Length $ease): string => LengthPrint::sentence($ease, $unit), $make->worn()->ease);
        if ($ease !== []) {
            $verdict->ease = (object) $ease;
        }

        return $verdict;
    }

    /** With the unit said at every figure: it may be shown under another. */
    public static function worded(Make $make): stdClass
    {
        return (new ObjectShape(new VerdictKeys))->wordedObject($make->sizeWords()->shown($make->verdict), $make->unit);
    }
}
