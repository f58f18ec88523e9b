<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\User;

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
        makes/     the makes as they were typed, each with its card and its pattern; they can be read in again

        Figures are private: keep this file where nobody else comes.

        TEXT;

    /** A ZIP. */
    public static function of(User $user): string
    {
        return Archive::of(self::files($user));
    }

    /** @return iterable<string, string> contents by name; the number tells those of one name apart */
    private static function files(User $user): iterable
    {
        yield 'read-me.txt' => self::READ_ME;
        yield 'account.json' => RecordFiles::json(['name' => $user->name, 'email' => $user->email, 'unit' => $user->unit->value]);
        foreach ($user->wearers()->with('cards')->get() as $wearer) {
            $folder = 'wearers/'.self::named($wearer->id, $wearer->name);
            yield "{$folder}/wearer.json" => RecordFiles::json([
                ...$wearer->kept(),
                'cards' => array_values($wearer->cards->map(static fn (Card $card): array => $card->kept())->all()),
            ]);
            yield "{$folder}/cards.json" => RecordFiles::cardsJson($wearer);
        }
        foreach ($user->patterns()->with('nests')->get() as $pattern) {
            $name = self::named($pattern->id, $pattern->name);
            yield "patterns/{$name}.json" => RecordFiles::pattern($pattern);
            foreach ($pattern->nests as $nest) {
                yield "nests/{$name}-{$nest->piece}.json" => RecordFiles::json(['drawing' => $nest->lines()] + $nest->kept());
            }
            if (get_object_vars($pattern->company) !== []) {
                yield "company/{$name}.json" => RecordFiles::json(['pattern' => $pattern->name, 'company' => $pattern->company]);
            }
        }
        foreach ($user->houses()->get() as $house) {
            yield 'houses/'.self::named($house->id, $house->name).'.json' => RecordFiles::house($house);
        }
        foreach ($user->makes()->with('card.readings', 'card.wearer', 'pattern')->get() as $make) {
            $name = self::named($make->id, "{$make->card->wearer->name} {$make->pattern->name}");
            yield "makes/{$name}.make.json" => RecordFiles::make($make);
        }
    }

    private static function named(int $id, string $name): string
    {
        return trim("{$id}-".FileName::of($name), '-');
    }
}
