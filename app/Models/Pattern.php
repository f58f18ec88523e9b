<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use stdClass;
use Underbolt\File\HouseHabits;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern as CorePattern;

/**
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $house
 * @property Unit $unit the unit its figures were printed in
 * @property stdClass $document the `pattern` part of a make file, as typed, faults and all
 * @property Collection<int, Nest> $nests
 * @property int $company_version grows by one with every change of the company sheet
 * @property stdClass $company its company sheet as it was left: see `App\Records\PatternCompany`
 */
final class Pattern extends Model
{
    use Binnable;
    use Keeps;
    use OwnedByUser;
    use Versioned;

    public const KEPT = ['name', 'house', 'unit', 'document', 'company', 'is_demo'];

    public const BELONGS_TO = ['user_id'];

    protected $attributes = ['house' => '', 'version' => 1, 'company' => '{}', 'company_version' => 1];

    /** @return HasMany<Nest, $this> */
    public function nests(): HasMany
    {
        return $this->hasMany(Nest::class);
    }

    /**
     * Keeps a company sheet, if the one before still is as it was seen.
     *
     * @return bool false, and nothing is changed, where it has changed since
     */
    public function keepCompany(stdClass $company, int $seen): bool
    {
        $kept = json_encode($company, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
        $changed = self::query()->whereKey($this->id)->where('company_version', $seen)->update(['company' => $kept, 'company_version' => $seen + 1]);
        $this->refresh();

        return $changed === 1;
    }

    /** Null where not even the sizes can be read. What the pattern leaves out, its house's habits say. */
    public function toCore(FaultLog $log): ?CorePattern
    {
        return app(PatternsRead::class)->of($this->filled(), $this->unit, $log);
    }

    /** The document with the house's habits where it says nothing of its own. */
    public function filled(): stdClass
    {
        $house = $this->house === '' ? null : House::query()->where('user_id', $this->user_id)->where('name', $this->house)->first();

        return $house === null ? $this->document : HouseHabits::into($this->document, $house->habits, $house->unit);
    }

    /** The document as it stands in a file, with the name it is kept under. */
    public function named(): stdClass
    {
        $names = array_filter(['name' => $this->name, 'house' => $this->house], static fn (string $name): bool => $name !== '');

        return (object) ($names + get_object_vars($this->filled()));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => Unit::class, 'document' => 'object', 'company' => 'object', 'version' => 'integer', 'company_version' => 'integer'];
    }
}
