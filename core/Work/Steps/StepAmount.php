<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;

/** An amount as it is applied, with its place. */
final readonly class StepAmount
{
    public const ACROSS = 'across';

    public const AT_NOTCH = 'each side notch';

    /**
     * @param  string  $at  where on the garment, such as `waist`
     * @param  string  $piece  which pieces, in words
     * @param  string  $edge  which of their edges, such as `each edge`
     * @param  Length  $amount  the one that hands apply; outward or longer above 0
     * @param  positive-int  $per  how many edges get it
     * @param  bool  $isHeight  whether the edge goes up or down
     */
    public function __construct(public string $at, public string $piece, public string $edge, public Length $amount, public int $per = 1, private bool $isHeight = false)
    {
    }

    /**
     * @return 'out'|'in'|'longer'|'shorter'|'up'|'down'
     *
     * Which way, in a word: paper gets longer or shorter, an edge goes out or in, a neckline or an armhole up or down.
     */
    public function way(): string
    {
        if ($this->isHeight) {
            return $this->amount->isPositive() ? 'up' : 'down';
        }
        $isLength = in_array($this->edge, [self::ACROSS, self::AT_NOTCH], true);

        return $this->amount->isPositive() ? ($isLength ? 'longer' : 'out') : ($isLength ? 'shorter' : 'in');
    }

    public function total(): Length
    {
        return Length::ofNanometres($this->amount->nanometres * $this->per);
    }
}
