<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\User;
use App\Records\Whole\RecordsFile;

/** All that a user keeps here, to be taken away. */
final class Everything
{
    private const AT_ONCE = 100;

    private const READ_ME = <<<'TEXT'
        Everything that was kept in this workroom, but for what is in its bin.

        wearers/   of each wearer what was said, and all cards; "Cards from a CSV or JSON file" on a wearer's page reads them in again
        patterns/  the patterns as they were typed
        nests/     the patterns' own lines, and what is marked on them
        company/   who a pattern is made for, and what is chosen for all
        houses/    what the houses do alike in all their patterns
        records.jsonl  all of it in one, but for the drawings in nests/; "Bring everything back" under Account reads it in again, here or elsewhere

        makes/     the makes as they were typed, each with its card and its pattern; they can be read in again

        Figures are private: keep this file where nobody else comes.

        TEXT;

    /** @return string the path of a ZIP, to be deleted by whoever asked */
    public static function file(User $user): string
    {
        return Archive::file(self::files($user));
    }

    /** @return iterable<string, string> contents by name; the number tells those of one name apart, and is nobody's outside this file */
    private static function files(User $user): iterable
    {
        yield 'read-me.txt' => self::READ_ME;
        yield RecordsFile::NAME => RecordsFile::of($user);
        yield 'account.json' => RecordFiles::json(['name' => $user->name, 'email' => $user->email, 'unit' => $user->unit->value]);
        $numbers = [];
        foreach ($user->wearers()->with('cards')->lazyById(self::AT_ONCE) as $wearer) {
            $numbers[$wearer->id] = count($numbers) + 1;
            $folder = 'wearers/'.RecordsFile::named($numbers[$wearer->id], $wearer->name);
            yield "{$folder}/wearer.json" => RecordFiles::json([
                ...$wearer->kept(),
                'cards' => array_values($wearer->cards->map(static fn (Card $card): array => $card->kept())->all()),
            ]);
            yield "{$folder}/cards.json" => RecordFiles::cardsJson($wearer);
        }
        $place = 0;
        foreach ($user->patterns()->lazyById(self::AT_ONCE) as $pattern) {
            $name = RecordsFile::named($place + 1, $pattern->name);
            yield "patterns/{$name}.json" => RecordFiles::pattern($pattern);
            foreach ($pattern->nests()->lazyById(1) as $nest) {
                yield RecordsFile::nestFile($place, $pattern->name, $nest->piece) => RecordFiles::json(['drawing' => $nest->lines()] + $nest->kept());
            }
            if (get_object_vars($pattern->company) !== []) {
                yield "company/{$name}.json" => RecordFiles::json(['pattern' => $pattern->name, 'company' => RecordsFile::renumbered($pattern->company, $numbers)]);
            }
            $place++;
        }
        foreach (array_values($user->houses()->get()->sortBy('id')->all()) as $at => $house) {
            yield 'houses/'.RecordsFile::named($at + 1, $house->name).'.json' => RecordFiles::house($house);
        }
        $at = 0;
        foreach ($user->makes()->with('card.readings', 'card.wearer', 'pattern')->lazyById(self::AT_ONCE) as $make) {
            $name = RecordsFile::named(++$at, "{$make->card->wearer->name} {$make->pattern->name}");
            yield "makes/{$name}.make.json" => RecordFiles::make($make);
        }
    }
}
