<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * A code that opens an account once to a new password. Only what it is recognised by is kept.
 *
 * @property int $id
 * @property int $user_id
 * @property string $hash
 */
final class RecoveryCode extends Model
{
    public const MANY = 10;

    /** Letters and figures that nobody takes for another, 31 of them: twelve make 59 bits. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    private const LONG = 12;

    public $timestamps = false;

    protected $fillable = ['user_id', 'hash'];

    /** @return list<string> new ones in the place of all before, to be shown this once */
    public static function make(User $user): array
    {
        $codes = [];
        while (count($codes) < self::MANY) {
            $letters = array_map(static fn (): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, self::LONG));
            $codes[] = implode('-', str_split(implode('', $letters), 4));
        }
        DB::transaction(static function () use ($user, $codes): void {
            self::query()->where('user_id', $user->id)->delete();
            foreach ($codes as $code) {
                self::query()->create(['user_id' => $user->id, 'hash' => self::hash($code)]);
            }
        });

        return $codes;
    }

    /** Whether it is one of the account's; it is good no more. */
    public static function use(?User $user, string $typed): bool
    {
        // Asked for nobody as well: it takes as long.
        return self::query()->where('user_id', $user->id ?? 0)->where('hash', self::hash($typed))->delete() === 1;
    }

    private static function hash(string $typed): string
    {
        return hash_hmac('sha256', (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($typed)), config()->string('app.key'));
    }
}
