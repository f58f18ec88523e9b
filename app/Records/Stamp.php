<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Make;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** All that the papers of a make are made from, as one word: where it is the same, so are they. */
final class Stamp
{
    /** A card grows old and a sheet bears its day: with another day it is another. */
    public static function of(Make $make, User $user, CarbonImmutable $today): string
    {
        $pattern = $make->pattern;
        $house = DB::table('houses')->where('user_id', $make->user_id)->where('name', $pattern->house)->get(['unit', 'habits']);
        $readings = DB::table('readings')->where('card_id', $make->card_id)->orderBy('id')->get();
        $nests = DB::table('nests')->where('pattern_id', $pattern->id)->orderBy('id')->get(['id', 'piece', 'version', 'marks']);

        return self::word(
            $make->getAttributes(), $make->card->getAttributes(), $make->card->wearer->getAttributes(), $pattern->getAttributes(), $user->only('unit', 'paper'),
            $house, $readings, $nests, $today->toDateString(),
        );
    }

    /** Of all that something is made from one word. */
    public static function word(mixed ...$parts): string
    {
        return hash('xxh128', (string) json_encode($parts, JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
