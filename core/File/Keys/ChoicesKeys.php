<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\Altering\AdjustmentMethod;
use Underbolt\Altering\PaperWay;
use Underbolt\Altering\Spread;
use Underbolt\Altering\Take;
use Underbolt\Altering\ToHem;
use Underbolt\Altering\TrueSeams;
use Underbolt\Altering\TryFirst;
use Underbolt\Altering\WorkOrder;
use Underbolt\File\Shape\ByLevel;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\UsualLength;
use Underbolt\File\Shape\WholeShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Asked\Pick;
use Underbolt\Seam\BlendShape;
use Underbolt\Sizing\EaseSchool;

/** What the sewist decided for one make. */
final readonly class ChoicesKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $range = new Key('range', new TextShape),
        /** @var Key<BetweenRule> */
        public Key $between = new Key('between', new WordShape(BetweenRule::class), 'the pattern\'s own rule where it has one and none is chosen', usual: BetweenRule::Up),
        /** @var Key<Lead> */
        public Key $lead = new Key('lead', new WordShape(Lead::class)),
        /** @var Key<EaseSchool> */
        public Key $ease = new Key('ease', new WordShape(EaseSchool::class)),
        /** @var Key<Pick> */
        public Key $pick = new Key('pick', new WordShape(Pick::class)),
        /** @var Key<array<string, Length>> */
        public Key $likedEase = new Key('liked_ease', new ByLevel(new LengthShape(LengthKind::Ease))),
        /** @var Key<array<string, Length>> */
        public Key $leastEase = new Key('least_ease', new ByLevel(new LengthShape(LengthKind::Ease))),
        /** @var Key<array<string, Length>> */
        public Key $ownGarment = new Key(
            'own_garment',
            new ByLevel(new LengthShape(LengthKind::Panel)),
            'flat widths of a garment that fits well: twice that, less the body, is the ease liked',
        ),
        /** @var Key<array<string, string>> */
        public Key $sizes = new Key('sizes', new ByLevel(new TextShape), 'clips set by hand'),
        /** @var Key<int> */
        public Key $largestStep = new Key('largest_step', new WholeShape(0, Pattern::MOST_SIZES), usual: 1),
        /** @var Key<BlendShape> */
        public Key $blend = new Key('blend', new WordShape(BlendShape::class), usual: BlendShape::Curved),
        /** @var Key<Length> */
        public Key $dwell = new Key(
            'dwell',
            new LengthShape(LengthKind::Allowance),
            'how far below the waist the line leaves the waist size; 2.5 cm or 1 in where it is left out',
            usual: new UsualLength(2.5, 1),
        ),
        /** @var Key<Length> */
        public Key $stationEvery = new Key('station_every', new LengthShape(LengthKind::Along), usual: new UsualLength(2.5, 1)),
        /** @var Key<string> */
        public Key $view = new Key('view', new TextShape),
        /** @var Key<string> */
        public Key $fit = new Key('fit', new TextShape),
        /** @var Key<array<string, int>> */
        public Key $frontLarger = new Key(
            'front_larger',
            new ByLevel(new WholeShape(-3, 3)),
            'by so many sizes; front and back further apart are no longer one garment',
        ),
        /** @var Key<array<string, Length>> */
        public Key $centreBack = new Key(
            'centre_back',
            new ByLevel(new LengthShape(LengthKind::Ease)),
            'what the centre back takes alone of what is left over',
        ),
        /** @var Key<WorkOrder> */
        public Key $order = new Key('order', new WordShape(WorkOrder::class)),
        /** @var Key<Fields> */
        public Key $weights = new Key('weights', new ObjectShape(new WeightsKeys)),
        /** @var Key<array<string, Take>> */
        public Key $take = new Key('take', new ByLevel(new WordShape(Take::class)), 'what becomes of what is left over'),
        /** @var Key<array<string, Fields>> */
        public Key $byHand = new Key(
            'by_hand',
            new ByLevel(new ObjectShape(new SidesKeys)),
            'what a fitting found, for each side edge, outward positive',
        ),
        /** @var Key<Fields> */
        public Key $lengths = new Key('lengths', new ObjectShape(new LengthsKeys), 'changes of length set by hand; 0 declines one'),
        /** @var Key<AdjustmentMethod> */
        public Key $method = new Key('method', new WordShape(AdjustmentMethod::class)),
        /** @var Key<Spread> */
        public Key $spread = new Key('spread', new WordShape(Spread::class), 'where what slashing adds at the waist goes', usual: Spread::Dart),
        /** @var Key<ToHem> */
        public Key $toHem = new Key('to_hem', new WordShape(ToHem::class), 'what becomes below the last level of what is changed there; left out, only what goes outward stays'),
        /** @var Key<TrueSeams> */
        public Key $trueSeams = new Key('true_seams', new WordShape(TrueSeams::class), 'what is done where front or back seam comes out longer on the pattern\'s own lines; left out, it is told'),
        /** @var Key<PaperWay> */
        public Key $paper = new Key('paper', new WordShape(PaperWay::class), 'how the line gets to the cloth', usual: PaperWay::Trace),
        /** @var Key<bool> */
        public Key $sleeveFirst = new Key('sleeve_first', new FlagShape, 'whether the sleeve\'s steps come before the body\'s', usual: false),
        /** @var Key<TryFirst> */
        public Key $tryFirst = new Key('try_first', new WordShape(TryFirst::class), 'what is cut and tried on before the cloth; left out, it is advised'),
        /** @var Key<bool> */
        public Key $adjustBust = new Key(
            'adjust_bust',
            new FlagShape,
            'whether the bust is adjusted to its frame though full bust or cup leads',
            usual: false,
        ),
    ) {
    }
}
