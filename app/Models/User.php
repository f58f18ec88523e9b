<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use stdClass;
use Underbolt\Altering\PaperWay;
use Underbolt\Measure\Unit;
use Underbolt\Paper\PageFormat;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password hashed
 * @property Unit $unit the unit figures are shown in first
 * @property PageFormat $paper that the printer holds: A4 or US Letter
 * @property ?PageFormat $drawn_on  what strips and pieces are drawn on, where that is another
 * @property PaperWay $to_cloth how a line usually gets from the pattern to the cloth
 * @property array<string, array{box: int, due: string}> $practice by exercise: its box, and the day from which it is asked again
 * @property array<string, array<string, KeptHand>> $hands what hands that measure have shown, by name and point
 *
 * @phpstan-import-type KeptHand from HandPoint
 */
final class User extends Authenticatable
{
    /** What is chosen once and holds for all that is made. */
    public const SETTINGS = ['unit', 'paper', 'drawn_on', 'to_cloth', 'practice'];

    protected $fillable = ['name', 'email', 'password', 'unit', 'paper', 'drawn_on', 'to_cloth', 'practice', 'hands'];

    protected $hidden = ['password', 'remember_token'];

    protected $attributes = ['unit' => 'cm', 'paper' => 'a4', 'drawn_on' => null, 'to_cloth' => 'trace', 'practice' => '{}', 'hands' => '{}'];

    /** @return HasMany<Wearer, $this> */
    public function wearers(): HasMany
    {
        return $this->hasMany(Wearer::class);
    }

    /**
     * A new wearer, with a card to be filled in.
     *
     * @param  array<string, mixed>  $card  what it keeps beside its readings
     */
    public function measures(string $wearer, array $card): Card
    {
        return $this->wearers()->create(['name' => $wearer])->cards()->create(['user_id' => $this->id, ...$card]);
    }

    /** @return HasMany<Pattern, $this> */
    public function patterns(): HasMany
    {
        return $this->hasMany(Pattern::class);
    }

    /** @return HasMany<House, $this> */
    public function houses(): HasMany
    {
        return $this->hasMany(House::class);
    }

    /** @return HasMany<Make, $this> */
    public function makes(): HasMany
    {
        return $this->hasMany(Make::class);
    }

    /** @return HasMany<Device, $this> */
    public function devices(): HasMany
    {
        return $this->hasMany(Device::class);
    }

    /** @return HasMany<BinEntry, $this> */
    public function binEntries(): HasMany
    {
        return $this->hasMany(BinEntry::class);
    }

    /**
     * By an address as it is typed: letters' case counts only where two accounts differ in nothing else, as they could once.
     */
    public static function called(string $address): ?self
    {
        return self::query()->where('email', $address)->first() ?? self::query()->where('email', mb_strtolower($address))->first();
    }

    /** @return array{unit: string, paper: string, drawn_on: ?string, to_cloth: string, practice: object} as they stand in a file */
    public function settings(): array
    {
        return ['unit' => $this->unit->value, 'paper' => $this->paper->value, 'drawn_on' => $this->drawn_on?->value, 'to_cloth' => $this->to_cloth->value, 'practice' => (object) $this->practice];
    }

    /** Whether nobody has put in anything yet. */
    public function isEmpty(): bool
    {
        return ! $this->wearers()->exists() && ! $this->patterns()->exists();
    }

    /** What a new make begins with. */
    public function usualChoices(): stdClass
    {
        return (object) ($this->to_cloth === PaperWay::Trace ? [] : ['paper' => $this->to_cloth->value]);
    }

    /** What is chosen of one make is the habit from then on. */
    public function getsToCloth(?PaperWay $way): void
    {
        if ($way !== null && $way !== $this->to_cloth) {
            $this->update(['to_cloth' => $way]);
        }
    }

    /** Who stayed signed in somewhere with the old one stays no longer. */
    public function changePassword(string $password): void
    {
        $this->forceFill(['password' => $password, 'remember_token' => null])->save();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'unit' => Unit::class, 'paper' => PageFormat::class, 'drawn_on' => PageFormat::class, 'to_cloth' => PaperWay::class, 'practice' => 'array', 'hands' => 'array'];
    }
}
