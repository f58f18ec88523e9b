<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\ByLevel;
use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthBySizeShape;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\WholeShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Paper\UsualLengths;

/** What the paper says about the side seam. */
final readonly class SeamKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<array<string, int>> */
        public Key $edges = new Key('edges', new ByLevel(new WholeShape(1, 40)), 'edges that share what is left over'),
        /** @var Key<array<string, int>> */
        public Key $nestEdges = new Key('nest_edges', new ByLevel(new WholeShape(1, 40)), 'edges between which the sizes differ on paper'),
        /** @var Key<Length|list<?Length>> */
        public Key $underarmToWaist = new Key('underarm_to_waist', new LengthBySizeShape(LengthKind::Along), 'one figure, or one for each size'),
        /** @var Key<Length> */
        public Key $shoulderToWaist = new Key('shoulder_to_waist', new LengthShape(LengthKind::Along)),
        /** @var Key<Length|list<?Length>> */
        public Key $waistToHip = new Key('waist_to_hip', new LengthBySizeShape(LengthKind::Along), 'one figure, or one for each size'),
        /** @var Key<Length|list<?Length>> */
        public Key $hipToHem = new Key('hip_to_hem', new LengthBySizeShape(LengthKind::Along), 'one figure, or one for each size'),
        /** @var Key<Length|list<?Length>> */
        public Key $waistToHemEdge = new Key('waist_to_hem_edge', new LengthBySizeShape(LengthKind::Below), 'one figure, or one for each size; with a minus where it ends above the waist'),
        /** @var Key<Length> */
        public Key $sleeveLength = new Key('sleeve_length', new LengthShape(LengthKind::Along)),
        /** @var Key<Length> */
        public Key $seamAllowance = new Key('seam_allowance', new LengthShape(LengthKind::Allowance)),
        /** @var Key<Length> */
        public Key $hemAllowance = new Key('hem_allowance', new LengthShape(LengthKind::Allowance)),
        /** @var Key<Length> */
        public Key $sleeveHemAllowance = new Key('sleeve_hem_allowance', new LengthShape(LengthKind::Allowance)),
        /** @var Key<list<UsualLengths>> */
        public Key $guessed = new Key('guessed', new ListShape(new WordShape(UsualLengths::class), 2, isSet: true), 'lengths that nobody has measured: usual ones, for a start'),
        /** @var Key<bool> */
        public Key $leans = new Key('leans', new FlagShape, 'more than 40 degrees, as on a flare: moves are square to it', usual: false),
    ) {
    }
}
