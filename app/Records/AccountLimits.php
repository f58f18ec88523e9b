<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Wearer;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** How much one account holds, typed or brought back: far more than any workroom, and no more than a small server bears. */
final class AccountLimits
{
    public const CARDS_OF_A_WEARER = 1_500;

    public const READINGS_OF_A_CARD = 250;

    public const WEARERS_OF_A_COMPANY = 500;

    /** Begun in one day, all kinds together. */
    private const A_DAY = 5_000;

    private const DAY_SECONDS = 86_400;

    private const MOST = ['account' => 1, 'hand' => 200, 'house' => 500, 'wearer' => 2_000, 'pattern' => 2_000, 'make' => 10_000];

    /** @return ?int of records of a kind; null of one that is not known */
    public static function most(string $kind): ?int
    {
        return self::MOST[$kind] ?? null;
    }

    /**
     * @return true
     *
     * @throws ValidationException where there is no room for one more
     */
    public static function makeRoom(Wearer|Card|Pattern|Make|House|Nest $record): bool
    {
        $kind = strtolower(class_basename($record));
        $most = $record instanceof Card ? self::CARDS_OF_A_WEARER : self::most($kind);
        // A drawing takes the place of another.
        if ($most !== null && app(RoomTaken::class)->before($record) >= $most) {
            throw ValidationException::withMessages([$kind => "There are {$most} {$kind}s here already, those in the bin counted, and no more can be kept. Let some go for good first."]);
        }
        // A command that whoever runs the server gives, such as laying the demo out, is nobody's day.
        $isCommand = app()->runningInConsole() && ! app()->runningUnitTests();
        if (! $isCommand && RateLimiter::attempt("begun {$record->user_id}", self::A_DAY, static fn (): bool => true, self::DAY_SECONDS) === false) {
            throw ValidationException::withMessages([$kind => 'So much was begun here today that no more can be taken until tomorrow. What was kept stays.']);
        }

        return true;
    }

    /**
     * @param  array<string, int>  $many  how many there would be, by kind
     *
     * @throws ValidationException where that is more than can be kept
     */
    public static function allow(array $many): void
    {
        foreach ($many as $kind => $count) {
            $most = self::most($kind) ?? 0;
            if ($count > $most) {
                throw ValidationException::withMessages(['file' => "With these there would be {$count} {$kind}s here, and no more than {$most} can be kept."]);
            }
        }
    }
}
