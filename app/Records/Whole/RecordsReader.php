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
use Generator;
use Illuminate\Validation\Rule;
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

    private readonly Kept $kept;

    /** @var array<string, int> how many of each kind */
    private array $count = [];

    /** @var list<int> how many cards each wearer has */
    private array $cards = [];

    private function __construct(private readonly RecordsZip $zip)
    {
        $this->kept = new Kept;
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
                'house' => $this->kept->of($record, House::KEPT, $where, ['name' => Kept::name(), 'unit' => Kept::unit(), 'habits' => Kept::typed(), 'is_demo' => ['boolean']]),
                'wearer' => $this->wearer($record, $where),
                default => $this->make($record, $where),
            }];
        }
    }

    /** @return array<string, mixed> */
    private function account(mixed $account): array
    {
        if ($account instanceof stdClass) {
            $account->practice = json_decode((string) json_encode($account->practice ?? []), true);
        }
        $held = $this->kept->of($account, User::SETTINGS, 'The account', [
            'unit' => Kept::unit(), 'paper' => ['required', Rule::enum(PageFormat::class)], 'to_cloth' => ['required', Rule::enum(PaperWay::class)],
            'practice' => ['present', 'array', 'max:60'], 'practice.*' => ['array:box,due'], 'practice.*.box' => ['required', 'integer', 'between:0,20'], 'practice.*.due' => ['required', 'date_format:Y-m-d'],
        ]);

        return ['practice' => (object) (is_array($held['practice']) ? $held['practice'] : [])] + $held;
    }

    /** @return array<string, mixed> */
    private function hand(mixed $hand, string $where): array
    {
        $held = $this->kept->of($hand, ['name', 'points'], $where, ['name' => Kept::name(), 'points' => Kept::typed()]);
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
        $held = $this->kept->of($wearer, Wearer::KEPT, $where, [
            'name' => Kept::name(), 'notes' => Kept::words(self::LONGEST_NOTES), 'unit' => ['nullable', Rule::enum(Unit::class)], 'archived_at' => Kept::moment(),
            'agreed_on' => ['sometimes', 'nullable', ...Kept::day()], 'sizes_hidden' => ['required', 'boolean'], 'wardrobe' => ['sometimes', ...Kept::typed()], 'is_demo' => ['boolean'],
        ]);
        $cards = self::listed($wearer, 'cards', $where, AccountLimits::CARDS_OF_A_WEARER);
        $this->cards[] = count($cards);
        $held['cards'] = array_map(fn (stdClass $card, int $at): array => $this->card($card, "{$where}, card ".($at + 1)), $cards, array_keys($cards));

        return $held;
    }

    /** @return array<string, mixed> with its readings */
    private function card(stdClass $card, string $where): array
    {
        $held = $this->kept->of($card, Card::KEPT, $where, [
            'taken_on' => ['required', ...Kept::day()], 'foundation' => Kept::words(CardLine::LONGEST_FOUNDATION), 'measured_by' => ['sometimes', ...Kept::words(CardLine::LONGEST_FOUNDATION)],
            'point_set' => ['required', Rule::enum(PointSet::class)], 'answers' => ['present', 'array', 'max:60'], 'answers.*' => ['string', 'max:60'], 'round_a_board' => ['sometimes', 'boolean'],
        ]);
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
        $held = $this->kept->of($reading, Reading::KEPT, $where, [
            'point' => ['required', Rule::enum(Point::class)], 'attempt' => ['required', 'integer', 'between:1,9'], 'text' => ['required', 'string', 'max:60'],
            'unit' => Kept::unit(), 'picked' => ['required', 'boolean'],
        ]);
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
        $held = $this->kept->of($pattern, Pattern::KEPT, $where, [
            'name' => Kept::name(), 'house' => Kept::words(self::LONGEST_NAME), 'unit' => Kept::unit(),
            'document' => Kept::typed(), 'company' => Kept::document(), 'is_demo' => ['boolean'],
        ]);
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
        $held = $this->kept->of($nest, Nest::KEPT, $where, ['piece' => ['required', Rule::in(DrawnPiece::ALL)], 'name' => Kept::words(self::LONGEST_NAME), 'marks' => Kept::typed()]);
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
        $words = Kept::words(self::LONGEST_NAME);
        $held = $this->kept->of($make, [...Make::KEPT, 'begun', 'wearer', 'card', 'pattern'], $where, [
            'unit' => Kept::unit(), 'name' => $words, 'note' => $words, 'begun' => Kept::moment(), 'wearer' => ['required', 'integer'], 'card' => ['required', 'integer'], 'pattern' => ['required', 'integer'],
            ...array_fill_keys(['choices', 'fitting', 'verdict', 'cloth'], Kept::typed()), ...array_fill_keys(['done', 'extras'], Kept::document()),
        ]);
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
