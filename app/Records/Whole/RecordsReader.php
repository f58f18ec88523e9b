<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\Card;
use App\Models\Hand;
use App\Models\HandPoint;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\User;
use App\Models\Wearer;
use App\Records\AccountLimits;
use App\Uploads\UnreadableUpload;
use Closure;
use Generator;
use stdClass;
use Throwable;
use Underbolt\Altering\PaperWay;
use Underbolt\File\CardLine;
use Underbolt\File\NestLines;
use Underbolt\Measure\Point;
use Underbolt\Measure\PointSet;
use Underbolt\Measure\Unit;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Paper\PageFormat;

/**
 * Reads a file that holds everything, and looks at each record before it is believed: what comes out can be kept as it is.
 * A drawing comes by itself, after its pattern.
 *
 * @phpstan-import-type KeptNest from NestLines
 * @phpstan-import-type KeptHand from HandPoint
 */
final class RecordsReader
{
    private const LONGEST_NAME = 120;

    private const LONGEST_NOTES = 4_000;

    private const LONGEST_FIGURE = 60;

    private const MOST_ANSWERS = 60;

    /** Of practice: more than any exercise moves to. */
    private const LAST_BOX = 20;

    private const MOST_EXERCISES = 60;

    /** Steps and stages of a make. */
    private const MOST_DONE = 300;

    /** @var array<string, int> how many of each kind */
    private array $count = [];

    /** @var list<int> how many cards each wearer has */
    private array $cards = [];

    /** @var array<string, array<string, Closure(mixed): ?string>> of each kind of record, made once */
    private readonly array $rules;

    private function __construct(private readonly RecordsZip $zip)
    {
        $unit = Kept::caseOf(Unit::class);
        $name = Kept::name();
        $flag = Kept::flag();
        $foundation = Kept::words(CardLine::LONGEST_FOUNDATION);
        $words = Kept::words(self::LONGEST_NAME);
        $this->rules = [
            'account' => ['unit' => $unit, 'paper' => Kept::caseOf(PageFormat::class), 'drawn_on?' => Kept::maybe(Kept::caseOf(PageFormat::class)), 'to_cloth' => Kept::caseOf(PaperWay::class), 'practice' => Kept::document()],
            'box' => ['box' => Kept::whole(0, self::LAST_BOX), 'due' => Kept::date()],
            'hand' => ['name' => $name, 'points' => Kept::typed()],
            'house' => ['name' => $name, 'unit' => $unit, 'habits' => Kept::typed(), 'is_demo?' => $flag],
            'wearer' => [
                'name' => $name, 'notes' => Kept::words(self::LONGEST_NOTES), 'unit' => Kept::maybe($unit), 'archived_at' => Kept::maybe(Kept::moment()),
                'agreed_on' => Kept::maybe(Kept::day()), 'sizes_hidden' => $flag, 'wardrobe?' => Kept::typed(), 'is_demo?' => $flag,
            ],
            'card' => [
                'taken_on' => Kept::day(), 'foundation' => $foundation, 'measured_by?' => $foundation, 'point_set' => Kept::caseOf(PointSet::class),
                'answers' => Kept::texts(self::MOST_ANSWERS, self::LONGEST_FIGURE), 'round_a_board?' => $flag,
            ],
            'reading' => [
                'point' => Kept::caseOf(Point::class), 'attempt' => Kept::whole(1, 9), 'text' => Kept::words(self::LONGEST_FIGURE), 'unit' => $unit, 'picked' => $flag,
            ],
            'pattern' => ['name' => $name, 'house' => $words, 'unit' => $unit, 'document' => Kept::typed(), 'company' => Kept::company(AccountLimits::WEARERS_OF_A_COMPANY), 'is_demo?' => $flag],
            'drawing' => ['piece' => Kept::oneOf(DrawnPiece::ALL), 'name' => $words, 'marks' => Kept::typed()],
            'make' => [
                'unit' => $unit, 'name' => $words, 'note' => $words, 'begun' => Kept::maybe(Kept::moment()), 'choices' => Kept::typed(), 'fitting' => Kept::typed(),
                'verdict' => Kept::typed(), 'cloth' => Kept::typed(), 'done' => Kept::each(Kept::maybe(Kept::words(self::LONGEST_FIGURE)), self::MOST_DONE), 'extras' => Kept::document(),
            ],
        ];
    }

    /**
     * @return Generator<string> a line of JSON for each record: its kind, and what it keeps
     *
     * @throws UnreadableUpload
     */
    public static function lines(string $path): Generator
    {
        foreach ((new self(new RecordsZip($path)))->records() as $record) {
            yield json_encode($record, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)."\n";
        }
    }

    /** @return Generator<array{string, array<string, mixed>}> */
    private function records(): Generator
    {
        foreach ($this->zip->records() as [$kind, $record]) {
            $this->count[$kind] = ($this->count[$kind] ?? 0) + 1;
            $most = AccountLimits::most($kind) ?? throw RecordsZip::unreadable();
            if ($this->count[$kind] > $most) {
                throw new UnreadableUpload("There are more than {$most} {$kind}s in this file, more than any workroom has.");
            }
            $where = ucfirst($kind).' '.$this->count[$kind];
            if ($kind === 'pattern') {
                yield from $this->pattern($record, $where);

                continue;
            }
            yield [$kind, match ($kind) {
                'account' => $this->account($record),
                'hand' => $this->hand($record, $where),
                'house' => Kept::of($record, House::KEPT, $where, $this->rules['house']),
                'wearer' => $this->wearer($record, $where),
                default => $this->make($record, $where),
            }];
        }
    }

