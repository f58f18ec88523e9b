<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Pattern\Cups\CupLetter;

/** The views, fits and cups that a line of a table can name: the pattern's own, and those that say what they are. */
final readonly class PartNames
{
    /** Bytes; no label and no title is longer, only a paragraph is. */
    private const LONGEST = 200;

    private const VIEW = '/\b(?:view|ansicht|vue|modell|model|version)s?(?:\s*:)?\s+(?<name>[A-Z0-9](?:\s*[,\/&+]\s*[A-Z0-9])*)\b:?/i';

    /** What fits are called, behind a comma or several in a row: `Hip, slim`. */
    public const FITS = '(?:slim|narrow|average|medium|regular|curvy|full|loose|relaxed|fitted|close|easy|straight)';

    /** `Slim fit`, `fit: loose`; "to fit" and "your fit" name none. */
    private const FIT = '/(?J),\s*(?<name>'.self::FITS.')$|\b(?:(?!(?:to|your|best|good|finished|body|garment|the|a|and|this|bust|waist|hips?)\b)(?<name>\p{L}+)\s+fit|fit\s*:\s*(?<name>\p{L}+)|fit\s+(?<name>[A-Z]{1,2}))\b:?/iu';

    private const CUP = '/(?J)\b(?:cup\s+(?<name>AA|DDD?|[A-K])|(?<name>AA|DDD?|[A-K])[\s-]+cup)\b:?/i';

    /**
     * @param  list<string>  $views  the pattern's
     * @param  list<string>  $fits  the pattern's
     */
    public function __construct(private array $views, private array $fits)
    {
    }

    /** @return array{array{view?: string, fit?: string, cup?: string}, string} what a label names, and the label without it */
    public function in(string $label): array
    {
        [$cup, $label] = self::taken(self::CUP, $label);
        $letter = $cup === null ? null : CupLetter::written($cup);
        [$found, $label] = $this->viewAndFit($label);

        return [($letter === null ? [] : ['cup' => $letter]) + $found, $label];
    }

    /** @return array{array{view?: string, fit?: string}, string} the same, a cup left where it stands */
    public function viewAndFit(string $label): array
    {
        if (strlen($label) > self::LONGEST) {
            return [[], $label];
        }
        $found = [];
        [$view, $label] = self::taken(self::VIEW, $label);
        $view ??= self::known($label, $this->views);
        if ($view !== null) {
            $found['view'] = self::known($view, $this->views) ?? $view;
            $label = self::known($label, $this->views) === null ? $label : '';
        }
        foreach ([...array_map(self::ownFit(...), $this->fits), self::FIT] as $pattern) {
            [$fit, $label] = self::taken($pattern, $label);
            $found += $fit === null ? [] : ['fit' => self::known($fit, $this->fits) ?? $fit];
        }

        return [$found, $label];
    }

    private static function ownFit(string $fit): string
    {
        return '/\b(?<name>'.preg_quote($fit, '/').')(?:\s+fit)?\b:?/iu';
    }

    /** @return array{?string, string} the name that a label holds, and the label without it */
    private static function taken(string $pattern, string $label): array
    {
        if (preg_match($pattern, $label, $part) !== 1) {
            return [null, $label];
        }
        $left = trim(str_replace($part[0], ' ', $label), ' ,:-');

        return [$part['name'], trim((string) preg_replace('/[(\[]\s*[)\]]/', '', $left))];
    }

    /** @param  list<string>  $known */
    private static function known(string $name, array $known): ?string
    {
        foreach ($known as $one) {
            if (strcasecmp($one, $name) === 0) {
                return $one;
            }
        }

        return null;
    }
}
