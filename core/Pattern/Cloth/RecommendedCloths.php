<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

/** What a pattern says of the cloths that are right for it, read from its own words as printed. */
final readonly class RecommendedCloths
{
    private const KNITS = '/\b(knits?|jersey|interlock|ponte|ponti|sweatshirt|rib|tricot|strick\w*|maille)\b/iu';

    private const WOVENS = '/\b(wovens?|linen|cotton lawn|poplin|denim|chambray|twill|gabardine|webware|leinen|popeline|chaîne et trame)\b/iu';

    private const MOST = '/(?:at most|up to|no more than|max(?:imum)?|höchstens|jusqu.à)\D{0,12}(\d+)\s*%|(\d+)\s*%\s*(?:of )?(?:stretch )?(?:or less|at most|max|oder weniger|ou moins)/iu';

    private const LEAST = '/(?:at least|min(?:imum)?|mindestens|au moins)\D{0,12}(\d+)\s*%|(\d+)\s*%\s*(?:of )?(?:stretch )?(?:or more|at least|min|oder mehr|ou plus)/iu';

    private const BETWEEN = '/(\d+)\s*%?\s*(?:-|–|to|bis|à)\s*(\d+)\s*%/iu';

    /**
     * @param  ?float  $leastPercent  of stretch; null where nothing is said
     * @param  ?float  $mostPercent  likewise
     */
    private function __construct(private string $text, public ?float $leastPercent, public ?float $mostPercent)
    {
    }

    public static function of(string $text): self
    {
        if (preg_match(self::BETWEEN, $text, $both) === 1) {
            return new self($text, (float) $both[1], (float) $both[2]);
        }

        return new self($text, self::figure(self::LEAST, $text), self::figure(self::MOST, $text));
    }

    /** Whether a kind of cloth is among them, by name. */
    public function names(FabricKind $kind): bool
    {
        return preg_match($kind === FabricKind::Knit ? self::KNITS : self::WOVENS, $this->text) === 1;
    }

    private static function figure(string $words, string $text): ?float
    {
        preg_match($words, $text, $found);
        $figures = array_values(array_filter(array_slice($found, 1), static fn (string $figure): bool => $figure !== ''));

        return $figures === [] ? null : (float) $figures[0];
    }
}
