<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\Pattern\Pieces\PieceWords;

/** One line of the list of pieces, taken apart: its name, how it is cut, whom it is for, and what of it nobody understood. */
final class PieceText
{
    /** How instructions say that something is cut, in the languages of our patterns. */
    private const CUT = 'cut|schneiden|zuschneiden|coupe[rz]?|knip(?:pen)?|klipp[ae]?|klip|taglia(?:re)?|corta[r]?|wytnij|leikkaa';

    private const NUMBERS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'six' => 6, 'eight' => 8];

    /** A length by itself is what is bought: no piece is counted in yards. */
    private const LENGTH = '/^\s*\d[\d\s.,\/]*(?:\p{No}\s*)?(?:yds?|yards?|m|met(?:re|er)s?|cm|in|ins|inch(?:es)?|"|″)\.?\s*$/iu';

    private const LETTERS = '/^(?:[A-Z]{1,2}|[A-Z]{1,2}\s*[-–]\s*[A-Z]{1,2})$/u';

    private const MOST = 40;

    public string $name = '';

    public ?int $times = null;

    public ?int $timesLining = null;

    public ?int $timesInterfacing = null;

    public bool $isOnFold = false;

    /** Of what is bought by the length and not cut from a piece of paper. */
    public ?string $length = null;

    /** @var list<string> it is for these, whatever they may be */
    public array $letters = [];

    /** @var array{view: list<string>, cup: list<string>, fit: list<string>} as they are named */
    public array $named = ['view' => [], 'cup' => [], 'fit' => []];

    /** @var list<string> parts that say nothing known */
    public array $unknown = [];

    /** Null for a line that names no piece. */
    public static function read(string $line): ?self
    {
        $self = new self;
        $parts = preg_split('/(?=\b(?:'.self::CUT.')\b)|[;,(\t]|\s[-–—]\s|:\s+(?=(?:\d|'.implode('|', array_keys(self::NUMBERS)).'\b))/iu', $line, -1, PREG_SPLIT_NO_EMPTY);
        $parts = array_values(array_filter(array_map(static fn (string $part): string => trim($part, " \t.:)–—-"), $parts === false ? [] : $parts), static fn (string $part): bool => $part !== ''));
        $name = array_shift($parts) ?? '';
        // A number in a column of its own.
        if (preg_match('/^\p{N}+$/u', $name) === 1 && $parts !== []) {
            $name .= ' '.array_shift($parts);
        }
        $name = $self->counted($name);
        if (preg_match('/\p{L}{2}/u', $name) !== 1) {
            return null;
        }
        $self->name = $self->lettered($name, $parts);
        array_walk($parts, static fn (string $part) => $self->take($part));

        return $self;
    }

    /** Without a count beside the name, such as `x 2`. */
    private function counted(string $name): string
    {
        if (preg_match('/(?:\b(\d+)\s*[x×]|[x×]\s*(\d+))\s*$/iu', $name, $found) === 1) {
            $this->times = (int) ($found[2] ?? $found[1]);
            $name = substr($name, 0, -strlen($found[0]));
        }

        return trim($name, " \t.:-–—)");
    }

    /**
     * Without letters at its end, where others follow or it joins several: `Bodice front A, B, C`, `Sleeve A/B`, `Back A & C`.
     *
     * @param  list<string>  $parts
     */
    private function lettered(string $name, array $parts): string
    {
        if (preg_match('/^(.*\p{L}{2}.*?)\s+([A-Z](?:\s*(?:[\/+&]|and|[-–]|\s)\s*[A-Z])*)$/u', $name, $found) !== 1) {
            return $name;
        }
        $letters = self::list($found[2]);
        $goesOn = preg_match(self::LETTERS, $parts[0] ?? '') === 1;
        if (count($letters) < 2 && ! $goesOn) {
            return $name;
        }
        $this->letters = $letters;

        return $found[1];
    }

    private function take(string $part): void
    {
        $words = new PieceWords($part);
        $this->isOnFold = $this->isOnFold || $words->say('fold');
        if (preg_match(self::LETTERS, $part) === 1) {
            $this->letters = [...$this->letters, ...self::list($part)];

            return;
        }
        if (preg_match('/^(?:for\s+)?(?:(views?|ansicht(?:en)?|vues?|version(?:s|en)?|cups?|körbchen|bonnets?|fits?)\s+(.+)|(.+)\s+(views?|cups?|fits?))$/iu', $part, $found) === 1) {
            $kind = match (true) {
                preg_match('/cup|körb|bonnet/iu', $found[4] ?? $found[1]) === 1 => 'cup',
                preg_match('/fit/i', $found[4] ?? $found[1]) === 1 => 'fit',
                default => 'view',
            };
            $this->named[$kind] = [...$this->named[$kind], ...self::list($found[2] !== '' ? $found[2] : $found[3])];

            return;
        }
        if ($this->times === null && preg_match(self::LENGTH, $part) === 1 && preg_match('/\b(?:'.self::CUT.')\b/iu', $part) !== 1) {
            $this->length = $part;

            return;
        }
        $this->count($part, $words);
    }

    private function count(string $part, PieceWords $words): void
    {
        $number = self::number($part);
        $isSaid = $number === null ? $words->say('fold') || preg_match('/\b(?:'.self::CUT.')\b/iu', $part) === 1 : true;
        if ($number !== null && $words->say('lining') && ! $words->say('interfacing')) {
            $this->timesLining = $number;
        } elseif ($number !== null && $words->say('interfacing')) {
            $this->timesInterfacing = $number;
        } elseif ($number !== null && $this->times === null) {
            $this->times = $number;
        } elseif (! $isSaid) {
            $this->unknown[] = $part;
        }
    }

    /** `cut 2`, `cut two`, `1 pair`; null where nothing is counted. */
    private static function number(string $part): ?int
    {
        $found = [];
        $isFound = preg_match('/\d+|\b(?:'.implode('|', array_keys(self::NUMBERS)).')\b|\ba(?=\s+pair)/iu', $part, $found) === 1;
        $number = $isFound ? self::NUMBERS[strtolower($found[0])] ?? max(1, (int) $found[0]) : null;
        $number = $number !== null && preg_match('/\bpairs?\b|\bpaar\b/iu', $part) === 1 ? 2 * $number : $number;

        return $number === null || $number > self::MOST ? null : $number;
    }

    /** @return list<string> `A, B`, `A/B`, `A and B`, `A-D` */
    private static function list(string $text): array
    {
        if (preg_match('/^\s*([A-Z])\s*[-–]\s*([A-Z])\s*$/u', $text, $found) === 1 && $found[1] < $found[2]) {
            return range($found[1], $found[2]);
        }
        $parts = preg_split('/\s*(?:[\/+&,]|\band\b|\bund\b|\bet\b)\s*|\s+(?=[A-Z]{1,2}\b)/u', trim($text), -1, PREG_SPLIT_NO_EMPTY);

        return $parts === false ? [] : $parts;
    }
}
