<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\CupRowsShape;
use Underbolt\File\Shape\EntriesShape;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;
use Underbolt\Pattern\Cups\CupMeasure;

/** What a pattern says about cups: its rule, rules by envelope, and the bust rows by cup. */
final readonly class CupsKeys implements Keys
{
    use ListsKeys;

    /** @var Key<CupMeasure> */
    public Key $measure;

    /** @var Key<list<Fields>> */
    public Key $table;

    /** @var Key<array<string, Fields>> */
    public Key $byRange;

    /** @var Key<array<string, Node>> */
    public Key $bodyChart;

    /** @var Key<array<string, Node>> */
    public Key $finished;

    public function __construct()
    {
        $rule = new CupRuleKeys;
        $this->measure = $rule->measure;
        $this->table = $rule->table;
        $this->byRange = new Key('by_range', new EntriesShape(new ObjectShape($rule)), 'the rule of one envelope, by its name');
        $this->bodyChart = new Key('body_chart', new CupRowsShape(hasRanges: true), 'the bust row of the chart, by cup');
        $this->finished = new Key('finished', new CupRowsShape, 'the finished bust row, by cup');
    }
}
