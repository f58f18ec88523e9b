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
use App\Models\Wearer;
use App\Uploads\UnreadableUpload;
use Closure;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use stdClass;
use Throwable;
use Underbolt\File\CardLine;
use Underbolt\File\NestLines;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\PointSet;
use Underbolt\Measure\Unit;
use Underbolt\Nest\DrawnPiece;
use ZipArchive;

/**
 * Reads the records of a file that holds everything, and looks at each before it is believed.
 *
 * @phpstan-import-type KeptNest from NestLines
 * @phpstan-import-type KeptHand from HandPoint
 */
final class RecordsReader
{
    private const LARGEST_BYTES = 24_000_000;

    private const DEEPEST = 40;

    private const MOST = 10_000;

    private const LONGEST_NAME = 120;

    /** @throws UnreadableUpload */
    public static function read(string $path): KeptRecords
    {
        $zip = new ZipArchive;
        if ($zip->open($path) !== true) {
            throw new UnreadableUpload('This is no file of everything: choose the ZIP that was taken away under "Account".');
        }
        $stream = $zip->getStream('records.json');
        $json = $stream === false ? '' : (string) @stream_get_contents($stream, self::LARGEST_BYTES + 1);
        $zip->close();
        if ($json === '') {
            throw new UnreadableUpload('There is no records.json in this file: it was taken away by an older version. Its cards and makes can be read in one by one.');
        }
        $file = strlen($json) > self::LARGEST_BYTES ? null : json_decode($json, false, self::DEEPEST);
        if (! $file instanceof stdClass || ($file->format ?? null) !== RecordsFile::FORMAT) {
            throw new UnreadableUpload('The records in this file can\'t be read.');
        }
        if (($file->version ?? null) !== RecordsFile::VERSION) {
            throw new UnreadableUpload('This file was taken away by a newer version than this one: it can\'t be read here.');
        }
        $wearers = array_map(self::wearer(...), self::listed($file, 'wearers'), array_keys(self::listed($file, 'wearers')));
        $patterns = array_map(self::pattern(...), self::listed($file, 'patterns'), array_keys(self::listed($file, 'patterns')));

        return new KeptRecords(
            houses: array_map(self::house(...), self::listed($file, 'houses'), array_keys(self::listed($file, 'houses'))),
            wearers: $wearers,
            patterns: $patterns,
            makes: array_map(
                static fn (stdClass $make, int $at): KeptMake => self::make($make, $at, $wearers, $patterns),
                self::listed($file, 'makes'),
                array_keys(self::listed($file, 'makes')),
            ),
            hands: self::hands($file->hands ?? new stdClass),
        );
    }

    /**
     * @return array<string, array<string, KeptHand>>
     *
     * @throws UnreadableUpload
     */
    private static function hands(mixed $typed): array
    {
        try {
            /** @var array<string, array<string, KeptHand>> $hands */
            $hands = json_decode((string) json_encode($typed), true);
            foreach ($hands as $name => $points) {
                // A hand that can't be read is none.
                Hand::of($name, $points);
            }

            return $hands;
        } catch (Throwable) {
            throw new UnreadableUpload('The hands in this file can\'t be read.');
        }
    }

    private static function house(stdClass $house, int $at): KeptRecord
    {
        $held = self::held($house, House::KEPT, 'House '.($at + 1), ['name' => self::name(), 'unit' => self::unit(), 'habits' => self::document(), 'is_demo' => ['boolean']]);

        return new KeptRecord(self::text($held, 'name'), self::text($held, 'name'), $held);
    }

