<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\ChartRow;
use Underbolt\Pattern\CupLetter;

/**
 * What a row of a pasted chart is about, by its usual names in English, German, French and Dutch.
 *
 * Only a whole name counts: "waist" is the waist, "waist to hip" is not.
 */
final readonly class RowName
{
    /** Names that only a garment's figure has. */
    private const SLEEVE_WIDTHS = ['sleeve width', 'armelweite', 'largeur manche', 'largeur de manche', 'mouwwijdte'];

    private const NAMES = [
        'high_bust' => [
            'high bust', 'upper bust', 'high chest', 'upper chest', 'above bust',
            'oberbrust', 'oberbrustumfang', 'obere brust', 'dessus poitrine', 'haut poitrine', 'dessus de poitrine', 'haut de poitrine',
            'tour dessus poitrine', 'tour de dessus de poitrine', 'tour de haut de poitrine', 'bovenborst',
            'boven borst', 'bovenborstomtrek', 'hoge borst',
        ],
        'full_bust' => [
            'bust', 'full bust', 'chest', 'breast', 'brust', 'brustumfang', 'brustweite', 'oberweite',
            'poitrine', 'tour de poitrine', 'tour poitrine', 'buste', 'borst', 'borstomtrek', 'borstwijdte', 'bovenwijdte',
        ],
        'waist' => [
            'waist', 'natural waist', 'waistline', 'taillenumfang', 'taillenweite', 'taillenumf', 'tour de taille', 'tour taille',
            'tailleomtrek', 'taillewijdte', 'taille omtrek',
        ],
        'hip' => [
            'hip', 'hips', 'full hip', 'seat', 'hufte', 'huften', 'huftumfang', 'huftweite', 'gesass', 'gesassumfang', 'gesassweite',
            'hanche', 'hanches', 'tour de hanches', 'tour de hanche', 'tour hanches', 'bassin', 'tour de bassin',
            'heup', 'heupen', 'heupomtrek', 'heupwijdte',
        ],
        'bicep' => [
            'bicep', 'biceps', 'upper arm', 'oberarm', 'oberarmumfang', 'oberarmweite', 'bras', 'tour de bras',
            'bovenarm', 'bovenarmomtrek',
            ...self::SLEEVE_WIDTHS,
        ],
        'cross_front' => ['cross front', 'across front', 'front width', 'vorderbreite', 'brustbreite', 'carrure devant', 'voorbreedte'],
    ];

    private const FINISHED = '/\b(?:finished|garment|fertig\w*|fini\w*|vetement|afgewerkt\w*|eindmaat|eindmaten)\b/';

    private const BODY = '/\b(?:body|korper\w*|corps|lichaam\w*)\b/';

    private const NOISE = '/\b(?:measurements?|measure|girth|circumference|masse?|mesures?|maten|maat|chart|table|tabelle|tableau|cm|inch(?:es)?|in|zoll|pouces|duim|at|the|du|des)\b/';

    private const CUP = '/\b(?:cup|korbchen|bonnet)\s+([a-k]{1,3})\b|\b([a-k]{1,3})\s+(?:cup|korbchen|bonnet)\b/';

    /**
     * @param  ?ChartPlace  $place  null where no row of a chart is meant for sure
     * @param  ?bool  $finished  what the words say of the chart; null where they don't
     * @param  ?Unit  $unit  the unit the words name first; null where they name none
     */
    private function __construct(public ?ChartPlace $place, public ?bool $finished, public ?Unit $unit)
    {
    }

    public static function of(string $label): self
    {
        $words = Words::plain($label);
        $finished = match (true) {
            preg_match(self::FINISHED, $words) === 1 => true,
            preg_match(self::BODY, $words) === 1 => false,
            default => null,
        };
        if ($finished === null && in_array(self::bare($words), self::SLEEVE_WIDTHS, true)) {
            $finished = true;
        }
        // A remark in brackets, such as "(9 in below the waist)", is no part of the name.
        $row = self::row($words) ?? self::row(Words::plain(preg_replace('/\([^)]*\)/', ' ', $label) ?? ''));
        $place = $row === null
            ? null
            : new ChartPlace($finished === true, $row, $row === ChartRow::FullBust ? self::cup($words, $label) : null);

        return new self($place?->exists() === true ? $place : null, $finished, self::unit($label));
    }

    private static function row(string $words): ?ChartRow
    {
        $bare = self::bare($words);
        foreach (self::NAMES as $row => $names) {
            if (in_array($bare, $names, true)) {
                return ChartRow::from($row);
            }
        }

        // A row for a cup alone is the bust's.
        return $bare === '' && preg_match(self::CUP, $words) === 1 ? ChartRow::FullBust : null;
    }

    /** The name without what says which chart, cup or unit it is of. */
    private static function bare(string $words): string
    {
        $bare = preg_replace([self::CUP, self::FINISHED, self::BODY, self::NOISE], ' ', $words) ?? '';

        return trim(preg_replace(['/\s+/', '/(?<=\bbust) [a-k]{1,3}$/'], [' ', ''], $bare) ?? '');
    }

    private static function cup(string $words, string $label): ?string
    {
        if (preg_match(self::CUP, $words, $cup) === 1) {
            return CupLetter::canonical($cup[1] !== '' ? $cup[1] : $cup[2]);
        }

        return preg_match('/\bbust[\s,]*\(?([A-K]{1,3})\)?$/i', trim($label), $cup) === 1 ? CupLetter::canonical($cup[1]) : null;
    }

    /** "in" is also a word of three of the languages: it is a unit only at the end, in brackets, or before a bracket. */
    private static function unit(string $label): ?Unit
    {
        $found = [];
        if (preg_match('/\bcm\b/i', $label, $cm, PREG_OFFSET_CAPTURE) === 1) {
            $found[$cm[0][1]] = Unit::Centimetre;
        }
        if (preg_match('/\b(?:inch(?:es)?|zoll|pouces|duim)\b|\bin\b\s*(?=$|[)\].(\/])|"/i', $label, $inch, PREG_OFFSET_CAPTURE) === 1) {
            $found[$inch[0][1]] = Unit::Inch;
        }
        ksort($found);

        return array_values($found)[0] ?? null;
    }
}