    /** @return array<string, mixed> */
    private function account(mixed $account): array
    {
        $held = Kept::of($account, User::SETTINGS, 'The account', $this->rules['account']);
        $boxes = $held['practice'] instanceof stdClass ? get_object_vars($held['practice']) : [];
        foreach ($boxes as $exercise => $box) {
            Kept::of($box, [], "The account, practice {$exercise}", $this->rules['box']);
        }

        return count($boxes) <= self::MOST_EXERCISES ? $held : throw RecordsZip::unreadable();
    }

    /** @return array<string, mixed> */
    private function hand(mixed $hand, string $where): array
    {
        $held = Kept::of($hand, ['name', 'points'], $where, $this->rules['hand']);
        try {
            /** @var array<string, KeptHand> $points */
            $points = json_decode((string) json_encode($held['points']), true);
            // A hand that can't be read is none.
            Hand::of(self::text($held, 'name'), $points);
        } catch (Throwable) {
            throw new UnreadableUpload("{$where} can't be read.");
        }

        return $held;
    }

    /** @return array<string, mixed> with its cards */
    private function wearer(mixed $wearer, string $where): array
    {
        $held = Kept::of($wearer, Wearer::KEPT, $where, $this->rules['wearer']);
        $cards = self::listed($wearer, 'cards', $where, AccountLimits::CARDS_OF_A_WEARER);
        $this->cards[] = count($cards);
        $held['cards'] = array_map(fn (stdClass $card, int $at): array => $this->card($card, "{$where}, card ".($at + 1)), $cards, array_keys($cards));

        return $held;
    }

    /** @return array<string, mixed> with its readings */
    private function card(stdClass $card, string $where): array
    {
        $held = Kept::of($card, Card::KEPT, $where, $this->rules['card']);
        $readings = [];
        foreach (self::listed($card, 'readings', $where, AccountLimits::READINGS_OF_A_CARD) as $reading) {
            $one = $this->reading($reading, $where);
            $key = self::text($one, 'point').' '.self::text($one, 'attempt');
            $readings[$key] = isset($readings[$key]) ? throw new UnreadableUpload("{$where}: a reading stands twice.") : $one;
        }

        return [...$held, 'readings' => array_values($readings)];
    }

    /** @return array<string, mixed> */
    private function reading(stdClass $reading, string $where): array
    {
        $held = Kept::of($reading, Reading::KEPT, $where, $this->rules['reading']);
        $point = Point::from(self::text($held, 'point'));
        try {
            // What the text means, whatever the file says of it.
            $held['nanometres'] = $point->read(self::text($held, 'text'), Unit::from(self::text($held, 'unit')))->nanometres;
        } catch (Throwable) {
            throw new UnreadableUpload("{$where}: \"".self::text($held, 'text')."\" is no {$point->words()}.");
        }

        return $held;
    }

    /** @return Generator<array{string, array<string, mixed>}> the pattern, and each of its drawings */
    private function pattern(mixed $pattern, string $where): Generator
    {
        $held = Kept::of($pattern, Pattern::KEPT, $where, $this->rules['pattern']);
        yield ['pattern', $held];
        $nests = $pattern instanceof stdClass && is_array($pattern->nests ?? null) ? $pattern->nests : [];
        if (count($nests) > count(DrawnPiece::ALL)) {
            throw new UnreadableUpload("{$where}: a drawing stands twice.");
        }
        $pieces = [];
        foreach ($nests as $nest) {
            $drawing = $this->nest(is_string($nest) ? $this->zip->drawing($nest) : $nest, "{$where}, a drawing");
            $pieces[] = self::text($drawing, 'piece');
            yield ['drawing', $drawing];
        }
        if ($pieces !== array_unique($pieces)) {
            throw new UnreadableUpload("{$where}: a drawing stands twice.");
        }
    }

    /** @return array<string, mixed> its drawing packed, in letters that JSON can carry */
    private function nest(mixed $nest, string $where): array
    {
        $held = Kept::of($nest, Nest::KEPT, $where, $this->rules['drawing']);
        try {
            /** @var KeptNest $kept */
            $kept = json_decode((string) json_encode($held['drawing'] ?? null, JSON_PRESERVE_ZERO_FRACTION), true);
            // A drawing that can't be drawn is none.
            NestLines::drawing($kept);
        } catch (Throwable) {
            throw new UnreadableUpload("{$where} can't be read.");
        }

        return ['drawing' => base64_encode(Nest::packed($kept))] + $held;
    }

    /** @return array<string, mixed> with the places of its card and its pattern, and when it was begun */
    private function make(mixed $make, string $where): array
    {
        $held = Kept::of($make, [...Make::KEPT, 'begun', 'wearer', 'card', 'pattern'], $where, $this->rules['make']);
        [$card, $pattern] = [$held['card'], $held['pattern']];
        $cards = is_int($held['wearer']) ? $this->cards[$held['wearer']] ?? 0 : 0;
        if (! is_int($card) || $card < 0 || $card >= $cards || ! is_int($pattern) || $pattern < 0 || $pattern >= ($this->count['pattern'] ?? 0)) {
            throw new UnreadableUpload("{$where} is of a card or a pattern that is not in the file.");
        }

        return $held;
    }

    /** @return list<stdClass> */
    private static function listed(mixed $of, string $key, string $where, int $most): array
    {
        $list = $of instanceof stdClass ? $of->{$key} ?? null : null;
        $records = is_array($list) ? array_values(array_filter($list, static fn (mixed $one): bool => $one instanceof stdClass)) : [];

        return is_array($list) && count($records) === count($list) && count($list) <= $most ? $records : throw new UnreadableUpload("{$where}: the list of {$key} can't be read.");
    }

    /** @param  array<string, mixed>  $held */
    private static function text(array $held, string $key): string
    {
        $text = $held[$key] ?? '';

        return is_scalar($text) ? (string) $text : '';
    }
}