    private static function wearer(stdClass $wearer, int $at): KeptRecord
    {
        $where = 'Wearer '.($at + 1);
        $held = self::held($wearer, Wearer::KEPT, $where, [
            'name' => self::name(), 'notes' => ['present', 'nullable', 'string', 'max:4000'], 'unit' => ['nullable', Rule::enum(Unit::class)], 'archived_at' => ['nullable', 'date'],
            'agreed_on' => ['nullable', 'date_format:Y-m-d'], 'sizes_hidden' => ['required', 'boolean'], 'wardrobe' => ['sometimes', ...self::document()], 'is_demo' => ['boolean'],
        ]);
        $name = self::text($held, 'name');
        $cards = array_map(static fn (stdClass $card, int $number): KeptRecord => self::card($card, "{$where}, card ".($number + 1), $name), self::listed($wearer, 'cards'), array_keys(self::listed($wearer, 'cards')));

        return new KeptRecord($name, $name, $held, $cards);
    }

    private static function card(stdClass $card, string $where, string $name): KeptRecord
    {
        $held = self::held($card, Card::KEPT, $where, [
            'taken_on' => ['required', 'date_format:Y-m-d'], 'foundation' => ['present', 'nullable', 'string', 'max:'.CardLine::LONGEST_FOUNDATION],
            'measured_by' => ['nullable', 'string', 'max:'.CardLine::LONGEST_FOUNDATION],
            'point_set' => ['required', Rule::enum(PointSet::class)], 'answers' => ['present', 'array'], 'answers.*' => ['string', 'max:60'], 'round_a_board' => ['sometimes', 'boolean'],
        ]);
        $day = self::text($held, 'taken_on');
        $readings = array_map(static fn (stdClass $reading): KeptRecord => self::reading($reading, $where, $name), self::listed($card, 'readings'));
        if (count(array_unique(array_map(static fn (KeptRecord $reading): string => $reading->like, $readings))) < count($readings)) {
            throw new UnreadableUpload("{$where}: a reading stands twice.");
        }

        return new KeptRecord("{$day} ".self::text($held, 'foundation'), "{$name}, {$day}", $held, $readings);
    }

    private static function reading(stdClass $reading, string $where, string $name): KeptRecord
    {
        $held = self::held($reading, Reading::KEPT, $where, [
            'point' => ['required', Rule::enum(Point::class)], 'attempt' => ['required', 'integer', 'between:1,9'], 'text' => ['required', 'string', 'max:60'],
            'unit' => self::unit(), 'picked' => ['required', 'boolean'],
        ]);
        $point = Point::from(self::text($held, 'point'));
        // What the text means, whatever the file says of it.
        $held['nanometres'] = self::length($point, self::text($held, 'text'), Unit::from(self::text($held, 'unit')), $where)->nanometres;

        return new KeptRecord("{$point->value} ".self::text($held, 'attempt'), "{$name}, {$point->words()}", $held);
    }

    private static function length(Point $point, string $text, Unit $unit, string $where): Length
    {
        try {
            return $point->read($text, $unit);
        } catch (Throwable) {
            throw new UnreadableUpload("{$where}: \"{$text}\" is no {$point->words()}.");
        }
    }

    private static function pattern(stdClass $pattern, int $at): KeptRecord
    {
        $where = 'Pattern '.($at + 1);
        $held = self::held($pattern, Pattern::KEPT, $where, [
            'name' => self::name(), 'house' => ['present', 'nullable', 'string', 'max:'.Node::LONGEST_TEXT], 'unit' => self::unit(),
            'document' => self::document(), 'company' => self::document(), 'is_demo' => ['boolean'],
        ]);
        $name = self::text($held, 'name');
        $nests = array_map(static fn (stdClass $nest): KeptRecord => self::nest($nest, "{$where}, a drawing", $name), self::listed($pattern, 'nests'));
        $company = $held['company'] instanceof stdClass ? $held['company'] : new stdClass;
        unset($held['company']);

        return new KeptRecord("{$name} ".self::text($held, 'house'), $name, $held, $nests, $company);
    }

