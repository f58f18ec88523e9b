<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

use Underbolt\Measure\Length;
use Underbolt\PlainWords;

/** Something to buy beside the cloth, which may depend on the size, such as the length of a zip. */
final readonly class Notion
{
    /** How far the ends of an elastic lie on one another (common practice, no published source). */
    private const ELASTIC_MM = 25;

    /** What a belt needs to go through its buckle and be held (likewise). */
    private const BELT_MM = 150;

    /** @param  list<string>  $bySize  one for each size, empty where none is needed */
    public function __construct(public ?string $view, public string $name, public array $bySize)
    {
    }

    /** Whether the pattern prints nothing of it, for no size. */
    public function isUnprinted(): bool
    {
        return array_filter($this->bySize, static fn (string $one): bool => trim($one) !== '') === [];
    }

    /** By how much it is longer than the waist it lies round; null for what lies elsewhere, or is tied. */
    public function overlap(): ?Length
    {
        $says = fn (string $words): bool => preg_match("/\\b(?:{$words})/", PlainWords::plain($this->name)) === 1;
        $mm = match (true) {
            $says('sleeve|cuff|neck|leg|hem|ankle|tie|strap') => null,
            $says('elastic|gummi|elastique') => self::ELASTIC_MM,
            $says('belt|buckle|gurtel|ceinture') => self::BELT_MM,
            default => null,
        };

        return $mm === null ? null : Length::ofNanometres($mm * 1_000_000);
    }
}
