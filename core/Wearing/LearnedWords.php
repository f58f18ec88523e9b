<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Garment;

/** What was learned, in a sentence, such as `In three dresses of woven cloth 6.5 cm was right.` */
final class LearnedWords
{
    private const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** @param  callable(Length): string  $say */
    public static function of(Learned $learned, ?Garment $garment, FabricKind $cloth, callable $say): string
    {
        $makes = self::makes($learned->makes, $garment).($cloth === FabricKind::Knit ? ' of knit cloth' : ' of woven cloth');
        $said = match (true) {
            $learned->moreThan !== null => "In {$makes} {$say($learned->moreThan)} was too tight: leave more.",
            $learned->ease === null => '',
            $learned->isBetween => "In {$makes} less was tight and more was loose: {$say($learned->ease)} is half way.",
            default => "In {$makes} {$say($learned->ease)} was right.",
        };

        return $said.($learned->contradicts ? ' Verdicts contradict one another: only the last three makes count.' : '');
    }

    private static function makes(int $count, ?Garment $garment): string
    {
        $number = self::COUNTS[$count] ?? (string) $count;
        // Trousers are many already.
        $name = match (true) {
            $garment === null => $count === 1 ? 'make' : 'makes',
            $garment === Garment::Trousers => $count === 1 ? 'pair of trousers' : 'pairs of trousers',
            default => $count === 1 ? $garment->name() : $garment->name().(str_ends_with($garment->name(), 's') ? 'es' : 's'),
        };

        return "{$number} {$name}";
    }
}