    private static function nest(stdClass $nest, string $where, string $pattern): KeptRecord
    {
        $held = self::held($nest, Nest::KEPT, $where, ['piece' => ['required', Rule::in(DrawnPiece::ALL)], 'name' => ['present', 'nullable', 'string', 'max:'.self::LONGEST_NAME], 'marks' => self::document()]);
        try {
            /** @var KeptNest $kept */
            $kept = json_decode((string) json_encode($held['drawing'] ?? null, JSON_PRESERVE_ZERO_FRACTION), true);
            // A drawing that can't be drawn is none.
            NestLines::drawing($kept);
        } catch (Throwable) {
            throw new UnreadableUpload("{$where} can't be read.");
        }

        return new KeptRecord(self::text($held, 'piece'), "{$pattern}, ".self::text($held, 'piece'), ['drawing' => Nest::packed($kept)] + $held);
    }

    /**
     * @param  list<KeptRecord>  $wearers
     * @param  list<KeptRecord>  $patterns
     */
    private static function make(stdClass $make, int $at, array $wearers, array $patterns): KeptMake
    {
        $where = 'Make '.($at + 1);
        $words = ['present', 'nullable', 'string', 'max:'.self::LONGEST_NAME];
        $documents = array_fill_keys(['choices', 'fitting', 'verdict', 'cloth', 'done', 'extras'], self::document());
        $held = self::held($make, Make::KEPT, $where, ['unit' => self::unit(), 'name' => $words, 'note' => $words, 'begun' => ['nullable', 'date'], ...$documents]);
        [$wearer, $card, $pattern] = [self::place($make->wearer ?? null), self::place($make->card ?? null), self::place($make->pattern ?? null)];
        if (! isset($wearers[$wearer]->inside[$card], $patterns[$pattern])) {
            throw new UnreadableUpload("{$where} is of a card or a pattern that is not in the file.");
        }
        $begun = $make->begun ?? null;

        return new KeptMake(new KeptRecord(self::text($held, 'name'), "{$wearers[$wearer]->name}, {$patterns[$pattern]->name}", $held), $wearer, $card, $pattern, is_string($begun) ? $begun : null);
    }

    /**
     * @param  list<string>  $kept
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, mixed> what such a record keeps, nothing as an empty text where a text is kept
     */
    private static function held(stdClass $record, array $kept, string $where, array $rules): array
    {
        $typed = get_object_vars($record);
        $validator = Validator::make($typed, $rules);
        if ($validator->fails()) {
            throw new UnreadableUpload("{$where}: ".$validator->errors()->first());
        }
        $held = [];
        foreach (array_intersect($kept, array_keys($typed)) as $key) {
            $held[$key] = $typed[$key] ?? (in_array('string', $rules[$key] ?? [], true) ? '' : null);
        }

        return $held;
    }

    /** @return list<mixed> */
    private static function name(): array
    {
        return ['required', 'string', 'max:'.Node::LONGEST_TEXT];
    }

    /** @return list<mixed> */
    private static function unit(): array
    {
        return ['required', Rule::enum(Unit::class)];
    }

    /** @return list<mixed> of a part that is an object, as a document is typed */
    private static function document(): array
    {
        return ['present', static function (string $attribute, mixed $value, Closure $fail): void {
            if (! $value instanceof stdClass) {
                $fail("the {$attribute} is no object.");
            }
        }];
    }

    /** @return list<stdClass> */
    private static function listed(stdClass $of, string $key): array
    {
        $list = $of->{$key} ?? null;
        $records = is_array($list) ? array_values(array_filter($list, static fn (mixed $one): bool => $one instanceof stdClass)) : [];

        return is_array($list) && count($records) === count($list) && count($list) <= self::MOST ? $records : throw new UnreadableUpload("The list of {$key} can't be read.");
    }

    /** @param  array<string, mixed>  $held */
    private static function text(array $held, string $key): string
    {
        $text = $held[$key] ?? '';

        return is_scalar($text) ? (string) $text : '';
    }

    private static function place(mixed $place): int
    {
        return is_int($place) ? $place : -1;
    }
}
