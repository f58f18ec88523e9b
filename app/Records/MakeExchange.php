<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Hand;
use App\Models\HandPoint;
use App\Models\Make;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;
use Throwable;
use Underbolt\File\CardLine;
use Underbolt\File\Keys\ClothKeys;
use Underbolt\File\Keys\FittingKeys;
use Underbolt\File\Keys\MakeKeys;
use Underbolt\File\Keys\VerdictKeys;
use Underbolt\File\MakeFile;
use Underbolt\File\MakeReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\Point;
use Underbolt\Planning\Asked\Make as CoreMake;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Wearing\Stage;

/** A make out to a file and in from one, everything as it was typed. */
final class MakeExchange
{
    /**
     * The file's unit is the pattern's, whose charts hold most of its figures.
     *
     * @return array<array-key, mixed>
     */
    public static function export(Make $make): array
    {
        $unit = $make->pattern->unit;
        $readings = [];
        foreach ($make->card->readings->sortBy('attempt') as $reading) {
            $readings[$reading->point->value][] = MakeFile::worded($reading->text, $reading->unit, $unit);
        }

        return MakeFile::compose(
            $unit,
            self::inTapeOrder($readings),
            array_map(static fn (HandPoint $at): string => $at->inFile(), Hand::called($make->user_id, $make->card->measured_by)->points ?? []),
            $make->card->round_a_board,
            $make->card->foundation,
            $make->pattern->named(),
            MakeFile::choices($make->choices, $make->unit, $unit),
            [
                'name' => $make->name,
                'note' => $make->note,
                'reached' => self::reached($make->done),
                'fitting' => MakeFile::part(new FittingKeys, $make->fitting, $make->unit, $unit),
                'verdict' => MakeFile::part(new VerdictKeys, $make->verdict, $make->unit, $unit),
                'cloth' => MakeFile::part(new ClothKeys, $make->cloth, $make->unit, $unit),
            ],
            $make->extras,
        );
    }

    /** The stages alone: what is ticked on a sheet is ticked for that sheet. */
    private static function reached(object $done): stdClass
    {
        return (object) array_intersect_key(get_object_vars($done), array_column(Stage::cases(), null, 'value'));
    }

    /**
     * Writes a wearer with one card, the pattern and the make; nothing where the file is at fault.
     *
     * @throws FaultyFile naming every fault
     * @throws Unplannable when no plan can be made from it
     */
    public static function import(User $user, string $json, string $wearer, CarbonImmutable $today): Make
    {
        $core = MakeReader::read($json);
        PlanBuilder::build($core);
        /** @var stdClass $file read without a fault, so it is an object with these parts */
        $file = json_decode($json, false, 64, JSON_THROW_ON_ERROR);

        DB::beginTransaction();
        try {
            $make = self::write($user, $file, $core, $wearer, $today);
            DB::commit();

            return $make;
        } catch (Throwable $reason) {
            DB::rollBack();
            throw $reason;
        }
    }

    private static function write(User $user, stdClass $file, CoreMake $core, string $wearer, CarbonImmutable $today): Make
    {
        $card = $user->measures($wearer, [
            'taken_on' => $today,
            'foundation' => self::name($file->foundation ?? null),
            'measured_by' => self::measuredBy($user, $wearer, MakeFile::hand($file, $core->unit)),
            'round_a_board' => (self::object($file->body ?? null)->{MakeKeys::ROUND_A_BOARD} ?? false) === true,
        ]);
        foreach (MakeFile::readings($file) as $code => $tries) {
            foreach ($tries as $index => $text) {
                $card->readings()->create([
                    'point' => $code,
                    'attempt' => $index + 1,
                    'text' => Str::trim($text),
                    'unit' => $core->unit,
                    'nanometres' => Point::from($code)->read($text, $core->unit)->nanometres,
                ]);
            }
        }
        $document = self::object($file->pattern ?? null);
        $pattern = $user->patterns()->create([
            'name' => $core->pattern->name === '' ? 'Pattern from a file' : self::name($core->pattern->name),
            'house' => self::name($document->house ?? null),
            'unit' => $core->unit,
            'document' => $document,
        ]);

        return $user->makes()->create([
            ...Make::heldBy($file),
            'card_id' => $card->id,
            'pattern_id' => $pattern->id,
            'unit' => $core->unit,
            'done' => self::object($file->reached ?? null),
            'extras' => MakeFile::extras($file),
        ]);
    }

    /**
     * Whoever measured for a file is kept among the hands, without a name but for whom they measured.
     *
     * @param  array<string, string>  $spreads  by point
     */
    private static function measuredBy(User $user, string $wearer, array $spreads): string
    {
        if ($spreads === []) {
            return '';
        }
        $points = array_map(static fn (string $spread): array => ['spread' => $spread], $spreads);
        // Room is left for a number: no card takes a longer name.
        $name = $first = mb_strimwidth("Whoever measured {$wearer}", 0, CardLine::LONGEST_FOUNDATION - 8, '…');
        for ($number = 2; isset($user->hands[$name]) && $user->hands[$name] !== $points; $number++) {
            $name = "{$first}, {$number}";
        }
        Hand::keep($user, $name, $points);

        return $name;
    }

    private static function object(mixed $typed): stdClass
    {
        return $typed instanceof stdClass ? $typed : new stdClass;
    }

    /** As a form would take it, without blanks at its ends. */
    private static function name(mixed $typed): string
    {
        return is_string($typed) ? Str::trim($typed) : '';
    }

    /**
     * @param  array<string, list<string>>  $readings
     * @return array<string, list<string>> from the top of the body down
     */
    private static function inTapeOrder(array $readings): array
    {
        $ordered = [];
        foreach (Point::cases() as $point) {
            if (isset($readings[$point->value])) {
                $ordered[$point->value] = $readings[$point->value];
            }
        }

        return $ordered;
    }
}
