<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/**
 * A browser in which an account is signed in. It is known by its session, and where it stays signed in by a token of its own.
 *
 * @property int $id
 * @property int $user_id
 * @property string $token what the browser's own is recognised by
 * @property string $agent what it is, in words: `Firefox on Linux`
 * @property CarbonImmutable $seen_at
 */
final class Device extends Model
{
    public const COOKIE = 'underbolt_device';

    /** In a session. */
    public const KEY = 'device';

    private const BROWSERS = ['Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'SamsungBrowser' => 'Samsung browser', 'Chrome' => 'Chrome', 'Safari' => 'Safari'];

    private const SYSTEMS = ['iPhone' => 'iPhone', 'iPad' => 'iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Mac OS' => 'Mac', 'CrOS' => 'Chromebook', 'Linux' => 'Linux'];

    protected $fillable = ['user_id', 'token', 'agent', 'seen_at'];

    /** @return array{self, string} the device, and the token that its browser keeps */
    public static function begin(User $user, Request $request): array
    {
        $token = Str::random(40);
        $device = self::query()->create(['user_id' => $user->id, 'token' => hash('sha256', $token), 'agent' => self::words((string) $request->userAgent()), 'seen_at' => CarbonImmutable::now()]);

        return [$device, $token];
    }

    private static function words(string $agent): string
    {
        $browser = self::named($agent, self::BROWSERS) ?? 'A browser';
        $system = self::named($agent, self::SYSTEMS);

        return $system === null ? $browser : "{$browser} on {$system}";
    }

    /** @param  array<string, string>  $known  by what a browser says of itself; the more exact first */
    private static function named(string $agent, array $known): ?string
    {
        foreach ($known as $mark => $name) {
            if (str_contains($agent, $mark)) {
                return $name;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'immutable_datetime'];
    }
}
