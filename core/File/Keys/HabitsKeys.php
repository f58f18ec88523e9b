<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\EntriesShape;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartMeaning;

/** What all patterns of one house share: the same keys as a pattern's own. */
final readonly class HabitsKeys implements Keys
{
    use ListsKeys;

    /** @var Key<ChartMeaning> */
    public Key $chartMeans;

    /** @var Key<BetweenRule> */
    public Key $between;

    /** @var Key<string> */
    public Key $draftedCup;

    /** @var Key<Fields> */
    public Key $cups;

    /** @var Key<Length> */
    public Key $seamAllowance;

    /** @var Key<Length> */
    public Key $hemAllowance;

    /** @var Key<array<string, string>> */
    public Key $rowWords;

    /** @var Key<array<string, Length>> */
    public Key $frontWidths;

    public function __construct()
    {
        $this->frontWidths = new Key('front_widths', new EntriesShape(new LengthShape(LengthKind::Along)), 'its front widths by the name of the size, offered to each of its patterns');
        $this->rowWords = new Key('row_words', new EntriesShape(new TextShape), 'where the rows of its charts go, by the words it calls them');
        $pattern = new PatternKeys;
        $this->chartMeans = $pattern->chartMeans;
        $this->between = $pattern->between;
        $this->cups = $pattern->cups;
        $this->draftedCup = (new RangeKeys)->draftedCup;
        $this->seamAllowance = (new SeamKeys)->seamAllowance;
        $this->hemAllowance = (new SeamKeys)->hemAllowance;
    }
}
