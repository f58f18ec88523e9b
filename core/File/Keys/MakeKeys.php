<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\ConstShape;
use Underbolt\File\Shape\DayShape;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\NamedShape;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\Stage;

/** The parts of a make file. */
final readonly class MakeKeys implements Keys
{
    use ListsKeys;

    public const FORMAT = 'underbolt/make';

    public const VERSION = 1;

    public const ROUND_A_BOARD = 'round_a_board';

    /** @var Key<string|int> */
    public Key $format;

    /** @var Key<string|int> */
    public Key $version;

    /** @var Key<Unit> */
    public Key $unit;

    /** @var Key<array<string, Length|bool|array<string, Length>>> */
    public Key $body;

    /** @var Key<array<string, list<Length>>> */
    public Key $readings;

    /** @var Key<string> */
    public Key $foundation;

    /** @var Key<Fields> */
    public Key $pattern;

    /** @var Key<Fields> */
    public Key $choices;

    /** @var Key<string> */
    public Key $name;

    /** @var Key<string> */
    public Key $note;

    /** @var Key<array<string, string>> */
    public Key $reached;

    /** @var Key<Fields> */
    public Key $fitting;

    /** @var Key<Fields> */
    public Key $verdict;

    /** @var Key<Fields> */
    public Key $cloth;

    public function __construct()
    {
        $points = array_column(Point::cases(), null, 'value');
        $measures = array_map(static fn (Point $point): LengthShape => new LengthShape($point->kind()), $points);
        $tries = array_map(static fn (LengthShape $try): ListShape => new ListShape($try, Readings::MOST_TRIES), $measures);
        $this->format = new Key(
            'format',
            new ConstShape(self::FORMAT, 'must be "'.self::FORMAT.'"; is this another kind of file?'),
            isRequired: true,
        );
        $this->version = new Key(
            'version',
            new ConstShape(self::VERSION, 'must be '.self::VERSION.', the version this program reads'),
            isRequired: true,
        );
        $this->unit = new Key('unit', new WordShape(Unit::class), 'what plain numbers are in', isRequired: true);
        $this->body = new Key(
            'body',
            new NamedShape([...$measures, 'hand' => self::hand(), self::ROUND_A_BOARD => new FlagShape]),
            'one figure for each point: the measure; under `hand` how far the readings of whoever measured lie apart, by point; `round_a_board`: whether the hip was measured round one',
            isRequired: true,
        );
        $this->readings = new Key(
            'readings',
            new NamedShape($tries),
            'the tries behind a measure: where a point has some, its measure is taken from them',
        );
        $this->foundation = new Key('foundation', new TextShape(orEmpty: true), 'what was worn for it');
        $this->pattern = new Key('pattern', new ObjectShape(new PatternKeys), isRequired: true);
        $this->choices = new Key('choices', new ObjectShape(new ChoicesKeys));
        $this->name = new Key('name', new TextShape(orEmpty: true), 'of the make');
        $this->note = new Key('note', new TextShape(orEmpty: true), 'one sentence on it');
        $stages = array_fill_keys(array_column(Stage::cases(), 'value'), new DayShape);
        $this->reached = new Key('reached', new NamedShape($stages), 'how far the make has come, each with its day');
        $this->fitting = new Key('fitting', new ObjectShape(new FittingKeys), 'tracings and what was found on them');
        $this->verdict = new Key('verdict', new ObjectShape(new VerdictKeys), 'after wearing');
        $this->cloth = new Key('cloth', new ObjectShape(new ClothKeys));
    }

    /** @return NamedShape<Length> how far the readings of a hand lie apart, by point */
    public static function hand(): NamedShape
    {
        return new NamedShape(array_map(static fn (Point $point): LengthShape => new LengthShape(LengthKind::Allowance), array_column(Point::cases(), null, 'value')));
    }
}
