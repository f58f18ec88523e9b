<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\User;
use App\Records\Whole\RecordsFile;

/** All that a user keeps here, to be taken away. */
final class Everything
{
    private const READ_ME = <<<'TEXT'
        Everything that was kept in this workroom, but for what is in its bin.

        wearers/   of each wearer what was said, and all cards; "Cards from a CSV or JSON file" on a wearer's page reads them in again
        patterns/  the patterns as they were typed
        nests/     the patterns' own lines, and what is marked on them
        company/   who a pattern is made for, and what is chosen for all
        houses/    what the houses do alike in all their patterns
        records.json  all of it in one; "Bring everything back" under Account reads this file in again, here or elsewhere

        makes/     the makes as they were typed, each with its card and its pattern; they can be read in again

        Figures are private: keep this file where nobody else comes.

        TEXT;

    /** A ZIP. */
    public static function of(User $user): string
    {
        return Archive::of(self::files($user));
    }

    /** @return iterable<string, string> contents by name; the number tells those of one name apart, and is nobody's outside this file */
    private static function files(User $user): iterable
    {
        yield 'read-me.txt' => self::READ_ME;
        yield 'records.json' => RecordsFile::of($user);
        yield 'account.json' => RecordFiles::json(['name' => $user->name, 'email' => $user->email, 'unit' => $user->unit->value]);
        $numbers = [];
        foreach ($user->wearers()->with('cards')->get()->sortBy('id') as $wearer) {
            $numbers[$wearer->id] = count($numbers) + 1;
            $folder = 'wearers/'.self::named($numbers[$wearer->id], $wearer->name);
            yield "{$folder}/wearer.json" => RecordFiles::json([
                ...$wearer->kept(),
                'cards' => array_values($wearer->cards->map(static fn (Card $card): array => $card->kept())->all()),
            ]);
            yield "{$folder}/cards.json" => RecordFiles::cardsJson($wearer);
        }
        foreach (array_values($user->patterns()->with('nests')->get()->sortBy('id')->all()) as $place => $pattern) {
            $name = self::named($place + 1, $pattern->name);
            yield "patterns/{$name}.json" => RecordFiles::pattern($pattern);
            foreach ($pattern->nests as $nest) {
                yield "nests/{$name}-{$nest->piece}.json" => RecordFiles::json(['drawing' => $nest->lines()] + $nest->kept());
            }
            if (get_object_vars($pattern->company) !== []) {
                yield "company/{$name}.json" => RecordFiles::json(['pattern' => $pattern->name, 'company' => RecordsFile::renumbered($pattern->company, $numbers)]);
            }
        }
        foreach (array_values($user->houses()->get()->sortBy('id')->all()) as $place => $house) {
            yield 'houses/'.self::named($place + 1, $house->name).'.json' => RecordFiles::house($house);
        }
        foreach (array_values($user->makes()->with('card.readings', 'card.wearer', 'pattern')->get()->sortBy('id')->all()) as $place => $make) {
            $name = self::named($place + 1, "{$make->card->wearer->name} {$make->pattern->name}");
            yield "makes/{$name}.make.json" => RecordFiles::make($make);
        }
    }

    private static function named(int $number, string $name): string
    {
        return trim("{$number}-".FileName::of($name), '-');
    }
}
