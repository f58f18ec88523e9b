<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\ByLevel;
use Underbolt\File\Shape\ChartShape;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartMeaning;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Paper\CutAs;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Paper\LengthenLine;
use Underbolt\Pattern\Pattern;

/** What was bought: sizes, charts, and what the paper says. */
final readonly class PatternKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, usual: ''),
        /** @var Key<string> */
        public Key $house = new Key('house', new TextShape(orEmpty: true)),
        /** @var Key<Garment> */
        public Key $garment = new Key('garment', new WordShape(Garment::class)),
        /** @var Key<Fields> */
        public Key $fabric = new Key('fabric', new ObjectShape(new FabricKeys)),
        /** @var Key<list<string>> */
        public Key $sizes = new Key(
            'sizes',
            new ListShape(new TextShape, Pattern::MOST_SIZES, least: 1, isSet: true),
            'the smallest first',
            isRequired: true,
        ),
        /** @var Key<list<string>> */
        public Key $alsoCalled = new Key(
            'also_called',
            new ListShape(new TextShape(orEmpty: true), Pattern::MOST_SIZES, hasGaps: true),
            'second names of the sizes, as other countries have them; one for each size',
        ),
        /** @var Key<list<Fields>> */
        public Key $ranges = new Key(
            'ranges',
            new ListShape(new ObjectShape(new RangeKeys), Pattern::MOST_SIZES),
            'envelopes; those that share a draft were drawn as one set of lines',
        ),
        /** @var Key<ChartMeaning> */
        public Key $chartMeans = new Key('chart_means', new WordShape(ChartMeaning::class)),
        /** @var Key<BetweenRule> */
        public Key $between = new Key('between', new WordShape(BetweenRule::class)),
        /** @var Key<array<string, Node>> */
        public Key $bodyChart = new Key(
            'body_chart',
            new ChartShape,
            'rows of one figure for each size, null where none is printed; over sizes drawn together they rise',
            isRequired: true,
        ),
        /** @var Key<array<string, Node>> */
        public Key $finished = new Key('finished', new ChartShape(isFinished: true)),
        /** @var Key<Fields> */
        public Key $cups = new Key('cups', new ObjectShape(new CupsKeys)),
        /** @var Key<list<string>> */
        public Key $views = new Key('views', new ListShape(new TextShape, 40)),
        /** @var Key<list<string>> */
        public Key $fits = new Key('fits', new ListShape(new TextShape, 40)),
        /** @var Key<list<Fields>> */
        public Key $finishedBy = new Key(
            'finished_by',
            new ListShape(new ObjectShape(new FinishedForKeys), 40),
            'finished figures of one view, fit or cup',
        ),
        /** @var Key<array<string, Fields>> */
        public Key $flatChecks = new Key(
            'flat_checks',
            new ByLevel(new ObjectShape(new FlatCheckKeys), ['bicep']),
            'the tissue of one size measured at a level; at the bicep one sleeve\'s',
        ),
        /** @var Key<array<string, Weight>> */
        public Key $levels = new Key('levels', new ByLevel(new WordShape(Weight::class))),
        /** @var Key<Fields> */
        public Key $seam = new Key('seam', new ObjectShape(new SeamKeys)),
        /** @var Key<Fields> */
        public Key $lengths = new Key('lengths', new ObjectShape(new PrintedLengthsKeys)),
        /** @var Key<list<Fields>> */
        public Key $pieces = new Key('pieces', new ListShape(new ObjectShape(new PieceKeys), 60)),
        /** @var Key<list<Fields>> */
        public Key $places = new Key('places', new ListShape(new ObjectShape(new PlaceKeys), 60), 'slits, notches, pockets, pleats: told where a length or a blend moves them'),
        /** @var Key<list<Fields>> */
        public Key $fabricNeeds = new Key('fabric_needs', new ListShape(new ObjectShape(new FabricNeedKeys), 60)),
        /** @var Key<list<Fields>> */
        public Key $notions = new Key('notions', new ListShape(new ObjectShape(new NotionKeys), 60)),
        /** @var Key<string> */
        public Key $cloths = new Key('cloths', new TextShape(orEmpty: true), 'recommended cloths, as printed', usual: ''),
        /** @var Key<list<Fields>> */
        public Key $files = new Key('files', new ListShape(new ObjectShape(new PatternFileKeys), 60)),
        /** @var Key<list<LengthenLine>> */
        public Key $lengthenLines = new Key('lengthen_lines', new ListShape(new WordShape(LengthenLine::class), 60)),
        /** @var Key<bool> */
        public Key $pulledOn = new Key('pulled_on', new FlagShape, usual: false),
        /** @var Key<array<string, Length>> */
        public Key $leastEase = new Key('least_ease', new ByLevel(new LengthShape(LengthKind::Ease))),
        /** @var Key<CutAs> */
        public Key $cutAs = new Key(
            'cut_as',
            new WordShape(CutAs::class),
            'how it is meant to be cut; a boxy garment in one size',
            usual: CutAs::Blended,
        ),
    ) {
    }
}
