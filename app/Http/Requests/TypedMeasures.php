<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Underbolt\Fault;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\CardCheck;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;

/** Figures as they were typed, by point. */
final class TypedMeasures
{
    /**
     * @param  array<mixed>  $typed  texts by point; what is no text at no point is left out
     * @param  Unit  $unit  meant where a text names none
     * @param  string  $field  that they were sent in
     * @return array<string, Length> by point
     *
     * @throws FaultyFile naming each that is no possible figure, or none in this unit
     */
    public static function read(array $typed, Unit $unit, string $field): array
    {
        [$measures, $faults] = [[], []];
        foreach ($typed as $code => $text) {
            $point = Point::tryFrom((string) $code);
            try {
                if ($point !== null && is_string($text)) {
                    $measures[$point->value] = $point->read($text, $unit);
                    $asked = CardCheck::asksUnit($point, $measures[$point->value], $text, $unit);
                    // Before anything is sized by it.
                    $faults = $asked === null ? $faults : [...$faults, new Fault("{$field}.{$code}", $asked)];
                }
            } catch (Refusal $refusal) {
                $faults[] = new Fault("{$field}.{$code}", $refusal->getMessage());
            }
        }

        return $faults === [] ? $measures : throw FaultyFile::with($faults);
    }
}
